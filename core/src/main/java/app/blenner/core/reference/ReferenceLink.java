package app.blenner.core.reference;

import app.blenner.core.document.PlainText;

/**
 * A pattern of codes with the address each leads to.
 *
 * @param name what such a code is, as {@code Station}
 * @param pattern the codes, as a regular expression in RE2's syntax, which never takes more than linear time
 * @param address where a code leads to: {@code {0}} stands for the whole code, {@code {1}} and so on for its groups
 */
public record ReferenceLink(String name, String pattern, String address) {
  public ReferenceLink {
    name = PlainText.toLine(name);
    pattern = PlainText.toLine(pattern);
    address = PlainText.toLine(address);
  }
}

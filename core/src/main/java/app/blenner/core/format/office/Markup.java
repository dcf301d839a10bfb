package app.blenner.core.format.office;

import app.blenner.core.document.PlainText;

/** XML as it is written. */
public final class Markup {
  private final StringBuilder out = new StringBuilder();

  /** Characters that are markup already. */
  public Markup raw(String markup) {
    out.append(markup);
    return this;
  }

  /** Characters of a text. */
  public Markup text(String text) {
    out.append(escaped(text));
    return this;
  }

  /** Characters as text or as the value of an attribute; what XML 1.0 forbids is left out. */
  public static String escaped(String text) {
    return PlainText.legal(text)
        .replaceAll("[\\x{0}-\\x{8}\\x{B}\\x{C}\\x{E}-\\x{1F}\\x{FFFE}\\x{FFFF}]", "")
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  public int length() {
    return out.length();
  }

  @Override
  public String toString() {
    return out.toString();
  }
}

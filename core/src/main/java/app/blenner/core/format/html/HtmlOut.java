package app.blenner.core.format.html;

import app.blenner.core.document.Escaping;
import java.util.Arrays;
import java.util.stream.Collectors;

/** A stretch of HTML that is being written. */
public final class HtmlOut {
  private final StringBuilder out = new StringBuilder(1024);

  /** Begins an opening tag; attributes may follow, then {@link #endOpen()}. */
  public HtmlOut open(String name) {
    out.append('<').append(name);
    return this;
  }

  /** Adds an attribute to the tag that is being opened. */
  public HtmlOut attribute(String name, String value) {
    Escaping.writeAttribute(out, name, value);
    return this;
  }

  /** Adds an attribute unless its value is empty. */
  public HtmlOut attributeIf(String name, String value) {
    return value.isEmpty() ? this : attribute(name, value);
  }

  /** Ends an opening tag. */
  public HtmlOut endOpen() {
    out.append('>');
    return this;
  }

  /** An opening tag without attributes. */
  public HtmlOut tag(String name) {
    return open(name).endOpen();
  }

  /** A closing tag. Gives null so that a visit can end with it. */
  public Void close(String name) {
    out.append("</").append(name).append('>');
    return null;
  }

  /** Characters, escaped. */
  public HtmlOut text(String text) {
    Escaping.writeText(out, text);
    return this;
  }

  /** Markup as it is. */
  public HtmlOut markup(String html) {
    out.append(html);
    return this;
  }

  /** A new line. */
  public void line() {
    out.append('\n');
  }

  /** ElementText with a space between them, empty ones left out. */
  public static String words(String... words) {
    return Arrays.stream(words).filter(w -> !w.isEmpty()).collect(Collectors.joining(" "));
  }

  @Override
  public String toString() {
    return out.toString();
  }
}

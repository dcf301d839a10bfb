package app.blenner.core.document;

/** What characters a text may hold, and how white space in it counts. */
public final class PlainText {
  private PlainText() {}

  /**
   * The text without what the HTML Living Standard forbids in one: control characters other than
   * white space, noncharacters, and halves of surrogate pairs. Carriage returns become line feeds.
   */
  public static String legal(String text) {
    int length = text.length();
    for (int i = 0; i < length; i++) {
      char c = text.charAt(i);
      if (c >= ' ' && c < 0x7F) {
        continue; // nearly all of them
      }
      if ((c < ' ' && c != '\n' && c != '\t') || (c >= 0x7F && c <= 0x9F) || c >= 0xD800) {
        return legalised(text);
      }
    }
    return text;
  }

  private static String legalised(String text) {
    StringBuilder out = new StringBuilder(text.length());
    text.codePoints()
        .forEach(
            c -> {
              if (c == '\r') {
                out.append('\r');
              } else if (c == '\f') {
                out.append(' ');
              } else if (c >= 0xD800 && c <= 0xDFFF) {
                out.append('\uFFFD');
              } else if (!isForbidden(c)) {
                out.appendCodePoint(c);
              }
            });
    return out.toString().replace("\r\n", "\n").replace('\r', '\n');
  }

  private static boolean isForbidden(int c) {
    boolean control = (c < ' ' && c != '\n' && c != '\t') || (c >= 0x7F && c <= 0x9F);
    boolean noncharacter = (c & 0xFFFE) == 0xFFFE || (c >= 0xFDD0 && c <= 0xFDEF);
    return control || noncharacter;
  }

  /** One line of plain text: legal, white space collapsed to single spaces, none at the ends. */
  public static String toLine(String text) {
    if (text == null || text.isEmpty()) {
      return "";
    }
    String legal = legal(text);
    StringBuilder out = new StringBuilder(legal.length());
    boolean space = false;
    for (int i = 0; i < legal.length(); i++) {
      char c = legal.charAt(i);
      if (isSpace(c)) {
        space = out.length() > 0;
      } else {
        if (space) {
          out.append(' ');
          space = false;
        }
        out.append(c);
      }
    }
    return out.toString();
  }

  /** Whether HTML collapses this character (ASCII white space; a no-break space is not one). */
  public static boolean isSpace(char c) {
    return c <= ' ' && (c == ' ' || c == '\n' || c == '\t' || c == '\r' || c == '\f');
  }
}

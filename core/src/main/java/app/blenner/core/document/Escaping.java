package app.blenner.core.document;

/**
 * Escaping as in the fragment serialisation of the HTML Living Standard (section 13.3), so that what
 * Blenner writes is what a browser gives back for the same tree.
 */
public final class Escaping {
  private Escaping() {}

  /** Appends characters as the text of an element. */
  public static void writeText(StringBuilder out, String text) {
    append(out, text, false);
  }

  /** Appends {@code name="value"} with a space before it. */
  public static void writeAttribute(StringBuilder out, String name, String value) {
    out.append(' ').append(name).append("=\"");
    append(out, value, true);
    out.append('"');
  }

  private static void append(StringBuilder out, String text, boolean inAttribute) {
    int from = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if ((c > '>' && c != '\u00A0') || c == ' ') {
        continue; // nearly all of them
      }
      String name =
          switch (c) {
            case '&' -> "&amp;";
            case '<' -> "&lt;";
            case '>' -> "&gt;";
            case '\u00A0' -> "&nbsp;";
            case '"' -> inAttribute ? "&quot;" : null;
            default -> null;
          };
      if (name != null) {
        out.append(text, from, i).append(name);
        from = i + 1;
      }
    }
    out.append(text, from, text.length());
  }
}

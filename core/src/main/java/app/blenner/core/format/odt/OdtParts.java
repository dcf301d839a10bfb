package app.blenner.core.format.odt;

import app.blenner.core.document.NumberedList;
import app.blenner.core.format.office.Markup;
import app.blenner.core.format.office.Media;
import java.util.List;
import java.util.Map;

/** The parts of a file around its text. */
final class OdtParts {
  static final String TYPE = "application/vnd.oasis.opendocument.text";
  private static final String HEAD = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
  private static final String NAMES =
      " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
          + " xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\""
          + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\""
          + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
          + " xmlns:draw=\"urn:oasis:names:tc:opendocument:xmlns:drawing:1.0\""
          + " xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\""
          + " xmlns:svg=\"urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0\""
          + " xmlns:xlink=\"http://www.w3.org/1999/xlink\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\""
          + " xmlns:meta=\"urn:oasis:names:tc:opendocument:xmlns:meta:1.0\" office:version=\"1.3\"";
  private static final String FONTS =
      "<office:font-face-decls><style:font-face style:name=\"Liberation Serif\" svg:font-family=\"'Liberation Serif'\"/>"
          + "<style:font-face style:name=\"Liberation Mono\" svg:font-family=\"'Liberation Mono'\" style:font-pitch=\"fixed\"/></office:font-face-decls>";

  private OdtParts() {}

  static String manifest(Map<String, Media.File> pictures) {
    StringBuilder out = new StringBuilder(HEAD);
    out.append(
        "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\" manifest:version=\"1.3\">");
    file(out, "/", TYPE);
    for (String part : new String[] {"content.xml", "styles.xml", "meta.xml"}) {
      file(out, part, "text/xml");
    }
    pictures.forEach((name, p) -> file(out, "Pictures/" + name, p.mediaType()));
    return out.append("</manifest:manifest>").toString();
  }

  private static void file(StringBuilder out, String path, String type) {
    out.append(
        "<manifest:file-entry manifest:full-path=\""
            + Markup.escaped(path)
            + "\" manifest:media-type=\""
            + type
            + "\"/>");
  }

  /**
   * What a paragraph has beyond a named style.
   *
   * @param parent the named style
   * @param align how its lines stand, as the format says it, or empty
   * @param turned whether they run from the right
   */
  record Lines(String parent, String align, boolean turned) {}

  static String contentPart(
      String text, Map<String, String> looks, Map<Lines, String> lines, List<NumberedList> lists) {
    StringBuilder out =
        new StringBuilder(
            HEAD + "<office:document-content" + NAMES + ">" + FONTS + "<office:automatic-styles>");
    lines.forEach(
        (l, name) ->
            out.append(
                "<style:style style:name=\""
                    + name
                    + "\" style:family=\"paragraph\" style:parent-style-name=\""
                    + l.parent()
                    + "\"><style:paragraph-properties"
                    + (l.align().isEmpty() ? "" : " fo:text-align=\"" + l.align() + "\"")
                    + (l.turned() ? " style:writing-mode=\"rl-tb\"" : "")
                    + "/></style:style>"));
    looks.forEach(
        (properties, name) ->
            out.append(
                "<style:style style:name=\""
                    + name
                    + "\" style:family=\"text\"><style:text-properties"
                    + properties
                    + "/></style:style>"));
    out.append(
        "<style:style style:name=\"Wide\" style:family=\"table\"><style:table-properties style:width=\"16cm\" table:align=\"left\"/></style:style>");
    out.append(
        "<style:style style:name=\"Cell\" style:family=\"table-cell\"><style:table-cell-properties fo:padding=\"0.1cm\" fo:border=\"0.5pt solid #000000\"/></style:style>");
    for (int i = 0; i < lists.size(); i++) {
      list(out, "L" + (i + 1), lists.get(i));
    }
    out.append("</office:automatic-styles><office:body><office:text>").append(text);
    return out.append("</office:text></office:body></office:document-content>").toString();
  }

  private static void list(StringBuilder out, String name, NumberedList numbered) {
    out.append("<text:list-style style:name=\"" + name + "\">");
    for (int level = 1; level <= 10; level++) {
      String at = " text:level=\"" + level + "\"";
      String kind =
          numbered == null ? "text:list-level-style-bullet" : "text:list-level-style-number";
      String how =
          numbered == null
              ? " text:bullet-char=\"•\""
              : " style:num-format=\""
                  + numbered.numbering().type()
                  + "\" style:num-suffix=\".\" text:start-value=\""
                  + Math.max(1, numbered.start())
                  + "\"";
      out.append(
          "<"
              + kind
              + at
              + how
              + "><style:list-level-properties text:space-before=\""
              + (level * 6 - 1)
              + "mm\" text:min-label-width=\"6mm\"/></"
              + kind
              + ">");
    }
    out.append("</text:list-style>");
  }

  private static final String HEADING =
      " fo:margin-top=\"0.6cm\" fo:margin-bottom=\"0.2cm\" fo:keep-with-next=\"always\"";

  private static final String BOLD = " fo:font-weight=\"bold\"";

  /** The styles of a file, by the names that word processors give them (OpenDocument 1.3 part 3, 16.2). */
  private static final List<ParagraphStyle> STYLES =
      List.of(
          new ParagraphStyle("Standard", "Standard", "", "", "", 0),
          new ParagraphStyle(
              "Text_20_body", "Text body", "Standard", " fo:margin-bottom=\"0.3cm\"", "", 0),
          new ParagraphStyle(
              "Title",
              "Title",
              "Standard",
              " fo:margin-bottom=\"0.4cm\"",
              " fo:font-size=\"24pt\" fo:font-weight=\"bold\"",
              0),
          new ParagraphStyle(
              "Subtitle",
              "Subtitle",
              "Standard",
              " fo:margin-bottom=\"0.4cm\"",
              " fo:font-size=\"14pt\"",
              0),
          new ParagraphStyle(
              "Heading_20_1", "Heading 1", "Standard", HEADING, BOLD + " fo:font-size=\"18pt\"", 1),
          new ParagraphStyle(
              "Heading_20_2", "Heading 2", "Standard", HEADING, BOLD + " fo:font-size=\"15pt\"", 2),
          new ParagraphStyle(
              "Heading_20_3", "Heading 3", "Standard", HEADING, BOLD + " fo:font-size=\"13pt\"", 3),
          new ParagraphStyle(
              "Heading_20_4", "Heading 4", "Standard", HEADING, BOLD + " fo:font-size=\"12pt\"", 4),
          new ParagraphStyle(
              "Heading_20_5", "Heading 5", "Standard", HEADING, BOLD + " fo:font-size=\"12pt\"", 5),
          new ParagraphStyle(
              "Heading_20_6", "Heading 6", "Standard", HEADING, BOLD + " fo:font-size=\"12pt\"", 6),
          new ParagraphStyle(
              "Quotations",
              "Quotations",
              "Standard",
              " fo:margin-left=\"1cm\" fo:margin-right=\"1cm\" fo:margin-bottom=\"0.3cm\"",
              " fo:font-style=\"italic\"",
              0),
          new ParagraphStyle(
              "Caption",
              "Caption",
              "Standard",
              " fo:margin-bottom=\"0.3cm\"",
              " fo:font-size=\"10pt\"",
              0),
          new ParagraphStyle(
              "Preformatted_20_Text",
              "Preformatted Text",
              "Standard",
              "",
              " style:font-name=\"Liberation Mono\" fo:font-size=\"10pt\"",
              0),
          new ParagraphStyle(
              "Callout",
              "Callout",
              "Standard",
              " fo:margin-left=\"0.5cm\" fo:padding-left=\"0.3cm\" fo:border-left=\"3pt solid #575f72\"",
              "",
              0),
          new ParagraphStyle(
              "Horizontal_20_Line",
              "Horizontal Line",
              "Standard",
              " fo:border-bottom=\"0.5pt solid #000000\" fo:margin-bottom=\"0.5cm\"",
              "",
              0));

  /**
   * A style of paragraphs.
   *
   * @param name its name within the file, where a space is written as {@code _20_}
   * @param shown its name as people read it
   * @param parent the name of the style it is based on, or empty
   * @param paragraph its properties as a paragraph, as attributes
   * @param text its properties as text, as attributes
   * @param outline the level of heading it is for; 0 for none
   */
  private record ParagraphStyle(
      String name, String shown, String parent, String paragraph, String text, int outline) {

    void write(StringBuilder out) {
      out.append(
          "<style:style style:name=\""
              + name
              + "\" style:display-name=\""
              + shown
              + "\" style:family=\"paragraph\"");
      out.append(parent.isEmpty() ? "" : " style:parent-style-name=\"" + parent + "\"");
      out.append(outline > 0 ? " style:default-outline-level=\"" + outline + "\"" : "").append(">");
      out.append(paragraph.isEmpty() ? "" : "<style:paragraph-properties" + paragraph + "/>");
      out.append(text.isEmpty() ? "" : "<style:text-properties" + text + "/>");
      out.append("</style:style>");
    }
  }

  static String stylesPart(String language) {
    String[] parts = language.split("-");
    String country = parts.length > 1 && parts[1].length() == 2 ? parts[1] : "none";
    StringBuilder out =
        new StringBuilder(
            HEAD + "<office:document-styles" + NAMES + ">" + FONTS + "<office:styles>");
    out.append(
        "<style:default-style style:family=\"paragraph\"><style:text-properties style:font-name=\"Liberation Serif\" fo:font-size=\"12pt\" fo:language=\""
            + Markup.escaped(parts[0])
            + "\" fo:country=\""
            + Markup.escaped(country)
            + "\"/></style:default-style>");
    STYLES.forEach(style -> style.write(out));
    return out.append("</office:styles></office:document-styles>").toString();
  }

  static String meta(String title, String language) {
    return HEAD
        + "<office:document-meta"
        + NAMES
        + "><office:meta><dc:title>"
        + Markup.escaped(title)
        + "</dc:title><dc:language>"
        + Markup.escaped(language)
        + "</dc:language></office:meta></office:document-meta>";
  }
}

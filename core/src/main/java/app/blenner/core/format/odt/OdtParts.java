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

  static String content(
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

  static String styles(String language) {
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
    style(out, "Standard", "Standard", "", "", "", 0);
    style(out, "Text_20_body", "Text body", "Standard", " fo:margin-bottom=\"0.3cm\"", "", 0);
    style(
        out,
        "Title",
        "Title",
        "Standard",
        " fo:margin-bottom=\"0.4cm\"",
        " fo:font-size=\"24pt\" fo:font-weight=\"bold\"",
        0);
    style(
        out,
        "Subtitle",
        "Subtitle",
        "Standard",
        " fo:margin-bottom=\"0.4cm\"",
        " fo:font-size=\"14pt\"",
        0);
    int[] sizes = {18, 15, 13, 12, 12, 12};
    for (int level = 1; level <= 6; level++) {
      style(
          out,
          "Heading_20_" + level,
          "Heading " + level,
          "Standard",
          " fo:margin-top=\"0.6cm\" fo:margin-bottom=\"0.2cm\" fo:keep-with-next=\"always\"",
          " fo:font-weight=\"bold\" fo:font-size=\"" + sizes[level - 1] + "pt\"",
          level);
    }
    style(
        out,
        "Quotations",
        "Quotations",
        "Standard",
        " fo:margin-left=\"1cm\" fo:margin-right=\"1cm\" fo:margin-bottom=\"0.3cm\"",
        " fo:font-style=\"italic\"",
        0);
    style(
        out,
        "Caption",
        "Caption",
        "Standard",
        " fo:margin-bottom=\"0.3cm\"",
        " fo:font-size=\"10pt\"",
        0);
    style(
        out,
        "Preformatted_20_Text",
        "Preformatted Text",
        "Standard",
        "",
        " style:font-name=\"Liberation Mono\" fo:font-size=\"10pt\"",
        0);
    style(
        out,
        "Callout",
        "Callout",
        "Standard",
        " fo:margin-left=\"0.5cm\" fo:padding-left=\"0.3cm\" fo:border-left=\"3pt solid #575f72\"",
        "",
        0);
    style(
        out,
        "Horizontal_20_Line",
        "Horizontal Line",
        "Standard",
        " fo:border-bottom=\"0.5pt solid #000000\" fo:margin-bottom=\"0.5cm\"",
        "",
        0);
    return out.append("</office:styles></office:document-styles>").toString();
  }

  private static void style(
      StringBuilder out,
      String name,
      String display,
      String parent,
      String paragraph,
      String text,
      int outline) {
    out.append(
        "<style:style style:name=\""
            + name
            + "\" style:display-name=\""
            + display
            + "\" style:family=\"paragraph\"");
    out.append(parent.isEmpty() ? "" : " style:parent-style-name=\"" + parent + "\"");
    out.append(outline > 0 ? " style:default-outline-level=\"" + outline + "\"" : "").append(">");
    out.append(paragraph.isEmpty() ? "" : "<style:paragraph-properties" + paragraph + "/>");
    out.append(text.isEmpty() ? "" : "<style:text-properties" + text + "/>");
    out.append("</style:style>");
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

package app.blenner.core.format.docx;

import app.blenner.core.document.NumberedList;
import app.blenner.core.format.office.Markup;
import app.blenner.core.format.office.Media;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/** The parts of a file beside its text. */
final class DocxParts {
  static final String HEAD = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
  private static final String W =
      " xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"";
  private static final String OFFICE =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
  private static final String MAIN =
      "application/vnd.openxmlformats-officedocument.wordprocessingml.";
  private static final String[] SIGNS = {"•", "◦", "▪"};

  private DocxParts() {}

  static String contentTypes(Collection<Media.File> pictures) {
    StringBuilder out = new StringBuilder(HEAD);
    out.append("<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">");
    out.append(
        "<Default Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>");
    out.append("<Default Extension=\"xml\" ContentType=\"application/xml\"/>");
    for (String[] kind :
        new String[][] {
          {"png", "image/png"}, {"jpg", "image/jpeg"}, {"jpeg", "image/jpeg"}, {"gif", "image/gif"}
        }) {
      out.append("<Default Extension=\"" + kind[0] + "\" ContentType=\"" + kind[1] + "\"/>");
    }
    out.append(
        "<Override PartName=\"/word/document.xml\" ContentType=\""
            + MAIN
            + "document.main+xml\"/>");
    out.append("<Override PartName=\"/word/styles.xml\" ContentType=\"" + MAIN + "styles+xml\"/>");
    out.append(
        "<Override PartName=\"/word/numbering.xml\" ContentType=\"" + MAIN + "numbering+xml\"/>");
    out.append(
        "<Override PartName=\"/docProps/core.xml\" ContentType=\"application/vnd.openxmlformats-package.core-properties+xml\"/>");
    return out.append("</Types>").toString();
  }

  private static String relation(String id, String type, String target, boolean outside) {
    return "<Relationship Id=\""
        + id
        + "\" Type=\""
        + type
        + "\" Target=\""
        + Markup.escaped(target)
        + "\""
        + (outside ? " TargetMode=\"External\"" : "")
        + "/>";
  }

  private static String relations(String inner) {
    return HEAD
        + "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
        + inner
        + "</Relationships>";
  }

  static String relations() {
    return relations(
        relation("main", OFFICE + "officeDocument", "word/document.xml", false)
            + relation(
                "core",
                "http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties",
                "docProps/core.xml",
                false));
  }

  static String pictureId(String asset) {
    return "picture-" + asset.replaceAll("[^A-Za-z0-9]", "-");
  }

  static String links(List<String> links, Set<String> pictures) {
    StringBuilder inner = new StringBuilder();
    inner.append(relation("styles", OFFICE + "styles", "styles.xml", false));
    inner.append(relation("numbering", OFFICE + "numbering", "numbering.xml", false));
    for (int i = 0; i < links.size(); i++) {
      inner.append(relation("link" + (i + 1), OFFICE + "hyperlink", links.get(i), true));
    }
    pictures.forEach(
        p -> inner.append(relation(pictureId(p), OFFICE + "image", "media/" + p, false)));
    return relations(inner.toString());
  }

  static String properties(String title, String language) {
    return HEAD
        + "<cp:coreProperties xmlns:cp=\"http://schemas.openxmlformats.org/package/2006/metadata/core-properties\""
        + " xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><dc:title>"
        + Markup.escaped(title)
        + "</dc:title><dc:language>"
        + Markup.escaped(language)
        + "</dc:language></cp:coreProperties>";
  }

  static String stylesPart(String language) {
    StringBuilder out = new StringBuilder(HEAD + "<w:styles" + W + ">");
    out.append(
        "<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii=\"Liberation Serif\" w:hAnsi=\"Liberation Serif\" w:cs=\"Liberation Serif\"/><w:sz w:val=\"24\"/><w:lang w:val=\""
            + Markup.escaped(language)
            + "\"/></w:rPr></w:rPrDefault>");
    out.append(
        "<w:pPrDefault><w:pPr><w:spacing w:after=\"160\" w:line=\"276\" w:lineRule=\"auto\"/></w:pPr></w:pPrDefault></w:docDefaults>");
    style(out, "Normal", "Normal", "", "", "");
    style(out, "Title", "Title", "Normal", "", "<w:b/><w:sz w:val=\"48\"/>");
    style(out, "Subtitle", "Subtitle", "Normal", "", "<w:sz w:val=\"28\"/>");
    int[] sizes = {36, 30, 26, 24, 24, 24};
    for (int level = 1; level <= 6; level++) {
      style(
          out,
          "Heading" + level,
          "heading " + level,
          "Normal",
          "<w:keepNext/><w:spacing w:before=\"320\" w:after=\"120\"/><w:outlineLvl w:val=\""
              + (level - 1)
              + "\"/>",
          "<w:b/><w:sz w:val=\"" + sizes[level - 1] + "\"/>");
    }
    style(out, "ListParagraph", "List Paragraph", "Normal", "<w:contextualSpacing/>", "");
    style(out, "Quote", "Quote", "Normal", "<w:ind w:left=\"567\" w:right=\"567\"/>", "<w:i/>");
    style(out, "Caption", "caption", "Normal", "", "<w:sz w:val=\"20\"/>");
    style(
        out,
        "HTMLPreformatted",
        "HTML Preformatted",
        "Normal",
        "",
        "<w:rFonts w:ascii=\"Liberation Mono\" w:hAnsi=\"Liberation Mono\" w:cs=\"Liberation Mono\"/><w:sz w:val=\"20\"/>");
    style(
        out,
        "Callout",
        "Callout",
        "Normal",
        "<w:pBdr><w:left w:val=\"single\" w:sz=\"24\" w:space=\"8\" w:color=\"575F72\"/></w:pBdr><w:ind w:left=\"284\"/>",
        "");
    out.append(
        "<w:style w:type=\"character\" w:styleId=\"Hyperlink\"><w:name w:val=\"Hyperlink\"/><w:rPr><w:color w:val=\"0B5D66\"/><w:u w:val=\"single\"/></w:rPr></w:style>");
    out.append(
        "<w:style w:type=\"table\" w:styleId=\"TableGrid\"><w:name w:val=\"Table Grid\"/><w:tblPr><w:tblBorders>");
    for (String side : new String[] {"top", "left", "bottom", "right", "insideH", "insideV"}) {
      out.append("<w:" + side + " w:val=\"single\" w:sz=\"4\" w:space=\"0\" w:color=\"auto\"/>");
    }
    return out.append("</w:tblBorders></w:tblPr></w:style></w:styles>").toString();
  }

  private static void style(
      StringBuilder out, String id, String name, String base, String paragraph, String run) {
    out.append(
        "<w:style w:type=\"paragraph\""
            + (base.isEmpty() ? " w:default=\"1\"" : "")
            + " w:styleId=\""
            + id
            + "\"><w:name w:val=\""
            + name
            + "\"/>");
    out.append(base.isEmpty() ? "" : "<w:basedOn w:val=\"" + base + "\"/>");
    out.append("<w:qFormat/>");
    out.append(paragraph.isEmpty() ? "" : "<w:pPr>" + paragraph + "</w:pPr>");
    out.append(run.isEmpty() ? "" : "<w:rPr>" + run + "</w:rPr>");
    out.append("</w:style>");
  }

  /** The lists of the text. */
  static String numbering(List<DocxList> lists) {
    StringBuilder out = new StringBuilder(HEAD + "<w:numbering" + W + ">");
    for (int i = 0; i < lists.size(); i++) {
      out.append(
          "<w:abstractNum w:abstractNumId=\""
              + (i + 1)
              + "\"><w:multiLevelType w:val=\"multilevel\"/>");
      for (int level = 0; level < 9; level++) {
        NumberedList list = lists.get(i).level(level);
        out.append(
            "<w:lvl w:ilvl=\""
                + level
                + "\"><w:start w:val=\""
                + (list == null ? 1 : list.start())
                + "\"/>");
        out.append("<w:numFmt w:val=\"" + (list == null ? "bullet" : formatOf(list)) + "\"/>");
        out.append(
            "<w:lvlText w:val=\""
                + (list == null ? SIGNS[level % 3] : "%" + (level + 1) + ".")
                + "\"/><w:lvlJc w:val=\"left\"/>");
        out.append(
            "<w:pPr><w:ind w:left=\""
                + 567 * (level + 1)
                + "\" w:hanging=\"340\"/></w:pPr></w:lvl>");
      }
      out.append("</w:abstractNum>");
    }
    for (int i = 1; i <= lists.size(); i++) {
      out.append("<w:num w:numId=\"" + i + "\"><w:abstractNumId w:val=\"" + i + "\"/></w:num>");
    }
    return out.append("</w:numbering>").toString();
  }

  private static String formatOf(NumberedList list) {
    return switch (list.numbering()) {
      case DECIMAL -> "decimal";
      case SMALL_LETTERS -> "lowerLetter";
      case CAPITAL_LETTERS -> "upperLetter";
      case SMALL_ROMAN -> "lowerRoman";
      case CAPITAL_ROMAN -> "upperRoman";
    };
  }
}

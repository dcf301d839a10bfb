package app.blenner.core.format.docx;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Table;
import app.blenner.core.format.office.AddressResolver;
import app.blenner.core.format.office.Markup;
import app.blenner.core.format.office.Media;
import app.blenner.core.format.office.WordWriter;
import app.blenner.core.format.office.ZipParts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes Office Open XML text files (ECMA-376 part 1, transitional). */
public final class DocxWriter extends WordWriter {
  /** English metric units in a pixel, at 96 pixels to the inch (20.1.10.16). */
  private static final int EMU = 9525;

  /** The width of the text on the page, in EMU: 16 cm. */
  private static final long MEASURE = 5_760_000;

  private static final String NAMESPACES =
      " xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\""
          + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\""
          + " xmlns:wp=\"http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing\""
          + " xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\""
          + " xmlns:pic=\"http://schemas.openxmlformats.org/drawingml/2006/picture\"";

  private final Markup out = new Markup();
  private final DocxRuns runs;
  private final Media media;
  private final Map<String, Media.File> pictures = new LinkedHashMap<>();
  private final List<DocxList> lists = new ArrayList<>();
  private final List<String> places = new ArrayList<>();
  private int drawings;
  private String list = "";

  /** The list that is written, from 1; lists within it share it where they can. */
  private int plan;

  private DocxWriter(AddressResolver addresses, Media media) {
    this.media = media;
    this.runs = new DocxRuns(out, addresses);
  }

  /**
   * Writes a text.
   *
   * @param title its title
   * @param summary its summary, or empty
   * @param addresses addresses of the site as they work addresses it
   * @param language a BCP 47 tag
   * @param media where its pictures are
   * @return the file
   */
  public static byte[] write(
      String title,
      String summary,
      Document document,
      AddressResolver addresses,
      String language,
      Media media) {
    DocxWriter writer = new DocxWriter(addresses, media);
    writer.writeText(title, summary, language, document);
    return writer.pack(title, language);
  }

  private byte[] pack(String title, String language) {
    ZipParts zip = new ZipParts();
    zip.add("[Content_Types].xml", DocxParts.contentTypes(pictures.values()));
    zip.add("_rels/.rels", DocxParts.relations());
    zip.add("docProps/core.xml", DocxParts.properties(title, language));
    zip.add(
        "word/document.xml",
        DocxParts.HEAD
            + "<w:document"
            + NAMESPACES
            + "><w:body>"
            + out
            + "<w:sectPr><w:pgSz w:w=\"11906\" w:h=\"16838\"/><w:pgMar w:top=\"1417\" w:right=\"1417\""
            + " w:bottom=\"1417\" w:left=\"1417\" w:header=\"708\" w:footer=\"708\" w:gutter=\"0\"/>"
            + "</w:sectPr></w:body></w:document>");
    zip.add("word/styles.xml", DocxParts.stylesPart(language));
    zip.add("word/numbering.xml", DocxParts.numbering(lists));
    zip.add("word/_rels/document.xml.rels", DocxParts.links(runs.links(), pictures.keySet()));
    pictures.forEach((name, file) -> zip.add("word/media/" + name, file.bytes(), false));
    return zip.toZip();
  }

  private static String styleOf(Style style) {
    return switch (style) {
      case TEXT -> "";
      case TITLE -> "Title";
      case SUMMARY -> "Subtitle";
      case QUOTE -> "Quote";
      case CAPTION -> "Caption";
      case CODE -> "HTMLPreformatted";
      case CALLOUT -> "Callout";
    };
  }

  @Override
  protected void visitParagraph(Style style, List<Inline> content, BlockStyle look) {
    open(styleOf(style), list, linesOf(look));
    runs.write(content);
    out.raw("</w:p>");
  }

  /** Which way lines run, and how they stand; left and right change sides where they run from the right (17.3.1.13). */
  private String linesOf(BlockStyle look) {
    boolean turned = directionOf(look) == Direction.RTL;
    String align =
        switch (look.align()) {
          case LEFT -> turned ? "<w:jc w:val=\"right\"/>" : "";
          case CENTRE -> "<w:jc w:val=\"center\"/>";
          case RIGHT -> turned ? "<w:jc w:val=\"left\"/>" : "<w:jc w:val=\"right\"/>";
          case JUSTIFIED -> "<w:jc w:val=\"both\"/>";
          case START -> "";
        };
    return (turned ? "<w:bidi/>" : "") + align;
  }

  /** Properties stand in the order the schema asks for (17.3.1.26). */
  private void open(String style, String numbering, String align) {
    out.raw("<w:p>");
    String id = style.isEmpty() && !numbering.isEmpty() ? "ListParagraph" : style;
    if (!id.isEmpty() || !numbering.isEmpty() || !align.isEmpty()) {
      out.raw("<w:pPr>");
      if (!id.isEmpty()) {
        out.raw("<w:pStyle w:val=\"" + id + "\"/>");
      }
      out.raw(numbering).raw(align).raw("</w:pPr>");
    }
    places.forEach(this::bookmark);
    places.clear();
    list = "";
  }

  private void bookmark(String name) {
    int id = runs.nextId();
    out.raw("<w:bookmarkStart w:id=\"" + id + "\" w:name=\"" + Markup.escaped(name) + "\"/>");
    out.raw("<w:bookmarkEnd w:id=\"" + id + "\"/>");
  }

  @Override
  protected void visitHeading(int level, String anchor, List<Inline> content, BlockStyle look) {
    if (!anchor.isEmpty()) {
      places.add(anchor);
    }
    // The title of the file stands above; a text's own headings begin at level 2.
    open("Heading" + Math.max(1, level - 1), list, linesOf(look));
    runs.write(content);
    out.raw("</w:p>");
  }

  @Override
  protected void writePlace(String anchor) {
    places.add(anchor);
  }

  @Override
  protected void writeList(NumberedList numbered, List<ListItem> items) {
    int outer = plan;
    int level = Math.min(8, listLevel);
    if (listLevel == 0 || !lists.get(plan - 1).takes(level, numbered)) {
      lists.add(new DocxList());
      plan = lists.size();
    }
    lists.get(plan - 1).put(level, numbered);
    String number =
        "<w:numPr><w:ilvl w:val=\"" + level + "\"/><w:numId w:val=\"" + plan + "\"/></w:numPr>";
    listLevel++;
    for (ListItem item : items) {
      list = number;
      for (Block block : item.blocks()) {
        boolean words = block instanceof Paragraph;
        if (!words && !list.isEmpty()) {
          open("", number, "");
          out.raw("</w:p>");
        }
        block.accept(this);
      }
      list = "";
    }
    listLevel--;
    plan = outer;
  }

  @Override
  protected void writeGrid(Table table) {
    int columns = visitColumns(table);
    Direction said = table.look().direction();
    Direction side = said == Direction.NONE ? around : said;
    writeTurned(said, () -> writeGrid(table, columns, side));
  }

  private void writeGrid(Table table, int columns, Direction side) {
    out.raw(
        "<w:tbl><w:tblPr><w:tblStyle w:val=\"TableGrid\"/>"
            + (side == Direction.RTL ? "<w:bidiVisual/>" : "")
            + "<w:tblW w:w=\"0\" w:type=\"auto\"/><w:tblLook w:val=\"04A0\"/></w:tblPr><w:tblGrid>");
    out.raw(("<w:gridCol w:w=\"" + (columns == 0 ? 0 : 9000 / columns) + "\"/>").repeat(columns));
    out.raw("</w:tblGrid>");
    // For each column the rows that a cell above still covers, and how wide that cell is.
    int[] covered = new int[columns];
    int[] wide = new int[columns];
    for (int r = 0; r < table.rows().size(); r++) {
      out.raw("<w:tr>");
      if (r < table.headerRows()) {
        out.raw("<w:trPr><w:tblHeader/></w:trPr>");
      }
      int c = 0;
      for (Table.Cell cell : table.rows().get(r).cells()) {
        c = skip(c, covered, wide);
        if (cell.rows() > 1) {
          covered[c] = cell.rows();
          wide[c] = cell.columns();
        }
        boolean head = r < table.headerRows() || (c == 0 && table.headerColumn());
        open(cell, head);
        c += cell.columns();
      }
      skip(c, covered, wide);
      out.raw("</w:tr>");
      for (int i = 0; i < columns; i++) {
        covered[i] = Math.max(0, covered[i] - 1);
      }
    }
    // A table that ends a cell or the text must be followed by a paragraph (17.4.37).
    out.raw("</w:tbl><w:p/>");
  }

  private int skip(int from, int[] covered, int[] wide) {
    int c = from;
    while (c < covered.length && covered[c] > 0) {
      out.raw(
          "<w:tc><w:tcPr><w:tcW w:w=\"0\" w:type=\"auto\"/>"
              + spanOf(wide[c])
              + "<w:vMerge/></w:tcPr><w:p/></w:tc>");
      c += wide[c];
    }
    return c;
  }

  private static String spanOf(int columns) {
    return columns > 1 ? "<w:gridSpan w:val=\"" + columns + "\"/>" : "";
  }

  private void open(Table.Cell cell, boolean head) {
    out.raw("<w:tc><w:tcPr><w:tcW w:w=\"0\" w:type=\"auto\"/>").raw(spanOf(cell.columns()));
    out.raw(cell.rows() > 1 ? "<w:vMerge w:val=\"restart\"/>" : "").raw("</w:tcPr>");
    int before = out.length();
    runs.bold(head);
    writeWithin(cell);
    runs.bold(false);
    out.raw(out.length() == before ? "<w:p/>" : "").raw("</w:tc>");
  }

  @Override
  protected void image(Picture picture) {
    String asset = picture.source().assetName();
    Optional<Media.File> file = asset.isEmpty() ? Optional.empty() : media.findFile(asset);
    String words = picture.alternative() == null ? "" : picture.alternative();
    if (file.isEmpty()) {
      instead(picture);
      return;
    }
    pictures.put(asset, file.get());
    long width = Math.max(1, file.get().width()) * (long) EMU;
    long height = Math.max(1, file.get().height()) * (long) EMU;
    if (width > MEASURE) {
      height = Math.max(1, height * MEASURE / width);
      width = MEASURE;
    }
    int id = ++drawings;
    String extent = " cx=\"" + width + "\" cy=\"" + height + "\"/>";
    open("", list, "");
    out.raw(
        "<w:r><w:drawing><wp:inline distT=\"0\" distB=\"0\" distL=\"0\" distR=\"0\"><wp:extent"
            + extent);
    out.raw(
        "<wp:docPr id=\""
            + id
            + "\" name=\""
            + Markup.escaped(asset)
            + "\" descr=\""
            + Markup.escaped(words)
            + "\"/>");
    out.raw(
        "<a:graphic><a:graphicData uri=\"http://schemas.openxmlformats.org/drawingml/2006/picture\"><pic:pic><pic:nvPicPr><pic:cNvPr id=\""
            + id
            + "\" name=\""
            + Markup.escaped(asset)
            + "\"/><pic:cNvPicPr/></pic:nvPicPr>");
    out.raw(
        "<pic:blipFill><a:blip r:embed=\""
            + DocxParts.pictureId(asset)
            + "\"/><a:stretch><a:fillRect/></a:stretch></pic:blipFill>");
    out.raw(
        "<pic:spPr><a:xfrm><a:off x=\"0\" y=\"0\"/><a:ext"
            + extent
            + "</a:xfrm><a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom></pic:spPr></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing></w:r></w:p>");
  }

  @Override
  protected void rule() {
    out.raw(
        "<w:p><w:pPr><w:pBdr><w:bottom w:val=\"single\" w:sz=\"6\" w:space=\"1\" w:color=\"auto\"/></w:pBdr></w:pPr></w:p>");
  }
}

package app.blenner.core.format.odt;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.Mark;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Table;
import app.blenner.core.document.Text;
import app.blenner.core.format.office.AddressResolver;
import app.blenner.core.format.office.Markup;
import app.blenner.core.format.office.Media;
import app.blenner.core.format.office.WordWriter;
import app.blenner.core.format.office.ZipParts;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes OpenDocument text files (OpenDocument 1.3). */
public final class OdtWriter extends WordWriter {
  private final Markup out = new Markup();
  private final AddressResolver addresses;
  private final Media media;
  private final Map<String, Media.File> pictures = new LinkedHashMap<>();

  /** The automatic styles of characters, by their properties. */
  private final Map<String, String> looks = new LinkedHashMap<>();

  /** The automatic styles of paragraphs and headings, by the style they are made of and their properties. */
  private final Map<OdtParts.Lines, String> lines = new LinkedHashMap<>();

  private final List<NumberedList> lists = new ArrayList<>();
  private final List<String> places = new ArrayList<>();
  private int tables;
  private boolean bold;

  private OdtWriter(AddressResolver addresses, Media media) {
    this.addresses = addresses;
    this.media = media;
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
    OdtWriter writer = new OdtWriter(addresses, media);
    writer.writeText(title, summary, language, document);
    ZipParts zip = new ZipParts();
    // The type stands first and unpacked (part 2, 3.3), so that it can be told from the first
    // bytes.
    zip.add("mimetype", OdtParts.TYPE.getBytes(StandardCharsets.US_ASCII), false);
    zip.add("META-INF/manifest.xml", OdtParts.manifest(writer.pictures));
    zip.add(
        "content.xml",
        OdtParts.contentPart(writer.out.toString(), writer.looks, writer.lines, writer.lists));
    zip.add("styles.xml", OdtParts.stylesPart(language));
    zip.add("meta.xml", OdtParts.meta(title, language));
    writer.pictures.forEach((name, file) -> zip.add("Pictures/" + name, file.bytes(), false));
    return zip.toZip();
  }

  private static String styleOf(Style style) {
    return switch (style) {
      case TEXT -> "Text_20_body";
      case TITLE -> "Title";
      case SUMMARY -> "Subtitle";
      case QUOTE -> "Quotations";
      case CAPTION -> "Caption";
      case CODE -> "Preformatted_20_Text";
      case CALLOUT -> "Callout";
    };
  }

  @Override
  protected void visitParagraph(Style style, List<Inline> content, BlockStyle look) {
    out.raw("<text:p text:style-name=\"" + styled(styleOf(style), look) + "\">");
    bookmarks();
    inline(content);
    out.raw("</text:p>");
  }

  /** A style that adds to a named one how lines stand and which way they run; the named one where that is nothing. */
  private String styled(String parent, BlockStyle look) {
    String align =
        switch (look.align()) {
          case LEFT -> directionOf(look) == Direction.RTL ? "left" : "";
          case CENTRE -> "center";
          case RIGHT -> directionOf(look) == Direction.RTL ? "right" : "end";
          case JUSTIFIED -> "justify";
          case START -> "";
        };
    boolean turned = directionOf(look) == Direction.RTL;
    return align.isEmpty() && !turned
        ? parent
        : lines.computeIfAbsent(
            new OdtParts.Lines(parent, align, turned), l -> "P" + (lines.size() + 1));
  }

  private void bookmarks() {
    places.forEach(p -> out.raw("<text:bookmark text:name=\"" + Markup.escaped(p) + "\"/>"));
    places.clear();
  }

  @Override
  protected void visitHeading(int level, String anchor, List<Inline> content, BlockStyle look) {
    int at = Math.max(1, level - 1);
    String name = styled("Heading_20_" + at, look);
    out.raw("<text:h text:style-name=\"" + name + "\" text:outline-level=\"" + at + "\">");
    if (!anchor.isEmpty()) {
      places.add(anchor);
    }
    bookmarks();
    inline(content);
    out.raw("</text:h>");
  }

  @Override
  protected void writePlace(String anchor) {
    places.add(anchor);
  }

  @Override
  protected void writeList(NumberedList numbered, List<ListItem> items) {
    lists.add(numbered);
    String own = " text:style-name=\"L" + lists.size() + "\"";
    out.raw("<text:list" + own + ">");
    listLevel++;
    for (ListItem item : items) {
      out.raw("<text:list-item>");
      for (Block block : item.blocks()) {
        block.accept(this);
      }
      out.raw("</text:list-item>");
    }
    listLevel--;
    out.raw("</text:list>");
  }

  @Override
  protected void writeGrid(Table table) {
    if (listLevel > 0) {
      // A list holds only paragraphs and lists (5.3.3), so the cells stand one below the other.
      table.rows().forEach(r -> r.cells().forEach(c -> all(c.blocks())));
      return;
    }
    int columns = visitColumns(table);
    out.raw(
        "<table:table table:name=\"Table"
            + ++tables
            + "\" table:style-name=\"Wide\"><table:table-column table:number-columns-repeated=\""
            + Math.max(1, columns)
            + "\"/>");
    int[] covered = new int[columns];
    for (int r = 0; r < table.rows().size(); r++) {
      out.raw(r == 0 && table.headerRows() > 0 ? "<table:table-header-rows>" : "");
      out.raw("<table:table-row>");
      int c = 0;
      for (Table.Cell cell : table.rows().get(r).cells()) {
        c = skip(c, covered);
        cell(cell, r < table.headerRows() || (c == 0 && table.headerColumn()));
        for (int i = 0; i < cell.columns(); i++) {
          out.raw(i > 0 ? "<table:covered-table-cell/>" : "");
          covered[c + i] = cell.rows();
        }
        c += cell.columns();
      }
      skip(c, covered);
      out.raw("</table:table-row>");
      out.raw(r + 1 == table.headerRows() ? "</table:table-header-rows>" : "");
      for (int i = 0; i < columns; i++) {
        covered[i] = Math.max(0, covered[i] - 1);
      }
    }
    out.raw("</table:table>");
  }

  private int skip(int from, int[] covered) {
    int c = from;
    while (c < covered.length && covered[c] > 0) {
      out.raw("<table:covered-table-cell/>");
      c++;
    }
    return c;
  }

  private void cell(Table.Cell cell, boolean head) {
    out.raw("<table:table-cell table:style-name=\"Cell\"");
    out.raw(cell.columns() > 1 ? " table:number-columns-spanned=\"" + cell.columns() + "\"" : "");
    out.raw(cell.rows() > 1 ? " table:number-rows-spanned=\"" + cell.rows() + "\"" : "");
    out.raw(" office:value-type=\"string\">");
    bold = head;
    writeWithin(cell);
    bold = false;
    out.raw(cell.blocks().isEmpty() ? "<text:p/>" : "").raw("</table:table-cell>");
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
    // At 96 pixels to the inch, and no wider than the text.
    double width = Math.max(1, file.get().width()) * 2.54 / 96;
    double height = Math.max(1, file.get().height()) * 2.54 / 96;
    double fit = Math.min(1, 16 / width);
    out.raw("<text:p text:style-name=\"Text_20_body\">");
    bookmarks();
    out.raw("<draw:frame draw:name=\"" + Markup.escaped(asset) + "\" text:anchor-type=\"as-char\"");
    out.raw(
        String.format(
            java.util.Locale.ROOT,
            " svg:width=\"%.3fcm\" svg:height=\"%.3fcm\">",
            width * fit,
            height * fit));
    out.raw(
        "<draw:image xlink:type=\"simple\" xlink:show=\"embed\" xlink:actuate=\"onLoad\" xlink:href=\"Pictures/"
            + Markup.escaped(asset)
            + "\"/>");
    out.raw(words.isEmpty() ? "" : "<svg:desc>" + Markup.escaped(words) + "</svg:desc>");
    out.raw("</draw:frame></text:p>");
  }

  @Override
  protected void rule() {
    out.raw("<text:p text:style-name=\"Horizontal_20_Line\"/>");
  }

  private void inline(List<Inline> content) {
    Mark.Link open = null;
    for (Inline inline : content) {
      Mark.Link link = inline.marks().link().orElse(null);
      if (open != null && !open.equals(link)) {
        out.raw("</text:a>");
      }
      if (link != null && !link.equals(open)) {
        String value = link.address().value();
        String href = value.startsWith("#") ? value : addresses.of(link.address());
        out.raw("<text:a xlink:type=\"simple\" xlink:href=\"" + Markup.escaped(href) + "\">");
      }
      open = link;
      String properties = properties(inline.marks().all());
      if (!properties.isEmpty()) {
        String name = looks.computeIfAbsent(properties, p -> "T" + (looks.size() + 1));
        out.raw("<text:span text:style-name=\"" + name + "\">");
      }
      if (inline instanceof LineBreak) {
        out.raw("<text:line-break/>");
      } else {
        characters(((Text) inline).text());
      }
      out.raw(properties.isEmpty() ? "" : "</text:span>");
    }
    out.raw(open == null ? "" : "</text:a>");
  }

  /** Spaces in a row and at the start of a line, and tabs, are elements (6.1.2). */
  private void characters(String text) {
    int i = 0;
    while (i < text.length()) {
      char c = text.charAt(i);
      int end = i + 1;
      while (end < text.length() && text.charAt(end) == ' ' && c == ' ') {
        end++;
      }
      if (c == '\t') {
        out.raw("<text:tab/>");
      } else if (c == ' ' && (end - i > 1 || i == 0)) {
        out.raw("<text:s text:c=\"" + (end - i) + "\"/>");
      } else {
        end = i + 1;
        while (end < text.length()
            && text.charAt(end) != '\t'
            && !(text.charAt(end) == ' ' && text.charAt(end - 1) == ' ')) {
          end++;
        }
        // A space before another is left to the next round.
        if (end < text.length() && text.charAt(end) == ' ' && end - 1 > i) {
          end--;
        }
        out.text(text.substring(i, end));
      }
      i = end;
    }
  }

  private String properties(List<Mark> marks) {
    StringBuilder p = new StringBuilder();
    if (bold || marks.contains(Mark.Plain.STRONG)) {
      p.append(" fo:font-weight=\"bold\"");
    }
    p.append(marks.contains(Mark.Plain.EMPHASIS) ? " fo:font-style=\"italic\"" : "");
    p.append(marks.contains(Mark.Plain.UNDERLINE) ? " style:text-underline-style=\"solid\"" : "");
    p.append(
        marks.contains(Mark.Plain.STRIKETHROUGH) ? " style:text-line-through-style=\"solid\"" : "");
    if (marks.contains(Mark.Plain.SUPERSCRIPT)) {
      p.append(" style:text-position=\"super 58%\"");
    } else if (marks.contains(Mark.Plain.SUBSCRIPT)) {
      p.append(" style:text-position=\"sub 58%\"");
    }
    p.append(marks.contains(Mark.Plain.CODE) ? " style:font-name=\"Liberation Mono\"" : "");
    for (Mark mark : marks) {
      if (mark instanceof Mark.Valued v) {
        valued(p, v);
      }
    }
    return p.toString();
  }

  private static void valued(StringBuilder p, Mark.Valued v) {
    boolean colour = v.value().matches("#[0-9a-fA-F]{6}.*");
    switch (v.kind()) {
      case COLOUR -> p.append(colour ? " fo:color=\"" + v.value().substring(0, 7) + "\"" : "");
      case HIGHLIGHT ->
          p.append(
              " fo:background-color=\"" + (colour ? v.value().substring(0, 7) : "#f3e2a9") + "\"");
      case LANGUAGE -> {
        String[] parts = v.value().split("-");
        p.append(" fo:language=\"" + Markup.escaped(parts[0]) + "\" fo:country=\"");
        p.append(parts.length > 1 && parts[1].length() == 2 ? Markup.escaped(parts[1]) : "none")
            .append('"');
      }
      default -> {}
    }
  }
}

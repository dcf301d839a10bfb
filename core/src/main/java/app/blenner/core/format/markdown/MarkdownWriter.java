package app.blenner.core.format.markdown;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.CancellationToken;
import app.blenner.core.document.Code;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Quote;
import app.blenner.core.document.Table;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Writes Markdown that {@link MarkdownReader} reads as the same text. Blocks that Markdown has no
 * sign for are written as the HTML they are stored as.
 */
public final class MarkdownWriter {

  private MarkdownWriter() {}

  /** The Markdown of a text, ended by a line feed where there is any. */
  public static String write(Document document) {
    String text = blocksOf(document.blocks());
    return text.isEmpty() ? "" : text + "\n";
  }

  private static String blocksOf(List<Block> blocks) {
    List<String> out = new ArrayList<>();
    Block before = null;
    for (Block block : blocks) {
      // Two lists of one kind in a row would be one list; HTML keeps them apart.
      boolean joins = before != null && isList(block) && before.getClass() == block.getClass();
      out.add(joins ? htmlOf(block) : blockOf(block));
      before = block;
    }
    return String.join("\n\n", out);
  }

  private static boolean isList(Block block) {
    return block instanceof BulletedList || block instanceof NumberedList;
  }

  /** The block as Markdown where reading that gives the same block again, else as HTML. */
  private static String blockOf(Block block) {
    CancellationToken.check();
    String text = markdownOf(block);
    return text != null && same(text, block) ? text : htmlOf(block);
  }

  private static boolean same(String markdown, Block block) {
    return MarkdownReader.read(markdown + "\n").blocks().equals(List.of(block));
  }

  /** A piece of HTML without blank lines, which would end it. */
  private static String htmlOf(Block block) {
    String html = HtmlWriter.write(new Document(List.of(block)));
    String text = html.replaceAll("\n(?=[ \t]*\n)", "&#10;");
    // An element that may also stand in a line needs a block around it to begin one.
    return HtmlReader.read(text).blocks().equals(List.of(block)) ? text : html;
  }

  private static String markdownOf(Block block) {
    if (block instanceof Paragraph p && p.style().isPlain()) {
      return InlineMarkdown.startOfLine(inline(p.content()));
    }
    if (block instanceof Heading h && h.style().equals(BlockStyle.PLAIN) && h.anchor().isEmpty()) {
      return "#".repeat(h.level()) + " " + inline(h.content()).replace("\\\n", "<br>");
    }
    if (block instanceof BulletedList list
        && list.bullet().className().isEmpty()
        && list.direction() == Direction.NONE) {
      return listOf(list.items(), i -> "- ");
    }
    if (block instanceof NumberedList list && list.isPlain()) {
      return listOf(list.items(), i -> (list.start() + i) + ". ");
    }
    if (block instanceof Quote q && !q.pull() && q.source() == null && q.attribution().isEmpty()) {
      return blocksOf(q.blocks())
          .lines()
          .map(l -> l.isEmpty() ? ">" : "> " + l)
          .collect(Collectors.joining("\n"));
    }
    if (block instanceof Code c) {
      String fence = "`".repeat(Math.max(3, longestRun(c.text()) + 1));
      return fence + c.language() + "\n" + (c.text().isEmpty() ? "" : c.text() + "\n") + fence;
    }
    if (!block.sign().isEmpty()) {
      return block.sign();
    }
    return block instanceof Table t ? tableOf(t) : null;
  }

  private interface Sign {
    String of(int index);
  }

  private static String listOf(List<ListItem> items, Sign sign) {
    boolean tight =
        items.stream().allMatch(i -> i.blocks().stream().skip(1).allMatch(MarkdownWriter::isList));
    List<String> out = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      String mark = sign.of(i);
      String indent = " ".repeat(mark.length());
      List<String> parts = new ArrayList<>();
      items.get(i).blocks().forEach(b -> parts.add(blockOf(b)));
      String body = String.join(tight ? "\n" : "\n\n", parts);
      out.add(
          (mark + body.replace("\n", "\n" + indent))
              .replaceAll("(?m)[ \t]+$", "")
              .replaceAll("^$", mark));
    }
    return String.join(tight ? "\n" : "\n\n", out);
  }

  private static int longestRun(String text) {
    int longest = 0;
    int run = 0;
    for (char c : text.toCharArray()) {
      run = c == '`' ? run + 1 : 0;
      longest = Math.max(longest, run);
    }
    return longest;
  }

  /** A table of one header row and plain cells of a line each; others are HTML. */
  private static String tableOf(Table table) {
    boolean plain =
        table.headerRows() == 1
            && !table.headerColumn()
            && table.caption().isEmpty()
            && table.description().isEmpty()
            && table.widths().isEmpty()
            && table.look().equals(Table.Look.PLAIN)
            && table.rows().size() > 1;
    if (!plain) {
      return null;
    }
    List<String> lines = new ArrayList<>();
    for (Table.Row row : table.rows()) {
      StringBuilder line = new StringBuilder("|");
      for (Table.Cell cell : row.cells()) {
        if (cell.columns() > 1 || cell.rows() > 1 || cell.blocks().size() > 1) {
          return null;
        }
        if (!cell.blocks().isEmpty() && !(cell.blocks().get(0) instanceof Paragraph)) {
          return null;
        }
        List<Inline> content =
            cell.blocks().isEmpty() ? List.of() : ((Paragraph) cell.blocks().get(0)).content();
        line.append(' ')
            .append(inline(content).replace("\\\n", "<br>").replace("|", "\\|"))
            .append(" |");
      }
      lines.add(line.toString());
      if (lines.size() == 1) {
        lines.add(ruleOf(row));
      }
    }
    return String.join("\n", lines);
  }

  private static String ruleOf(Table.Row head) {
    return head.cells().stream()
        .map(
            c ->
                switch (c.align()) {
                  case LEFT -> " :--- ";
                  case CENTRE -> " :---: ";
                  case RIGHT -> " ---: ";
                  default -> " --- ";
                })
        .collect(Collectors.joining("|", "|", "|"));
  }

  private static String inline(List<Inline> content) {
    return new InlineMarkdown().write(content);
  }
}

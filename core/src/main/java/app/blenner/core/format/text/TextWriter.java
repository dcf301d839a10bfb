package app.blenner.core.format.text;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Writes the words of a text, an empty line between blocks, with signs and numbers before list items. */
public final class TextWriter {
  private TextWriter() {}

  /** The text, ending with a line feed. */
  public static String write(Document document) {
    List<String> pieces = new ArrayList<>();
    for (Block block : document.blocks()) {
      String piece = pieceOf(block, "");
      if (!piece.isBlank()) {
        pieces.add(piece);
      }
    }
    return pieces.isEmpty() ? "" : String.join("\n\n", pieces) + "\n";
  }

  private static String pieceOf(Block block, String indent) {
    if (block instanceof BulletedList list) {
      return list.items().stream()
          .map(i -> itemOf(i, "- ", indent))
          .collect(Collectors.joining("\n"));
    }
    if (block instanceof NumberedList list) {
      List<String> items = new ArrayList<>();
      for (int i = 0; i < list.items().size(); i++) {
        items.add(itemOf(list.items().get(i), list.numbers().get(i) + ". ", indent));
      }
      return String.join("\n", items);
    }
    if (block instanceof Table table) {
      return tableOf(table);
    }
    if (!block.sign().isEmpty()) {
      return indent + block.sign();
    }
    if (block.groups().isEmpty()) {
      return RunningText.of(List.of(block)).stream()
          .map(p -> indent + p.replace("\n", "\n" + indent))
          .collect(Collectors.joining("\n"));
    }
    List<String> inner = new ArrayList<>();
    block.groups().forEach(g -> g.forEach(b -> inner.add(pieceOf(b, indent))));
    inner.add(indent + Inlines.textOf(block.content()));
    return inner.stream().filter(s -> !s.isBlank()).collect(Collectors.joining("\n\n"));
  }

  private static String itemOf(ListItem item, String sign, String indent) {
    String deeper = indent + " ".repeat(sign.length());
    String inner =
        item.blocks().stream().map(b -> pieceOf(b, deeper)).collect(Collectors.joining("\n"));
    return indent + sign + (inner.isEmpty() ? "" : inner.substring(deeper.length()));
  }

  /** Cells parted by tabs, as spreadsheets take them. */
  private static String tableOf(Table table) {
    List<String> lines = new ArrayList<>();
    if (!table.caption().isEmpty()) {
      lines.add(Inlines.textOf(table.caption()));
    }
    for (Table.Row row : table.rows()) {
      lines.add(
          row.cells().stream()
              .map(c -> String.join(" ", RunningText.of(c.blocks())).replace('\n', ' '))
              .collect(Collectors.joining("\t")));
    }
    return String.join("\n", lines);
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Lists that somebody typed: paragraphs, or lines within one, that begin with signs, or with numbers or letters in
 * order. Both the intake, which offers to make lists of them, and the tidying of a text on the sheet ask here.
 */
public final class TypedItems {
  /** A typed item: its marker and what it says. */
  private record Item(ListMarker marker, List<Inline> content) {}

  /**
   * A typed list.
   *
   * @param at its first paragraph
   * @param items what its items say, without their markers
   * @param numbered whether it has numbers
   */
  public record Run(BlockPath at, List<String> items, boolean numbered) {}

  private TypedItems() {}

  /** Whether a line looks like the item of a list. */
  public static boolean isItem(String line) {
    return ListMarker.of(line).filter(m -> m.length() < line.length()).isPresent();
  }

  /**
   * The text with lists made of what was typed.
   *
   * @param least how many items make one
   * @param take asked for each, in order
   */
  public static Document makeLists(Document document, int least, Predicate<Run> take) {
    return document.rebuild((at, blocks) -> makeLists(at, blocks, least, take));
  }

  private static List<Block> makeLists(
      BlockPath at, List<Block> blocks, int least, Predicate<Run> take) {
    List<Block> out = new ArrayList<>();
    int i = 0;
    while (i < blocks.size()) {
      List<Item> run = new ArrayList<>();
      int end = i;
      for (int j = i; j < blocks.size(); j++) {
        if (j > i && isBlank(blocks.get(j))) {
          continue; // room between two items parts nothing
        }
        List<Item> items = items(blocks.get(j));
        if (items.isEmpty() || !goesOn(run, items)) {
          break;
        }
        run.addAll(items);
        end = j + 1;
      }
      if (run.size() >= least && take.test(told(at.appendStep(i), run))) {
        out.add(listOf(run));
      } else {
        end = Math.max(end, i + 1);
        out.addAll(blocks.subList(i, end));
      }
      i = end;
    }
    return out;
  }

  private static Run told(BlockPath at, List<Item> run) {
    return new Run(
        at,
        run.stream().map(i -> Inlines.textOf(i.content())).toList(),
        !run.get(0).marker().sign());
  }

  private static boolean isBlank(Block block) {
    return block instanceof Paragraph p
        && Inlines.textOf(p.content()).replace('\u00A0', ' ').isBlank();
  }

  /** The items a paragraph holds: one, or one in each of its lines; none where a line is not an item. */
  private static List<Item> items(Block block) {
    if (!(block instanceof Paragraph p)
        || !p.style().directed(BlockStyle.PLAIN.direction()).isPlain()) {
      return List.of();
    }
    if (!p.content().isEmpty() && p.content().get(0) instanceof Text first && !mayBegin(first)) {
      return List.of();
    }
    List<Item> out = new ArrayList<>();
    for (List<Inline> line : BrokenLines.of(p).all()) {
      String words = Inlines.textOf(line);
      Optional<ListMarker> marker = ListMarker.of(words);
      if (marker.isEmpty() || marker.get().length() >= words.length()) {
        return List.of();
      }
      out.add(new Item(marker.get(), Inlines.partOf(line, marker.get().length(), words.length())));
    }
    return out;
  }

  private static boolean mayBegin(Text first) {
    return first.text().length() < 9 || ListMarker.mayBegin(first.text());
  }

  /** Signs go on with signs, numbers with the number that comes next. */
  private static boolean goesOn(List<Item> run, List<Item> next) {
    ListMarker first = (run.isEmpty() ? next : run).get(0).marker();
    for (int i = 0; i < next.size(); i++) {
      ListMarker marker = next.get(i).marker();
      boolean number =
          marker.number() == first.number() + run.size() + i && marker.type().equals(first.type());
      if (marker.sign() != first.sign() || !(marker.sign() || number)) {
        return false;
      }
    }
    return true;
  }

  private static Block listOf(List<Item> run) {
    List<ListItem> items =
        run.stream()
            .map(i -> new ListItem(List.of(new Paragraph(i.content(), BlockStyle.PLAIN))))
            .toList();
    ListMarker first = run.get(0).marker();
    if (first.sign()) {
      return new BulletedList(BulletedList.Bullet.PLAIN, items);
    }
    return new NumberedList(first.number(), NumberedList.Numbering.of(first.type()), items);
  }
}

package app.blenner.core.tidy;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.intake.ListMarker;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lines that begin with “1.”, “-” or “•”, one below the other. */
final class TypedLists implements CleanUpRule {
  /** A typed item: its marker and what it says. */
  private record Item(ListMarker marker, List<Inline> content) {}

  @Override
  public String id() {
    return "typed-lists";
  }

  @Override
  public String label() {
    return "Hand-typed lists";
  }

  @Override
  public String why() {
    return "A real list tells a screen reader how many items there are, and numbers itself.";
  }

  /** Whether a line looks like the item of a list. */
  static boolean isItem(String line) {
    return ListMarker.of(line).filter(m -> m.length() < line.length()).isPresent();
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.rebuild(blocks -> mend(blocks, take));
  }

  private static List<Block> mend(List<Block> blocks, Ask take) {
    List<Block> out = new ArrayList<>();
    int i = 0;
    while (i < blocks.size()) {
      List<Item> run = new ArrayList<>();
      int end = i;
      for (int j = i; j < blocks.size(); j++) {
        if (j > i && EmptyParagraphs.isBlank(blocks.get(j))) {
          continue; // room between two items parts nothing
        }
        List<Item> items = items(blocks.get(j));
        if (items.isEmpty() || !goesOn(run, items)) {
          break;
        }
        run.addAll(items);
        end = j + 1;
      }
      if (run.size() >= 2 && take.take(before(run), before(run), after(run))) {
        out.add(list(run));
        i = end;
      } else {
        end = Math.max(end, i + 1);
        out.addAll(blocks.subList(i, end));
        i = end;
      }
    }
    return out;
  }

  /** The items a paragraph holds: one, or one in each of its lines; none where a line is no item. */
  private static List<Item> items(Block block) {
    if (!(block instanceof Paragraph p) || !p.style().equals(BlockStyle.PLAIN)) {
      return List.of();
    }
    List<Item> out = new ArrayList<>();
    List<Inline> line = new ArrayList<>();
    List<Inline> content = new ArrayList<>(p.content());
    content.add(null);
    for (Inline inline : content) {
      if (inline != null && !(inline instanceof LineBreak)) {
        line.add(inline);
        continue;
      }
      Optional<ListMarker> marker = ListMarker.of(Inlines.text(line));
      if (marker.isEmpty() || marker.get().length() >= Inlines.text(line).length()) {
        return List.of();
      }
      out.add(
          new Item(
              marker.get(), Edits.apply(line, List.of(new Edit(0, marker.get().length(), "")))));
      line = new ArrayList<>();
    }
    return out;
  }

  /** Signs go on with signs, numbers with the number that comes next. */
  private static boolean goesOn(List<Item> run, List<Item> next) {
    List<Item> all = new ArrayList<>(run);
    all.addAll(next);
    ListMarker first = all.get(0).marker();
    for (int i = 1; i < all.size(); i++) {
      ListMarker marker = all.get(i).marker();
      boolean number = marker.number() == first.number() + i && marker.type().equals(first.type());
      if (marker.sign() != first.sign() || !(marker.sign() || number)) {
        return false;
      }
    }
    return true;
  }

  private static Block list(List<Item> run) {
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

  private static String before(List<Item> run) {
    return Inlines.text(run.get(0).content())
        + (run.size() > 1 ? " / " + Inlines.text(run.get(1).content()) : "")
        + (run.size() > 2 ? " / …" : "");
  }

  private static String after(List<Item> run) {
    String kind = run.get(0).marker().sign() ? "A bulleted list" : "A numbered list";
    return kind + " of " + run.size() + " items";
  }
}

package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Direction;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;

/** Reads bulleted and numbered lists. */
final class ListReader {
  private final HtmlReader reader;

  ListReader(HtmlReader reader) {
    this.reader = reader;
  }

  void read(Element list, HtmlReader.Place place, BlockBuilder flow) {
    if (!place.mayNest()) {
      reader.ownLines(list, place, flow);
      return;
    }
    Direction direction = StyleReader.directionOf(list, place.direction());
    HtmlReader.Place inner =
        place
            .inside()
            .deeper(reader.marks.readLanguage(list, place.marks()))
            .directed(Direction.NONE);
    List<ListItem> items = itemsOf(list, inner);
    if (list.normalName().equals("ol")) {
      boolean reversed = list.hasAttr("reversed");
      int usual = NumberedList.usualStart(reversed, items.size());
      int start = StyleReader.numberOf(list.attr("start"), usual);
      NumberedList.Numbering numbering = NumberedList.Numbering.of(list.attr("type"));
      flow.add(new NumberedList(start, numbering, reversed, direction, items));
    } else {
      BulletedList.Bullet bullet =
          StyleReader.byClass(
              list,
              BulletedList.Bullet.values(),
              BulletedList.Bullet::className,
              BulletedList.Bullet.PLAIN);
      flow.add(new BulletedList(bullet, direction, items));
    }
  }

  /** What is in a list without being an item joins the item before it. */
  private List<ListItem> itemsOf(Element list, HtmlReader.Place place) {
    List<List<Block>> items = new ArrayList<>();
    List<Integer> values = new ArrayList<>();
    List<Node> stray = new ArrayList<>();
    for (Node node : list.childNodes()) {
      if (node instanceof Element e && e.normalName().equals("li")) {
        stray(stray, items, place);
        HtmlReader.Place inner = place.deeper(reader.marks.readLanguage(e, place.marks()));
        while (values.size() < items.size()) {
          values.add(null);
        }
        items.add(new ArrayList<>(reader.readBlocks(e, inner.directed(own(e)))));
        values.add(valueOf(e));
      } else {
        stray.add(node);
      }
    }
    stray(stray, items, place);
    List<ListItem> out = new ArrayList<>(items.size());
    for (int i = 0; i < items.size(); i++) {
      out.add(new ListItem(items.get(i), i < values.size() ? values.get(i) : null));
    }
    return out;
  }

  /** The number an item says it has; null where it says none. */
  private static Integer valueOf(Element item) {
    OptionalInt said = HtmlNumber.of(item.attr("value"));
    return said.isPresent() ? said.getAsInt() : null;
  }

  /** An item's own direction, for what is in it. */
  private static Direction own(Element item) {
    return StyleReader.directionOf(item, Direction.NONE);
  }

  private void stray(List<Node> stray, List<List<Block>> items, HtmlReader.Place place) {
    List<Block> blocks = reader.readBlocks(stray, place);
    stray.clear();
    if (blocks.isEmpty()) {
      return;
    }
    if (items.isEmpty()) {
      items.add(new ArrayList<>());
    }
    items.get(items.size() - 1).addAll(blocks);
  }
}

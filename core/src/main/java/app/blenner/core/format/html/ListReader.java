package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.NumberedList;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;

/** Reads bulleted and numbered lists. */
final class ListReader {
  private final HtmlReader reader;

  ListReader(HtmlReader reader) {
    this.reader = reader;
  }

  void read(Element list, HtmlReader.Place place, Flow flow) {
    if (!place.mayNest()) {
      reader.ownLines(list, place, flow);
      return;
    }
    HtmlReader.Place inner =
        new HtmlReader.Place(
            reader.marks.language(list, place.marks()), place.level() + 1, place.depth() + 1);
    List<ListItem> items = items(list, inner);
    if (list.normalName().equals("ol")) {
      int start = StyleReader.number(list.attr("start"), 1);
      flow.add(new NumberedList(start, NumberedList.Numbering.of(list.attr("type")), items));
    } else {
      BulletedList.Bullet bullet =
          StyleReader.byClass(
              list,
              BulletedList.Bullet.values(),
              BulletedList.Bullet::className,
              BulletedList.Bullet.PLAIN);
      flow.add(new BulletedList(bullet, items));
    }
  }

  /** What stands in a list without being an item joins the item before it. */
  private List<ListItem> items(Element list, HtmlReader.Place place) {
    List<List<Block>> items = new ArrayList<>();
    List<Node> stray = new ArrayList<>();
    for (Node node : list.childNodes()) {
      if (node instanceof Element e && e.normalName().equals("li")) {
        stray(stray, items, place);
        HtmlReader.Place inner = place.deeper(reader.marks.language(e, place.marks()));
        items.add(new ArrayList<>(reader.blocks(e, inner)));
      } else {
        stray.add(node);
      }
    }
    stray(stray, items, place);
    return items.stream().map(ListItem::new).toList();
  }

  private void stray(List<Node> stray, List<List<Block>> items, HtmlReader.Place place) {
    List<Block> blocks = reader.blocks(stray, place);
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

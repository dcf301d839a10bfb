package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Anchors;
import app.blenner.core.document.Block;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Callout;
import app.blenner.core.document.Code;
import app.blenner.core.document.Columns;
import app.blenner.core.document.Download;
import app.blenner.core.document.Fold;
import app.blenner.core.document.ItemList;
import app.blenner.core.document.ItemReference;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.LinkedPiece;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Prompt;
import app.blenner.core.document.RawHtml;
import app.blenner.core.document.RelatedItems;
import app.blenner.core.document.TextColumns;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** Reads the blocks that are known by the class of a general element. */
final class BoxReader {
  private final HtmlReader reader;

  BoxReader(HtmlReader reader) {
    this.reader = reader;
  }

  /** Reads a paragraph that is a download or a button; false where it is neither. */
  boolean readParagraph(Element p, HtmlReader.Place place, BlockBuilder flow) {
    String classes = p.attributes().get("class");
    if (!classes.contains("download") && !classes.contains("button")) {
      return false; // nearly all of them
    }
    Element a = p.childrenSize() == 1 && p.ownText().isBlank() ? p.child(0) : null;
    if (a == null
        || !a.normalName().equals("a")
        || !(p.hasClass("download") || p.hasClass("button"))) {
      return false;
    }
    Optional<Mark.Link> link = MarkReader.readLink(a);
    if (link.isEmpty() || a.selectFirst("img, iframe, audio, video") != null) {
      return false;
    }
    boolean asset = link.get().address().kind() == Address.Kind.ASSET;
    if (p.hasClass("download") && !asset) {
      return false;
    }
    flow.add(
        p.hasClass("download")
            ? new Download(link.get().address(), ElementText.of(a))
            : new ButtonLink(link.get(), ElementText.of(a)));
    return true;
  }

  /** Reads a paragraph or heading that only says what to write; false where it is another. */
  boolean prompt(Element element, BlockBuilder flow) {
    if (!element.attributes().get("class").contains("prompt")
        || !element.hasClass("prompt")
        || element.childrenSize() > 0) {
      return false;
    }
    String name = element.normalName();
    flow.add(new Prompt(name.equals("p") ? 0 : name.charAt(1) - '0', ElementText.of(element)));
    return true;
  }

  /** Reads a box of a class the form knows; false where it is another. */
  boolean box(Element box, HtmlReader.Place place, BlockBuilder flow) {
    if (box.hasClass("html") && box.normalName().equals("div")) {
      flow.add(new RawHtml(box.html()));
    } else if (box.hasClass("fold") && isBlank(box)) {
      flow.add(new Fold());
    } else if (box.hasClass("jump-target") && isBlank(box) && !Anchors.legal(box.id()).isEmpty()) {
      flow.add(new JumpTarget(box.id()));
    } else if (box.hasClass("snippet")
        && isBlank(box)
        && LinkedPiece.isKey(box.attr("data-snippet"))) {
      flow.add(new LinkedPiece(box.attr("data-snippet")));
    } else if (box.hasClass("item-list")) {
      itemList(box, place, flow);
    } else if (box.hasClass("related-items")) {
      Titled titled = titled(box);
      flow.add(new RelatedItems(titled.title, titled.items));
      flow.addAll(reader.readBlocks(titled.rest, place.deeper()));
    } else if (!place.mayNest()) {
      return false;
    } else if (box.hasClass("contact-form") && box.normalName().equals("form")) {
      new FormReader(reader).read(box, place, flow);
    } else if (box.hasClass("callout")) {
      Callout.Kind kind =
          StyleReader.byClass(
              box, Callout.Kind.values(), Callout.Kind::className, Callout.Kind.NOTE);
      flow.add(new Callout(kind, reader.readBlocks(box, place.inside())));
    } else if (box.hasClass("columns")) {
      columns(box, place, flow);
    } else if (box.hasClass("text-columns")) {
      Map<String, String> css = StyleReader.declarations(box);
      int count = StyleReader.numberOf(css.getOrDefault("column-count", "2"), 2);
      int gap = StyleReader.numberOf(css.getOrDefault("column-gap", "24px"), 24);
      flow.add(new TextColumns(count, gap, reader.readBlocks(box, place.inside())));
    } else {
      return false;
    }
    return true;
  }

  private static boolean isBlank(Element element) {
    return element.childrenSize() == 0 && element.ownText().isBlank();
  }

  private void columns(Element box, HtmlReader.Place place, BlockBuilder flow) {
    List<Columns.Column> columns = new ArrayList<>();
    List<Node> stray = new ArrayList<>();
    for (Node node : box.childNodes()) {
      if (node instanceof Element e && e.hasClass("column")) {
        int share =
            StyleReader.numberOf(StyleReader.declarations(e).getOrDefault("flex-grow", "1"), 1);
        columns.add(new Columns.Column(share, reader.readBlocks(e, place.inside())));
      } else {
        stray.add(node);
      }
    }
    flow.add(new Columns(columns));
    flow.addAll(reader.readBlocks(stray, place.inside()));
  }

  /** A box that holds a title and a list of items, and whatever else is in it. */
  private record Titled(String title, List<ItemReference> items, List<Node> rest) {}

  private static Titled titled(Element box) {
    String title = "";
    List<ItemReference> items = new ArrayList<>();
    List<Node> rest = new ArrayList<>();
    for (Node node : box.childNodes()) {
      if (node instanceof TextNode t && t.isBlank()) {
        continue;
      }
      Element e = node instanceof Element x ? x : null;
      if (e != null
          && e.normalName().equals("p")
          && title.isEmpty()
          && e.selectFirst("img") == null) {
        title = ElementText.of(e);
      } else if (e != null
          && e.normalName().equals("ul")
          && items.isEmpty()
          && referencesOf(e) != null) {
        items.addAll(referencesOf(e));
      } else {
        rest.add(node);
      }
    }
    return new Titled(title, items, rest);
  }

  /** The items a list names, or null where it holds anything else. */
  private static List<ItemReference> referencesOf(Element list) {
    List<ItemReference> out = new ArrayList<>();
    for (Element li : list.children()) {
      Element a = li.selectFirst("> a");
      Optional<Address> to =
          Address.parse(a == null ? "" : a.attr("href")).filter(x -> x.kind() == Address.Kind.ITEM);
      if (to.isEmpty()
          || !li.ownText().isBlank()
          || li.childrenSize() != 1
          || a.childrenSize() > 0) {
        return null;
      }
      out.add(new ItemReference(to.get(), ElementText.of(a)));
    }
    return list.ownText().isBlank() ? out : null;
  }

  private void itemList(Element box, HtmlReader.Place place, BlockBuilder flow) {
    Titled titled = titled(box);
    boolean latest = box.hasAttr("data-count");
    ItemList.Source source =
        latest
            ? new ItemList.Latest(
                box.attr("data-section"),
                box.attr("data-topic"),
                StyleReader.numberOf(box.attr("data-count"), 5))
            : new ItemList.Picked(titled.items);
    flow.add(new ItemList(titled.title, source));
    List<Block> rest = new ArrayList<>(reader.readBlocks(titled.rest, place.deeper()));
    if (latest && !titled.items.isEmpty()) {
      rest.add(0, new RelatedItems("", titled.items));
    }
    flow.addAll(rest);
  }

  void readCode(Element pre, BlockBuilder flow) {
    Element code = pre.childrenSize() == 1 ? pre.child(0) : null;
    boolean wrapped = code != null && code.normalName().equals("code") && pre.ownText().isBlank();
    String language = "";
    for (String word : wrapped ? code.classNames() : pre.classNames()) {
      language = word.startsWith("language-") ? word.substring("language-".length()) : language;
    }
    flow.add(new Code(language, wrapped ? code.wholeText() : pre.wholeText()));
  }
}

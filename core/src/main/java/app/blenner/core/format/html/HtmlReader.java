package app.blenner.core.format.html;

import app.blenner.core.document.Anchors;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.CancellationToken;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Divider;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.PlainText;
import app.blenner.core.document.Text;
import java.util.List;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Reads HTML, whatever it is, into a text. Elements that stand for a block or mark become one; other
 * elements give way to what is inside them. Scripts, styles and unknown addresses never come
 * through; every word that a reader would see does.
 */
public final class HtmlReader {
  /** How deep blocks may stand within blocks; what is deeper joins the block around it. */
  public static final int MAX_LEVEL = 20;

  /** How deep elements are followed; of what is deeper only the words are kept. */
  private static final int MAX_DEPTH = 400;

  private static final Set<String> SILENT =
      Set.of("script", "style", "title", "meta", "link", "base", "datalist", "param");

  /** Elements that begin and end a line of their own, besides those with a case of their own. */
  private static final Set<String> OWN_LINES =
      Set.of(
          ("address article aside body center dd details dialog dir div dl dt fieldset figcaption"
                  + " figure footer form header hgroup html legend li main menu nav noscript option"
                  + " optgroup search section select summary tbody td tfoot th thead tr ul ol table"
                  + " caption blockquote plaintext listing xmp textarea")
              .split(" "));

  private final ListReader lists = new ListReader(this);
  private final TableReader tables = new TableReader(this);
  private final FigureReader figures = new FigureReader(this);
  private final BoxReader boxes = new BoxReader(this);
  final MarkReader marks = new MarkReader();

  private HtmlReader() {}

  /** Reads a text. Never throws, and loses no word. */
  public static Document read(String html) {
    org.jsoup.nodes.Document page = Jsoup.parseBodyFragment(PlainText.legal(html));
    page.outputSettings().prettyPrint(false); // a raw piece is taken over as it stands
    return read(page.body());
  }

  /** Reads what is inside an element of a page that was parsed already. */
  public static Document read(Element body) {
    return new Document(
        new HtmlReader().readBlocks(body, new Place(Marks.NONE, 0, 0, Direction.NONE)));
  }

  /**
   * Where reading stands.
   *
   * @param marks the marks of the elements around
   * @param level how many blocks are around
   * @param depth how many elements are around
   * @param direction what elements around say that became no block
   */
  record Place(Marks marks, int level, int depth, Direction direction) {
    Place inside() {
      return new Place(marks, level + 1, depth + 1, direction);
    }

    Place deeper(Marks other) {
      return new Place(other, level, depth + 1, direction);
    }

    Place deeper() {
      return deeper(marks);
    }

    Place directed(Direction other) {
      return other == direction ? this : new Place(marks, level, depth, other);
    }

    boolean mayNest() {
      return level < MAX_LEVEL;
    }
  }

  /** What is inside an element, as blocks. */
  List<Block> readBlocks(Element parent, Place place) {
    BlockBuilder flow = new BlockBuilder(StyleReader.directionOnly(place.direction()));
    children(parent, place, flow);
    return flow.end();
  }

  /** Nodes that follow each other, as blocks. */
  List<Block> readBlocks(List<? extends Node> nodes, Place place) {
    BlockBuilder flow = new BlockBuilder(StyleReader.directionOnly(place.direction()));
    nodes.forEach(n -> node(n, place, flow));
    return flow.end();
  }

  /** Running text that was made into blocks, joined again, and the blocks that are none. */
  record Split(List<Inline> inline, List<Block> rest) {}

  /** What is inside an element, as running text as far as it goes. */
  Split split(Element parent, Place place) {
    return InlineFlattening.split(readBlocks(parent, place));
  }

  private void children(Element element, Place place, BlockBuilder flow) {
    // Reading changes nothing, so the nodes need not be copied first.
    for (int i = 0; i < element.childNodeSize(); i++) {
      node(element.childNode(i), place, flow);
    }
  }

  private void node(Node node, Place place, BlockBuilder flow) {
    CancellationToken.check();
    if (node instanceof TextNode text) {
      flow.add(new Text(text.getWholeText(), place.marks()));
    } else if (node instanceof Element element && !SILENT.contains(element.normalName())) {
      if (place.depth() > MAX_DEPTH) {
        flow.add(new Text(element.wholeText(), place.marks()));
      } else {
        element(element, place, flow);
      }
    }
  }

  private void element(Element element, Place place, BlockBuilder flow) {
    String name = element.normalName();
    switch (name) {
      case "br" -> flow.add(new LineBreak(place.marks()));
      case "hr" -> flow.add(new Divider());
      case "p" -> {
        if (!boxes.prompt(element, flow) && !boxes.readParagraph(element, place, flow)) {
          paragraph(element, place, flow);
        }
      }
      case "h1", "h2", "h3", "h4", "h5", "h6" -> {
        if (!boxes.prompt(element, flow)) {
          heading(element, place, flow);
        }
      }
      case "ul", "ol", "menu", "dir" -> lists.read(element, place, flow);
      case "table" -> tables.read(element, place, flow);
      case "figure" -> figures.figure(element, place, flow);
      case "blockquote" -> figures.bareQuote(element, place, flow);
      case "img" -> figures.bareImage(element, place, flow);
      case "iframe" -> figures.bareFrame(element, flow);
      case "audio", "video" -> figures.barePlayer(element, place, flow);
      case "div", "aside", "form" -> {
        if (!boxes.box(element, place, flow)) {
          ownLines(element, place, flow);
        }
      }
      case "pre" -> boxes.readCode(element, flow);
      case "q" -> {
        flow.add(new Text("\u201C", place.marks()));
        children(element, place.deeper(marks.readMarks(element, place.marks())), flow);
        flow.add(new Text("\u201D", place.marks()));
      }
      default -> {
        if (OWN_LINES.contains(name)) {
          ownLines(element, place, flow);
        } else {
          children(element, place.deeper(marks.readMarks(element, place.marks())), flow);
        }
      }
    }
  }

  /** An element that only ends the line before it and its own. */
  void ownLines(Element element, Place place, BlockBuilder flow) {
    Direction direction = StyleReader.directionOf(element, place.direction());
    Place inner = place.deeper(marks.readLanguage(element, place.marks())).directed(direction);
    if (direction == place.direction()) {
      flow.buildWithin(() -> children(element, inner, flow));
    } else {
      BlockStyle style = StyleReader.directionOnly(direction);
      flow.buildWithin(
          content -> new Paragraph(content, style), () -> children(element, inner, flow));
    }
  }

  private void paragraph(Element element, Place place, BlockBuilder flow) {
    BlockStyle style = StyleReader.blockStyle(element, place.direction());
    Place inner = place.deeper(marks.readLanguage(element, place.marks()));
    flow.buildWithin(
        content -> new Paragraph(content, style), () -> children(element, inner, flow));
  }

  private void heading(Element element, Place place, BlockBuilder flow) {
    BlockStyle style = StyleReader.blockStyle(element, place.direction());
    int level = element.normalName().charAt(1) - '0';
    String anchor = Anchors.legal(element.id());
    Place inner = place.deeper(marks.readLanguage(element, place.marks()));
    flow.buildWithin(
        content -> new Heading(level, anchor, content, style),
        () -> children(element, inner, flow));
  }
}

package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** The lines of an element as somebody sees them, with every space: a box for each line, line breaks, or line feeds. */
final class CodeLines {
  private static final Set<String> BOXES =
      Set.of("div", "p", "li", "tr", "ol", "ul", "table", "tbody", "section", "pre", "blockquote");

  private static final Set<String> OPEN = Set.of("li", "td");

  private final List<String> lines = new ArrayList<>();
  private StringBuilder line = new StringBuilder();
  private boolean begun;

  /** Whether there is a soft space at the end of the line so far, to be seen if something follows. */
  private boolean soft;

  private CodeLines() {}

  /**
   * The lines of some elements, one below the other.
   *
   * @param kept whether white space counts as it stands, and not only where it does not break
   */
  static List<String> of(List<Element> boxes, boolean kept) {
    CodeLines out = new CodeLines();
    for (Element box : boxes) {
      out.box(box, kept || WhiteSpace.isKept(box));
    }
    return out.lines;
  }

  /** Whether an element begins or ends a line. */
  static boolean breaks(Element e) {
    return e.normalName().equals("br") || BOXES.contains(e.normalName()) || WhiteSpace.isLine(e);
  }

  private void box(Element box, boolean kept) {
    end();
    // An entry and a cell are as high as a line even where nothing is in them.
    begun = box.childNodeSize() == 0 && OPEN.contains(box.normalName());
    inside(box, kept);
    end();
  }

  private void inside(Element element, boolean kept) {
    List<Node> nodes = element.childNodes();
    for (int i = 0; i < nodes.size(); i++) {
      if (nodes.get(i) instanceof TextNode t) {
        text(t.getWholeText(), kept);
      } else if (nodes.get(i) instanceof Element e) {
        element(e, kept || WhiteSpace.isKept(e), isLast(nodes, i));
      }
    }
  }

  private void element(Element e, boolean kept, boolean last) {
    String name = e.normalName();
    if (name.equals("br")) {
      // The last one of a box only holds it open.
      begun = true;
      if (!last || !BOXES.contains(e.parent().normalName())) {
        end();
      }
    } else if (breaks(e)) {
      box(e, kept);
    } else {
      inside(e, kept);
    }
  }

  private static boolean isLast(List<Node> nodes, int at) {
    for (int i = at + 1; i < nodes.size(); i++) {
      if (!(nodes.get(i) instanceof TextNode t) || !t.isBlank()) {
        return false;
      }
    }
    return true;
  }

  private void text(String text, boolean kept) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (kept && c == '\n') {
        begun = true;
        end();
      } else if (kept || !WhiteSpace.isSoft(c)) {
        line.append(soft ? " " : "").append(c == '\u00A0' ? ' ' : c);
        begun = true;
        soft = false;
      } else {
        // Of several soft spaces one is seen, and none where a line begins or ends.
        soft = begun;
      }
    }
  }

  private void end() {
    if (begun) {
      lines.add(line.toString().stripTrailing());
    }
    line = new StringBuilder();
    begun = false;
    soft = false;
  }
}

package app.blenner.core.intake;

import app.blenner.core.format.html.Declared;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;

/**
 * Type that a whole paragraph is set in. It is said of the words instead, where the format has it: a
 * paragraph that is bold or large by its own style is as much a heading played as one whose words are.
 */
final class BlockType implements Step {
  private static final List<String> OF_WORDS =
      List.of("font-size", "font-weight", "font-style", "font-family", "color", "background-color");

  @Override
  public void take(Element body, Report.Tally tally) {
    for (Element block : body.select("p[style], li[style], div[style]")) {
      if (block.normalName().equals("div")
          && !block.children().select("p, div, ul, ol, table").isEmpty()) {
        continue;
      }
      Map<String, String> declared = Declared.of(block);
      List<String> said = new ArrayList<>();
      OF_WORDS.stream()
          .filter(declared::containsKey)
          .forEach(name -> said.add(name + ": " + declared.get(name)));
      if (!said.isEmpty() && block.hasText()) {
        wrap(block, String.join("; ", said));
      }
    }
  }

  private static void wrap(Element block, String style) {
    Element span = null;
    for (Node node : new ArrayList<>(block.childNodes())) {
      boolean inline = !(node instanceof Element e) || e.tag().isInline();
      if (!inline) {
        span = null;
        continue;
      }
      if (span == null) {
        span = new Element("span").attr("style", style);
        node.before(span);
      }
      span.appendChild(node);
    }
  }
}

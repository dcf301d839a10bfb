package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;

/**
 * Type that a whole paragraph is set in. It is said of the words instead, where the format has it: a
 * paragraph that is bold or large by its own style is as much a heading played as one whose words are.
 */
final class BlockType implements CleaningStep {
  private static final Set<String> BLOCKS = Set.of("p", "li", "div");
  private static final List<String> OF_WORDS =
      List.of("font-size", "font-weight", "font-style", "font-family", "color", "background-color");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasAttribute("style");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Map<String, String> styles = new HashMap<>();
    for (Element block : DomWalk.elementsNamed(body, BLOCKS)) {
      if (!block.hasAttr("style")) {
        continue;
      }
      if (block.normalName().equals("div")
          && !block.children().select("p, div, ul, ol, table").isEmpty()) {
        continue;
      }
      String said = styles.computeIfAbsent(block.attr("style"), s -> ofWords(block));
      if (!said.isEmpty() && block.hasText()) {
        wrap(block, said);
      }
    }
  }

  /** What a block's style says of its words. */
  private static String ofWords(Element block) {
    Map<String, String> declared = StyleDeclarations.of(block);
    return OF_WORDS.stream()
        .filter(declared::containsKey)
        .map(name -> name + ": " + declared.get(name))
        .collect(Collectors.joining("; "));
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
        span = new Element("span").attr("style", style).attr("data-made", "");
        node.before(span);
      }
      span.appendChild(node);
    }
  }
}

package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.Evaluator;
import org.jsoup.select.Selector;

/** Empty paragraphs that only make room go, and no-break spaces that only typing left behind become spaces. */
final class BlankLines implements CleaningStep {
  private static final char NBSP = '\u00A0';

  private static final Set<String> LINES = Set.of("p", "div", "h1", "h2", "h3", "h4", "h5", "h6");
  private static final Evaluator SHOWN =
      Selector.evaluatorOf("img, hr, table, iframe, video, audio, form, input, object, [id]");
  private static final Evaluator SHOWN_IN_PARAGRAPH =
      Selector.evaluatorOf("img, hr, table, iframe, video, audio");

  @Override
  public void take(Element body, Report.Tally tally) {
    List<Element> empty = new ArrayList<>();
    for (Element p : Nodes.named(body, LINES)) {
      // A class may say that there is something to see; only paragraphs wear them for nothing.
      boolean bare = !p.hasAttr("class") && !p.hasAttr("id");
      if (p.parent() != null && isBlank(p) && (bare || p.normalName().equals("p"))) {
        Evaluator shown = bare ? SHOWN : SHOWN_IN_PARAGRAPH;
        if (p.selectFirst(shown) == null) {
          empty.add(p);
        }
      }
    }
    Nodes.remove(empty);
    tally.dropped(Report.Dropped.EMPTY, empty.size());
    int[] loosened = {0};
    Nodes.texts(
        body,
        t -> {
          String text = t.getWholeText();
          if (text.indexOf(NBSP) >= 0) {
            String loose = loosened(text);
            loosened[0] += t.isBlank() ? 0 : count(text) - count(loose);
            t.text(loose);
          }
        });
    tally.dropped(Report.Dropped.NO_BREAK_SPACE, loosened[0]);
  }

  private static int count(String text) {
    return (int) text.chars().filter(c -> c == NBSP).count();
  }

  /** Whether an element holds no more than white space and spaces that do not break. */
  static boolean isBlank(Element e) {
    for (int i = 0; i < e.childNodeSize(); i++) {
      Node n = e.childNode(i);
      boolean blank =
          n instanceof TextNode t
              ? isBlank(t.getWholeText())
              : !(n instanceof Element x) || isBlank(x);
      if (!blank) {
        return false;
      }
    }
    return true;
  }

  private static boolean isBlank(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (!isSpace(text.charAt(i))) {
        return false;
      }
    }
    return true;
  }

  /** A no-break space stays where it holds a number or a mark to a word, and nowhere else. */
  static String loosened(String text) {
    StringBuilder out = new StringBuilder(text);
    for (int i = 0; i < out.length(); i++) {
      if (out.charAt(i) == NBSP) {
        char before = i == 0 ? ' ' : out.charAt(i - 1);
        char after = i + 1 == out.length() ? ' ' : out.charAt(i + 1);
        boolean holds =
            !isSpace(before)
                && !isSpace(after)
                && (Character.isDigit(before)
                    || Character.isDigit(after)
                    || "«»:;!?%–—".indexOf(before) >= 0
                    || "«»:;!?%–—".indexOf(after) >= 0);
        if (!holds) {
          out.setCharAt(i, ' ');
        }
      }
    }
    return out.toString();
  }

  private static boolean isSpace(char c) {
    return c == NBSP || Character.isWhitespace(c);
  }
}

package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** Empty paragraphs that only make room go, and no-break spaces that only typing left behind become spaces. */
final class BlankLines implements CleaningStep {
  private static final char NBSP = '\u00A0';

  private static final Set<String> LINES = Set.of("p", "div", "h1", "h2", "h3", "h4", "h5", "h6");
  private static final Set<String> SHOWN_IN_PARAGRAPH =
      Set.of("img", "hr", "table", "iframe", "video", "audio");
  private static final Set<String> SHOWN = Set.of("form", "input", "object");

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    List<Element> empty = new ArrayList<>();
    look(body, empty);
    DomWalk.remove(empty);
    tally.dropped(IntakeReport.Dropped.EMPTY, empty.size());
    int[] loosened = {0};
    DomWalk.texts(
        body,
        t -> {
          String text = t.getWholeText();
          if (text.indexOf(NBSP) >= 0) {
            String loose = loosened(text);
            loosened[0] += t.isBlank() ? 0 : count(text) - count(loose);
            t.text(loose);
          }
        });
    tally.dropped(IntakeReport.Dropped.NO_BREAK_SPACE, loosened[0]);
  }

  /**
   * What is inside an element.
   *
   * @param blank whether it is no more than white space
   * @param shows whether there is something to see all the same
   * @param named whether there is something that may be seen by whoever knows the page: a field, a place with a name
   */
  private record Inside(boolean blank, boolean shows, boolean named) {
    Inside with(Inside other) {
      return new Inside(blank && other.blank, shows || other.shows, named || other.named);
    }
  }

  /** From the innermost out, each element once: boxes within boxes are looked into by none of those around. */
  private static Inside look(Element e, List<Element> empty) {
    Inside all = new Inside(true, false, false);
    for (int i = 0; i < e.childNodeSize(); i++) {
      Node n = e.childNode(i);
      if (n instanceof TextNode t) {
        all = all.with(new Inside(isBlank(t.getWholeText()), false, false));
      } else if (n instanceof Element x) {
        boolean shows = SHOWN_IN_PARAGRAPH.contains(x.normalName());
        boolean named = SHOWN.contains(x.normalName()) || x.hasAttr("id");
        all = all.with(look(x, empty)).with(new Inside(true, shows, named));
      }
    }
    // A class may say that there is something to see; only paragraphs wear them for nothing.
    boolean bare = !e.hasAttr("class") && !e.hasAttr("id");
    boolean line = LINES.contains(e.normalName()) && (bare || e.normalName().equals("p"));
    if (line && all.blank && !all.shows && !(bare && all.named)) {
      empty.add(e);
    }
    return all;
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

package app.blenner.core.intake;

import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** Empty paragraphs that only make room go, and no-break spaces that only typing left behind become spaces. */
final class BlankLines implements Step {
  private static final char NBSP = '\u00A0';

  @Override
  public void take(Element body, Report.Tally tally) {
    int empty = 0;
    for (Element p : body.select("p, div, h1, h2, h3, h4, h5, h6")) {
      if (p.parent() != null
          && !p.hasAttr("class")
          && !p.hasAttr("id")
          && p.select("img, hr, table, iframe, video, audio, form, input, object, [id]").isEmpty()
          && p.text().replace(NBSP, ' ').isBlank()) {
        empty++;
        p.remove();
      }
    }
    for (Element p : body.select("p[class]")) {
      if (p.select("img, hr, table, iframe, video, audio").isEmpty()
          && p.text().replace(NBSP, ' ').isBlank()) {
        empty++;
        p.remove();
      }
    }
    tally.dropped(Report.Dropped.EMPTY, empty);
    body.nodeStream(TextNode.class)
        .forEach(
            t -> {
              String text = t.getWholeText();
              if (text.indexOf(NBSP) >= 0) {
                t.text(loosened(text));
              }
            });
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

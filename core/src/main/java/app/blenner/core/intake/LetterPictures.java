package app.blenner.core.intake;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.BreakIterator;
import java.util.Locale;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/**
 * Pictures that are letters: the emoji of chats and mails, which say in their alternative text which character they are,
 * and the boxes of checklists. They become the characters they stand for, so that no picture breaks a sentence.
 */
final class LetterPictures implements CleaningStep {
  static final String TICKED = "\u2611";
  static final String OPEN = "\u2610";

  private static final Set<String> YES =
      Set.of(
          "checked",
          "ticked",
          "done",
          "completed",
          "checkbox checked",
          "checked checkbox",
          "selected");
  private static final Set<String> NO =
      Set.of(
          "unchecked",
          "not checked",
          "unticked",
          "not done",
          "incomplete",
          "to do",
          "todo",
          "checkbox",
          "checkbox unchecked",
          "unchecked checkbox",
          "not selected");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("img", "input") || features.hasWord("checkbox");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    for (Element e : body.select("li[role=checkbox], [role=checkbox], input[type=checkbox]")) {
      if (e.closest("form.contact-form") == null) {
        box(e);
      }
    }
    int letters = 0;
    for (Element img : body.select("img[alt]")) {
      String alt = img.attr("alt").strip();
      if (alt.isEmpty() || !TextSize.isLetter(img)) {
        continue;
      }
      String box = box(alt);
      if (!box.isEmpty() && isFirst(img)) {
        begin(img, box);
        img.remove();
      } else if (isEmoji(alt) || (isOneCharacter(alt) && isAmongWords(img))) {
        img.replaceWith(new TextNode(alt));
        letters++;
      }
    }
    if (letters > 0) {
      tally.note(
          letters == 1
              ? "A picture that was a letter became that letter."
              : letters + " pictures that were letters became those letters.");
    }
  }

  private static String box(String words) {
    String small = words.toLowerCase(Locale.ROOT);
    return YES.contains(small) ? TICKED : NO.contains(small) ? OPEN : "";
  }

  /** A box of a checklist that is not a picture. */
  private static void box(Element e) {
    boolean ticked =
        e.normalName().equals("input")
            ? e.hasAttr("checked")
            : e.attr("aria-checked").equalsIgnoreCase("true");
    String sign = ticked ? TICKED : OPEN;
    if (e.normalName().equals("li")) {
      // The picture of the box says it once more.
      e.select("img").stream()
          .filter(i -> !box(i.attr("alt").strip()).isEmpty() || i.hasAttr("aria-roledescription"))
          .forEach(Element::remove);
      begin(e, sign);
      return;
    }
    if (isFirst(e)) {
      begin(e, sign);
    } else {
      e.before(new TextNode(sign + " "));
    }
    if (!e.hasText()) {
      e.remove();
    }
  }

  /** Puts a box at the start of the item or line something is in, unless there is one. */
  private static void begin(Element within, String sign) {
    Element line = within.closest("li, p, td, th, div, body");
    String words = line.text().stripLeading();
    if (words.startsWith(TICKED) || words.startsWith(OPEN)) {
      return;
    }
    Element first = line;
    Element inner = line.selectFirst("p, div");
    if (inner != null && line.ownText().isBlank()) {
      first = inner;
    }
    first.prependText(sign + " ");
  }

  /** Whether nothing is written in its item or line before it. */
  private static boolean isFirst(Element e) {
    Element line = e.closest("li, p, td, th");
    if (line == null) {
      return false;
    }
    StringBuilder before = new StringBuilder();
    boolean[] past = {false};
    line.traverse(
        (node, depth) -> {
          past[0] |= node == e;
          if (!past[0] && node instanceof TextNode t) {
            before.append(t.getWholeText());
          }
        });
    return before.toString().isBlank();
  }

  private static boolean isAmongWords(Element img) {
    return img.previousSibling() instanceof TextNode before && !before.isBlank()
        || img.nextSibling() instanceof TextNode after && !after.isBlank();
  }

  /** Whether a text is one or more emoji and nothing else (Unicode Technical Standard #51). */
  static boolean isEmoji(String text) {
    BreakIterator clusters = BreakIterator.getCharacterInstance(Locale.ROOT);
    clusters.setText(text);
    int start = clusters.first();
    for (int end = clusters.next(); end != BreakIterator.DONE; start = end, end = clusters.next()) {
      if (!isOneEmoji(text.substring(start, end))) {
        return false;
      }
    }
    return true;
  }

  private static boolean isOneEmoji(String cluster) {
    int first = cluster.codePointAt(0);
    boolean keycap = cluster.indexOf('\u20E3') >= 0;
    return UCharacter.hasBinaryProperty(cluster, UProperty.RGI_EMOJI)
        || keycap
        || UCharacter.hasBinaryProperty(first, UProperty.EXTENDED_PICTOGRAPHIC)
        || UCharacter.hasBinaryProperty(first, UProperty.EMOJI_PRESENTATION)
        || UCharacter.hasBinaryProperty(first, UProperty.REGIONAL_INDICATOR);
  }

  private static boolean isOneCharacter(String text) {
    BreakIterator clusters = BreakIterator.getCharacterInstance(Locale.ROOT);
    clusters.setText(text);
    clusters.first();
    return clusters.next() == text.length();
  }
}

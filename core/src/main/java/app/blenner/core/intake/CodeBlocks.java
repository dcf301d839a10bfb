package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Program text, however it comes: in an element of its own, in boxes or paragraphs of one font with a line each, beside a
 * column of numbers. It becomes one element whose white space counts, before any other step takes spaces for nothing.
 */
final class CodeBlocks implements CleaningStep {
  private static final Set<String> LINES = Set.of("p", "div");
  private static final Set<String> BEYOND_WORDS =
      Set.of(
          "table",
          "img",
          "ul",
          "ol",
          "h1",
          "h2",
          "h3",
          "h4",
          "h5",
          "h6",
          "iframe",
          "video",
          "audio",
          "hr",
          "blockquote",
          "figure",
          "a",
          "input",
          "form");
  private static final Pattern NUMBERS = Pattern.compile("[\\d\\s]*");
  private static final int DEEPEST = 200;

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("pre", "code", "tt", "kbd", "samp", "font")
        || features.hasWord(WhiteSpace.WORDS);
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    for (Element table : DomWalk.elementsNamed(body, "table")) {
      numbered(table)
          .ifPresent(code -> put(table, trimmed(CodeLines.of(code, true)), false, tally));
    }
    for (Element pre : DomWalk.elementsNamed(body, "pre")) {
      if (pre.parents().stream().noneMatch(p -> p.normalName().equals("pre"))) {
        keep(pre, tally);
      }
    }
    visit(body, 0, tally);
  }

  /** What is an element for code keeps its text to the last line feed; one with boxes in it has lines to be found. */
  private static void keep(Element pre, IntakeReport.Tally tally) {
    boolean[] boxes = {false};
    DomWalk.visitElements(pre, e -> boxes[0] |= CodeLines.breaks(e));
    if (boxes[0]) {
      put(pre, trimmed(CodeLines.of(List.of(pre), true)), true, tally);
    } else if (pre.hasText()) {
      put(pre, pre.wholeText(), true, tally);
    }
  }

  /** The cells with code of a table that numbers its lines; empty where it is another. */
  private static Optional<List<Element>> numbered(Element table) {
    List<Element> code = new ArrayList<>();
    boolean counts = false;
    for (Element row : DomWalk.elementsNamed(table, "tr")) {
      List<Element> cells = row.children();
      if (cells.size() != 2 || !NUMBERS.matcher(cells.get(0).text()).matches()) {
        return Optional.empty();
      }
      Element cell = cells.get(1);
      boolean kept =
          WhiteSpace.isKept(cell)
              || DomWalk.elementsNamed(cell, "pre", "code").stream().anyMatch(WhiteSpace::isKept);
      if (!kept) {
        return Optional.empty();
      }
      counts |= cells.get(0).hasText() || !cells.get(0).attributes().dataset().isEmpty();
      code.add(cell);
    }
    return counts && !code.isEmpty() ? Optional.of(code) : Optional.empty();
  }

  /** Looks for neighbours of one font among what is inside an element, and then further inside. */
  private static void visit(Element parent, int depth, IntakeReport.Tally tally) {
    if (depth > DEEPEST || parent.normalName().equals("pre")) {
      return;
    }
    List<Element> run = new ArrayList<>();
    for (Node node : List.copyOf(parent.childNodes())) {
      if (node instanceof TextNode t && t.isBlank()) {
        continue;
      }
      if (node instanceof Element e && LINES.contains(e.normalName()) && isOfOneWidth(e)) {
        run.add(e);
        continue;
      }
      made(run, tally);
      run.clear();
      if (node instanceof Element e && e.childrenSize() > 0) {
        visit(e, depth + 1, tally);
      }
    }
    made(run, tally);
  }

  private static void made(List<Element> run, IntakeReport.Tally tally) {
    if (run.isEmpty()) {
      return;
    }
    List<String> lines = CodeLines.of(run, false);
    boolean kept = run.stream().allMatch(CodeBlocks::keepsSpaces);
    if (lines.size() > 1 && (kept || CodeEvidence.isCode(String.join("\n", lines)))) {
      put(run.get(0), trimmed(lines), false, tally);
      for (Element further : run.subList(1, run.size())) {
        tally.dropped(IntakeReport.Dropped.STYLE, Emphasis.settingsWithin(further));
      }
      DomWalk.remove(run.subList(1, run.size()));
    }
  }

  private static boolean keepsSpaces(Element box) {
    return WhiteSpace.isKept(box)
        || (box.childrenSize() == 1 && box.ownText().isBlank() && WhiteSpace.isKept(box.child(0)));
  }

  /** Whether all there is to read in a box is in letters of one width, and nothing but words is in it. */
  private static boolean isOfOneWidth(Element box) {
    // Most boxes are of a usual font, and are told by their first words.
    if (!WhiteSpace.isMonospaced(box) && !isInside(box)) {
      return false;
    }
    boolean[] beyond = {false};
    DomWalk.visitElements(box, e -> beyond[0] |= BEYOND_WORDS.contains(e.normalName()));
    return !beyond[0];
  }

  private static boolean isInside(Element e) {
    boolean some = false;
    for (int i = 0; i < e.childNodeSize(); i++) {
      Node node = e.childNode(i);
      if (node instanceof TextNode t && !t.getWholeText().chars().allMatch(WhiteSpace::isSoft)) {
        return false;
      }
      if (node instanceof Element x && !x.normalName().equals("br")) {
        if (!WhiteSpace.isMonospaced(x) && !isInside(x)) {
          return false;
        }
        some = true;
      }
    }
    return some;
  }

  /**
   * Puts an element for code in the place of another.
   *
   * @param was whether it was one before, so that only its language is news
   */
  private static void put(Element place, String text, boolean was, IntakeReport.Tally tally) {
    String named = CodeLanguage.named(place);
    Optional<CodeLanguage> guessed = named.isEmpty() ? CodeLanguage.guess(text) : Optional.empty();
    guessed.ifPresentOrElse(
        l -> tally.note(l.note()),
        () -> {
          if (!was) {
            tally.note("What looks like program text is kept as code, with every space.");
          }
        });
    String language = guessed.map(CodeLanguage::id).orElse(named);
    tally.dropped(IntakeReport.Dropped.STYLE, Emphasis.settingsWithin(place));
    Element pre = new Element("pre");
    Element code = pre.appendElement("code");
    if (!language.isEmpty()) {
      code.addClass("language-" + language);
    }
    code.appendText(text);
    place.replaceWith(pre);
  }

  /** Without the empty lines before and after it, which were there to set it apart. */
  private static String trimmed(List<String> lines) {
    int from = 0;
    int to = lines.size();
    while (from < to && lines.get(from).isBlank()) {
      from++;
    }
    while (to > from && lines.get(to - 1).isBlank()) {
      to--;
    }
    return String.join("\n", lines.subList(from, to));
  }
}

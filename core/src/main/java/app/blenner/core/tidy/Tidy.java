package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.PassageFingerprint;
import app.blenner.core.rule.Rule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds what the clean-up rules find in hand-made text, and mends those that somebody chose. */
public final class Tidy {
  /** What was found of one rule. */
  public record Matches(String rule, String label, String why, List<CleanUpMatch> traces) {}

  /**
   * In this order they do not get into each other's way: headings while their evidence stands, then
   * what changes characters, then what changes where blocks begin and end.
   */
  private static final List<CleanUpRule> RULES =
      List.of(
          new BoldHeadings(),
          new HandFormatting(),
          new Capitals(),
          new StraightQuotes(),
          new ForeignQuotes(),
          new DoubledWords(),
          new Spaces(),
          new StrayBreaks(),
          new TypedLists(),
          new EmptyParagraphs());

  private Tidy() {}

  /** The rules that clean up, in that order. */
  public static List<Rule> rules() {
    return List.copyOf(RULES);
  }

  /** What there is to tidy; rules of which nothing was found are left out. */
  public static List<Matches> find(Document document, String language) {
    List<Matches> out = new ArrayList<>();
    for (CleanUpRule rule : RULES) {
      List<CleanUpMatch> traces = new ArrayList<>();
      Keys keys = new Keys();
      rule.mend(
          document,
          language,
          spot -> {
            traces.add(new CleanUpMatch(keys.next(spot), spot.before(), spot.after()));
            return false;
          });
      if (!traces.isEmpty()) {
        out.add(new Matches(rule.id(), rule.descriptor().label(), rule.why(), List.copyOf(traces)));
      }
    }
    return out;
  }

  /**
   * The text tidied.
   *
   * @param chosen for each rule to be mended, the keys of the places where it is
   */
  public static Document apply(
      Document document, String language, Map<String, Set<String>> chosen) {
    Document out = document;
    for (CleanUpRule rule : RULES) {
      Set<String> here = chosen.getOrDefault(rule.id(), Set.of());
      if (!here.isEmpty()) {
        Keys keys = new Keys();
        out = rule.mend(out, language, spot -> here.contains(keys.next(spot)));
      }
    }
    return out;
  }

  /** Names places by the letters around them, and those with the same letters by their number. */
  private static final class Keys {
    private final Map<String, Integer> seen = new HashMap<>();

    String next(CleanUpSpot spot) {
      String about = PassageFingerprint.lettersOf(spot.words());
      return about + "." + seen.merge(about, 1, Integer::sum);
    }
  }
}

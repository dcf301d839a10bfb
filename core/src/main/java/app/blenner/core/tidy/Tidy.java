package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds the habits of hand-made text, and mends those that somebody chose. */
public final class Tidy {
  /** What was found of one habit. */
  public record Found(String habit, String label, String why, List<Trace> traces) {}

  /**
   * In this order they do not get into each other's way: headings while their evidence stands, then
   * what changes characters, then what changes where blocks begin and end.
   */
  private static final List<Habit> HABITS =
      List.of(
          new BoldHeadings(),
          new HandDress(),
          new Capitals(),
          new StraightQuotes(),
          new Spaces(),
          new StrayBreaks(),
          new TypedLists(),
          new EmptyParagraphs());

  private Tidy() {}

  /** What there is to tidy; habits of which nothing was found are left out. */
  public static List<Found> find(Document document, String language) {
    List<Found> out = new ArrayList<>();
    for (Habit habit : HABITS) {
      List<Trace> traces = new ArrayList<>();
      Keys keys = new Keys();
      habit.mend(
          document,
          language,
          (words, before, after) -> {
            traces.add(new Trace(keys.next(words), before, after));
            return false;
          });
      if (!traces.isEmpty()) {
        out.add(new Found(habit.id(), habit.label(), habit.why(), List.copyOf(traces)));
      }
    }
    return out;
  }

  /**
   * The text tidied.
   *
   * @param chosen for each habit to be mended, the keys of the places where it is
   */
  public static Document apply(
      Document document, String language, Map<String, Set<String>> chosen) {
    Document out = document;
    for (Habit habit : HABITS) {
      Set<String> here = chosen.getOrDefault(habit.id(), Set.of());
      if (!here.isEmpty()) {
        Keys keys = new Keys();
        out = habit.mend(out, language, (words, before, after) -> here.contains(keys.next(words)));
      }
    }
    return out;
  }

  /** Names places by the letters around them, and those with the same letters by their number. */
  private static final class Keys {
    private final Map<String, Integer> seen = new HashMap<>();

    String next(String words) {
      String letters = Trace.letters(words);
      return letters + "#" + seen.merge(letters, 1, Integer::sum);
    }
  }
}

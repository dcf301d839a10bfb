package app.blenner.core.intake;

import app.blenner.core.language.Enumeration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What became of foreign text.
 *
 * @param sentence all of it, in a sentence or two
 * @param kept what came through, and how much of it
 * @param dropped what was left behind, and how much of it
 * @param notes whatever else a person should know, a sentence each
 */
public record IntakeReport(
    String sentence, List<Count> kept, List<Count> dropped, List<String> notes) {

  /** How many of something, and what: 3, “headings”. */
  public record Count(int number, String what) {
    @Override
    public String toString() {
      String digits = Integer.toString(number);
      for (int at = digits.length() - 3; at > 0; at -= 3) {
        digits = digits.substring(0, at) + "," + digits.substring(at);
      }
      return digits + " " + what;
    }
  }

  /** What can come through. */
  public enum Kept {
    HEADING("heading", "headings"),
    LIST("list", "lists"),
    TABLE("table", "tables"),
    LINK("link", "links"),
    PICTURE("picture", "pictures"),
    QUOTE("quote", "quotes"),
    FOOTNOTE("footnote", "footnotes"),
    CODE("piece of code", "pieces of code");

    private final String one;
    private final String many;

    Kept(String one, String many) {
      this.one = one;
      this.many = many;
    }
  }

  /** What can be left behind. */
  public enum Dropped {
    STYLE("style setting", "style settings"),
    DELETION("tracked deletion", "tracked deletions"),
    REMARK("comment", "comments"),
    EMPTY("empty line", "empty lines"),
    HIDDEN("hidden piece", "hidden pieces"),
    TRACKER("tracking picture", "tracking pictures"),
    REDIRECT("detour around a link", "detours around links"),
    PARAMETER("tracking mark in a link", "tracking marks in links"),
    PROGRAM("piece of program code", "pieces of program code"),
    BUTTON("button", "buttons"),
    FRAME("frame", "frames"),
    JUSTIFIED("even edge of a justified paragraph", "even edges of justified paragraphs"),
    ALIGNED("alignment of a line", "alignments of lines"),
    NO_BREAK_SPACE("no-break space", "no-break spaces"),
    DIRECTION("direction of some words", "directions of some words"),
    LIST_STYLE("list style", "list styles"),
    LAYOUT_TABLE("table that only laid the page out", "tables that only laid the page out"),
    LINK("link that led nowhere", "links that led nowhere"),
    PICTURE("picture", "pictures");

    private final String one;
    private final String many;

    Dropped(String one, String many) {
      this.one = one;
      this.many = many;
    }
  }

  /** Counts while the text is worked on. */
  static final class Tally {
    private final Map<Kept, Integer> kept = new EnumMap<>(Kept.class);
    private final Map<Kept, Integer> lost = new EnumMap<>(Kept.class);
    private final Map<Dropped, Integer> dropped = new EnumMap<>(Dropped.class);
    private final Set<String> notes = new LinkedHashSet<>();
    private String notOffered = "";

    void kept(Kept what, int number) {
      kept.merge(what, number, Integer::sum);
    }

    void dropped(Dropped what, int number) {
      dropped.merge(what, number, Integer::sum);
    }

    /** What another reading kept besides the characters is left behind. */
    void formLost(Tally other) {
      lost.putAll(other.kept);
      other.dropped.forEach(this::dropped);
    }

    /** What the text it joins does not offer, in words; its own words were kept. */
    void notOffered(String what) {
      notOffered = what;
    }

    void note(String sentence) {
      notes.add(sentence);
    }

    IntakeReport report() {
      List<Count> in = new ArrayList<>();
      kept.forEach((k, n) -> add(in, n, k.one, k.many));
      List<Count> out = new ArrayList<>();
      lost.forEach((k, n) -> add(out, n, k.one, k.many));
      dropped.forEach((d, n) -> add(out, n, d.one, d.many));
      String sentence = in.isEmpty() ? "Kept the words." : "Kept " + joined(in) + ".";
      if (!out.isEmpty()) {
        sentence += " Dropped " + joined(out) + ".";
      }
      if (!notOffered.isEmpty()) {
        sentence += " Not offered here, and made plain: " + notOffered + ".";
      }
      return new IntakeReport(sentence, in, out, List.copyOf(notes));
    }

    private static void add(List<Count> to, int number, String one, String many) {
      if (number > 0) {
        to.add(new Count(number, number == 1 ? one : many));
      }
    }

    private static String joined(List<Count> counts) {
      return Enumeration.and(counts.stream().map(Count::toString).toList());
    }
  }
}

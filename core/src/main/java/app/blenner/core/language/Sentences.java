package app.blenner.core.language;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Where sentences begin and end, by Unicode UAX #29, but not behind what is only shortened. */
public final class Sentences {
  /** Words that end in a full stop and no sentence, in small letters, of the languages Blenner knows best. */
  private static final Set<String> SHORT =
      Set.of(
          "mr", "mrs", "ms", "dr", "prof", "st", "no", "vs", "etc", "e.g", "i.e", "approx", "fig",
          "z.b", "bzw", "d.h", "usw", "ca", "nr", "str", "vgl", "abb", "u.a", "p", "pp", "vol", "m",
          "mme", "art", "env", "sr", "sra", "núm", "pág", "sig", "dott", "ing", "dhr", "mevr");

  private Sentences() {}

  /**
   * A stretch of a text.
   *
   * @param from its first character
   * @param to the character after its last
   */
  public record Stretch(int from, int to) {}

  /** The sentences of a text, without the white space around them. */
  public static List<Stretch> of(String text, String language) {
    BreakIterator breaks = BreakIterator.getSentenceInstance(Locale.forLanguageTag(language));
    breaks.setText(text);
    List<Stretch> out = new ArrayList<>();
    int from = breaks.first();
    for (int to = breaks.next(); to != BreakIterator.DONE; to = breaks.next()) {
      if (to < text.length() && endsShortened(text, from, to)) {
        continue;
      }
      add(out, text, from, to);
      from = to;
    }
    add(out, text, from, text.length());
    return out;
  }

  private static void add(List<Stretch> out, String text, int from, int to) {
    int first = from;
    int last = to;
    while (first < last && Character.isWhitespace(text.charAt(first))) {
      first++;
    }
    while (last > first && Character.isWhitespace(text.charAt(last - 1))) {
      last--;
    }
    if (last > first) {
      out.add(new Stretch(first, last));
    }
  }

  private static boolean endsShortened(String text, int from, int to) {
    String sentence = text.substring(from, to).stripTrailing();
    if (!sentence.endsWith(".")) {
      return false;
    }
    int space = Math.max(sentence.lastIndexOf(' '), sentence.lastIndexOf('\u00A0'));
    String last =
        sentence.substring(space + 1, sentence.length() - 1).replaceFirst("^[(\\[“\"„«]", "");
    return SHORT.contains(last.toLowerCase(Locale.ROOT))
        // An initial, and a day: “on 3. May”.
        || last.length() == 1 && Character.isUpperCase(last.charAt(0))
        || last.matches("\\d{1,2}") && space > 0;
  }
}

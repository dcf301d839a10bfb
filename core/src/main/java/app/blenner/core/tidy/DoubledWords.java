package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** A word written twice, as happens at the end of a line or when a sentence is changed. */
final class DoubledWords extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "doubled-words",
          "Words written twice",
          "The eye of whoever wrote it skips the second; readers stumble over it.",
          "Common practice: proofreaders look for it at each line’s end",
          RuleSeverity.ADVISED,
          "one word less",
          "%d words less");

  /** What is said twice on purpose, or stands twice by the rules of the language. */
  private static final Map<String, Set<String>> MEANT =
      Map.of(
          "en",
          Set.of(
              "had", "that", "is", "do", "very", "so", "no", "yes", "bye", "ha", "ho", "knock",
              "tut", "there", "now", "hear", "blah", "well", "long", "far", "many", "never",
              "really"),
          "de",
          Set.of(
              "die", "der", "das", "den", "dem", "sie", "ihr", "sehr", "ja", "nein", "so", "nie"),
          "fr",
          Set.of("nous", "vous", "très", "oui", "non", "si", "bon", "petit"),
          "es",
          Set.of("muy", "sí", "no", "ya"),
          "it",
          Set.of("molto", "sì", "no", "pian", "piano", "quasi", "via", "man"),
          "nl",
          Set.of("die", "dat", "heel", "ja", "nee", "zij", "had"));

  DoubledWords() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "This word stands here twice.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    Set<String> meant = MEANT.getOrDefault(Locale.forLanguageTag(language).getLanguage(), Set.of());
    return CharacterEdits.mend(document, (text, code) -> editsFor(text, code, meant), take);
  }

  private static List<Edit> editsFor(String text, boolean[] code, Set<String> meant) {
    List<Edit> out = new ArrayList<>();
    for (Twice twice : twice(text)) {
      String first = text.substring(twice.from, twice.to);
      // Names can be of two equal parts, and where both are capitals they are signs.
      boolean name = Character.isUpperCase(text.codePointAt(twice.again));
      if (!code[twice.from] && !name && !meant.contains(first.toLowerCase(Locale.ROOT))) {
        out.add(new Edit(twice.to, twice.end, ""));
      }
    }
    return out;
  }

  /**
   * Two words that are the same but for capitals, with nothing but spaces between them.
   *
   * @param from where the first begins
   * @param to behind it
   * @param again where the second begins
   * @param end behind it
   */
  record Twice(int from, int to, int again, int end) {}

  /** All words of a text that stand there twice, each word in one pair at most. */
  static List<Twice> twice(String text) {
    List<Twice> out = new ArrayList<>();
    int from = -1; // where the word before begins; nowhere where this one has none
    int to = -1;
    int at = 0;
    while (at < text.length()) {
      int begin = at;
      at = afterLetters(text, begin);
      if (at == begin) {
        int c = text.codePointAt(at);
        at += Character.charCount(c);
        from = c == ' ' || c == '\u00A0' || c == '\n' ? from : -1;
      } else if (from >= 0 && ends(text, at) && alike(text, from, to, begin, at)) {
        out.add(new Twice(from, to, begin, at));
        from = -1;
      } else {
        from = begins(text, begin) ? begin : -1;
        to = at;
      }
    }
    return out;
  }

  private static int afterLetters(String text, int from) {
    int at = from;
    while (at < text.length() && Character.isLetter(text.codePointAt(at))) {
      at += Character.charCount(text.codePointAt(at));
    }
    return at;
  }

  private static boolean begins(String text, int at) {
    return at == 0 || !joins(text.codePointBefore(at));
  }

  private static boolean ends(String text, int at) {
    return at == text.length() || !joins(text.codePointAt(at));
  }

  /** What makes one word of letters before and behind it. */
  private static boolean joins(int c) {
    return switch (Character.getType(c)) {
      case Character.DECIMAL_DIGIT_NUMBER, Character.LETTER_NUMBER, Character.OTHER_NUMBER -> true;
      default -> c == '’' || c == '\'' || c == '-';
    };
  }

  /** Compared by whole characters: Java's patterns fail on those beyond the first 65,536. */
  private static boolean alike(String text, int from, int to, int again, int end) {
    int one = from;
    int other = again;
    while (one < to && other < end) {
      int c = text.codePointAt(one);
      int d = text.codePointAt(other);
      if (c != d && small(c) != small(d)) {
        return false;
      }
      one += Character.charCount(c);
      other += Character.charCount(d);
    }
    return one == to && other == end;
  }

  private static int small(int c) {
    return Character.toLowerCase(Character.toUpperCase(c));
  }
}

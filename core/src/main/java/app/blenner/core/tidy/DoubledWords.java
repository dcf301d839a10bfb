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
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

  private static final Pattern TWICE =
      Pattern.compile(
          "(?iu)(?<![\\p{L}\\p{N}’'-])(\\p{L}+)[ \\u00A0\\n]+(\\1)(?![\\p{L}\\p{N}’'-])");

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
    return CharacterEdits.mend(document, (text, code) -> edits(text, code, meant), take);
  }

  private static List<Edit> edits(String text, boolean[] code, Set<String> meant) {
    List<Edit> out = new ArrayList<>();
    Matcher m = TWICE.matcher(text);
    while (m.find()) {
      String first = m.group(1);
      String second = m.group(2);
      // Names can be of two equal parts, and where both are capitals they are signs.
      boolean name = Character.isUpperCase(second.codePointAt(0));
      if (!code[m.start()] && !name && !meant.contains(first.toLowerCase(Locale.ROOT))) {
        out.add(new Edit(m.end(1), m.end(2), ""));
      }
    }
    return out;
  }
}

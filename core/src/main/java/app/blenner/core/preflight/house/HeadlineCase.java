package app.blenner.core.preflight.house;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.tidy.WordEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Titles and headings of English texts have capitals as the house wants them. Other languages have rules of their own. */
public final class HeadlineCase extends BasicRule {
  private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\p{M}\\p{N}'’]*");

  /** What stays small in a title, unless it is its first or last word: articles, short prepositions and conjunctions. */
  private static final Set<String> SMALL =
      Set.of(
          "a", "an", "the", "and", "but", "or", "nor", "for", "so", "yet", "as", "at", "by", "in",
          "of", "off", "on", "per", "to", "up", "via", "if", "vs", "from", "with", "into", "over",
          "than");

  private final boolean title;

  private HeadlineCase(RuleDescriptor descriptor, boolean title) {
    super(descriptor, Scope.ITEM);
    this.title = title;
  }

  /** Capitals for all words that carry sense, or for the first alone. */
  public static List<Rule> all() {
    return List.of(
        new HeadlineCase(
            new RuleDescriptor(
                "title-case",
                "Titles and headings not in title case",
                "Headings that are written alike look like those of one publication.",
                "Common practice: title case as style manuals have it",
                RuleSeverity.OFF,
                "one heading in title case",
                "%d headings in title case"),
            true),
        new HeadlineCase(
            new RuleDescriptor(
                "sentence-case",
                "Titles and headings not in sentence case",
                "Headings that are written alike look like those of one publication, and names stand out.",
                "Common practice: sentence case as style manuals have it",
                RuleSeverity.OFF,
                "one heading in sentence case",
                "%d headings in sentence case"),
            false));
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    if (!subject.language().startsWith("en")) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    String name = subject.content().title();
    if (isWrong(name)) {
      found.add(
          Finding.onField(
              this,
              settings.severityOf(this),
              message(name),
              "title",
              title
                  ? List.of(
                      Fix.ofItem(
                          "Write it in title case",
                          (content, at) -> content.withTitle(titled(content.title()))))
                  : List.of(Fix.ask("Write it otherwise", "title"))));
    }
    for (Place heading : subject.headings()) {
      if (isWrong(heading.text())) {
        found.add(
            Finding.onBlock(
                this,
                settings.severityOf(this),
                message(heading.text()),
                heading,
                fixesFor(heading)));
      }
    }
    return found;
  }

  /** Which words of a heading are names only a person knows, so that nothing makes small letters of capitals. */
  private List<Fix> fixesFor(Place heading) {
    String text = heading.text();
    return title
        ? List.of(
            Fix.ofItem(
                "Write it in title case",
                (content, at) ->
                    content.withBody(
                        WordEdit.replacedEach(content.body(), at, lettersOf(text, titled(text))))))
        : List.of();
  }

  private static List<WordEdit.Change> lettersOf(String before, String after) {
    List<WordEdit.Change> out = new ArrayList<>();
    for (int i = 0; i < before.length(); i++) {
      if (before.charAt(i) != after.charAt(i)) {
        out.add(new WordEdit.Change(i, i + 1, after.substring(i, i + 1)));
      }
    }
    return out;
  }

  private String message(String text) {
    String shown = text.length() > 60 ? text.substring(0, 59) + "…" : text;
    return title
        ? "“" + shown + "” is not in title case."
        : "“" + shown + "” has capitals as a title has; the house writes headings like sentences.";
  }

  private boolean isWrong(String text) {
    return title ? !titled(text).equals(text) : hasTitleCapitals(text);
  }

  /** In title case; as many characters as before, since letters that become two are left. */
  static String titled(String text) {
    StringBuilder out = new StringBuilder(text);
    List<int[]> words = wordsOf(text);
    for (int i = 0; i < words.size(); i++) {
      int from = words.get(i)[0];
      String word = text.substring(from, words.get(i)[1]);
      boolean edge = i == 0 || i == words.size() - 1 || afterColon(text, from);
      boolean joined = from > 0 && "'’".indexOf(text.charAt(from - 1)) >= 0;
      boolean small = !edge && SMALL.contains(word.toLowerCase(Locale.ENGLISH));
      char first = text.charAt(from);
      if (!small && !joined && Character.isLowerCase(first) && !hasCapital(word)) {
        out.setCharAt(from, Character.toTitleCase(first));
      } else if (small && word.equals(capitalised(word))) {
        out.setCharAt(from, Character.toLowerCase(first));
      }
    }
    return out.toString();
  }

  private static boolean afterColon(String text, int at) {
    String before = text.substring(0, at).stripTrailing();
    return !before.isEmpty() && ":.?!–—".indexOf(before.charAt(before.length() - 1)) >= 0;
  }

  private static String capitalised(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ENGLISH)
        + word.substring(1).toLowerCase(Locale.ENGLISH);
  }

  /** “eBook” and “iPad” are written as they are. */
  private static boolean hasCapital(String word) {
    return word.chars().anyMatch(Character::isUpperCase);
  }

  /** At least three words that carry sense, and all of them with a capital: names alone are seldom so many. */
  private static boolean hasTitleCapitals(String text) {
    int sense = 0;
    List<int[]> words = wordsOf(text);
    for (int i = 1; i < words.size(); i++) {
      String word = text.substring(words.get(i)[0], words.get(i)[1]);
      if (word.length() < 4 || SMALL.contains(word.toLowerCase(Locale.ENGLISH))) {
        continue;
      }
      if (!Character.isUpperCase(word.charAt(0))) {
        return false;
      }
      sense++;
    }
    return sense >= 3;
  }

  private static List<int[]> wordsOf(String text) {
    List<int[]> out = new ArrayList<>();
    Matcher m = WORD.matcher(text);
    while (m.find()) {
      out.add(new int[] {m.start(), m.end()});
    }
    return out;
  }
}

package app.blenner.core.preflight.language;

import app.blenner.core.document.Code;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.WordList;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An abbreviation is explained where it first stands. */
public final class AbbreviationUnexplained extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "abbreviation-unexplained",
          "Abbreviations nobody explains",
          "Whoever does not know the letters cannot guess them.",
          "WCAG 2.2, success criterion 3.1.4 Abbreviations; technique G97",
          RuleSeverity.OFF,
          "the meaning of one abbreviation",
          "the meanings of %d abbreviations");

  private static final WordList WORDS =
      new WordList(
          "Abbreviations everybody knows", "One in each line, beside those on every site.");

  /** Letters in capitals, as in NASA, CO2 or MRTs; in brackets at the end they explain themselves. */
  private static final Pattern LETTERS =
      Pattern.compile("(?<![\\p{L}\\p{N}-])(\\p{Lu}{2,6}\\p{N}?)(?:s|’s|'s)?(?![\\p{L}\\p{N}])");

  /** Known better than what they are short for. Common practice. */
  private static final Set<String> KNOWN =
      Set.copyOf(
          List.of(
              ("UK US USA EU UN TV PC CD DVD PDF FAQ ID OK AM PM GPS LED DNA HIV WC VIP PIN SMS USB WLAN PKW LKW DM AG GmbH TÜV"
                      + " ADAC URL HTML CSS JPEG JPG PNG GIF MP3 MP4 XL XXL NASA AD BC BCE CE II III IV VI VII VIII IX XI XII XIII XIV XV XVI XX XXI")
                  .split(" ")));

  public AbbreviationUnexplained() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public Optional<WordList> words() {
    return Optional.of(WORDS);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Set<String> seen = new HashSet<>(KNOWN);
    seen.addAll(settings.wordsOf(this));
    List<Finding> found = new ArrayList<>();
    for (int i = 0; i < subject.passages().size(); i++) {
      for (Place place : subject.passages().get(i).places()) {
        if (!(place.block() instanceof Code) && !isShouted(place.text())) {
          look(place.inPassage(i), settings, seen, found);
        }
      }
    }
    return found;
  }

  private void look(Place place, Settings settings, Set<String> seen, List<Finding> found) {
    String text = place.text();
    Matcher m = LETTERS.matcher(text);
    while (m.find()) {
      if (seen.add(m.group(1)) && !isExplained(place, m.start(1), m.end(1))) {
        found.add(
            Finding.onWords(
                this,
                settings.severityOf(this),
                "“" + m.group(1) + "” is not explained where it first stands.",
                place,
                m.start(1),
                m.end(1),
                List.of()));
      }
    }
  }

  /** By a bracket behind it, by standing in a bracket itself, or by a mark that holds its meaning. */
  private static boolean isExplained(Place place, int from, int to) {
    String text = place.text();
    boolean before = text.substring(to).matches("(?s)(?:s|’s|'s)?\\s*[(\\[].*");
    boolean inside = text.substring(0, from).matches("(?s).*[(\\[]\\s*$");
    int at = 0;
    for (Inline inline : place.block().content()) {
      int end = at + Inlines.textOf(List.of(inline)).length();
      if (inline.marks().valueOf(Mark.Kind.ABBREVIATION).isPresent() && at <= from && to <= end) {
        return true;
      }
      at = end;
    }
    return before || inside;
  }

  /** All in capitals are words that somebody shouts, and another rule’s. */
  private static boolean isShouted(String text) {
    return text.codePoints().noneMatch(Character::isLowerCase);
  }
}

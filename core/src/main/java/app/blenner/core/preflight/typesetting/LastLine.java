package app.blenner.core.preflight.typesetting;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.tidy.WordEdit;
import app.blenner.core.typeset.Measure;
import app.blenner.core.typeset.MeasuredText;
import app.blenner.core.typeset.MeasuredText.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The last line of a paragraph is more than one short word. */
public final class LastLine extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "last-line",
          "Last lines of one short word",
          "A word alone looks forgotten, and makes the page look longer than it is.",
          "Common practice of typesetting: no paragraph ends with one short word",
          RuleSeverity.OFF,
          "a longer last line of one paragraph",
          "longer last lines of %d paragraphs");

  private static final Parameter LETTERS =
      new Parameter("letters", "A word is short with at most so many letters", 2, 20, 6);

  public LastLine() {
    super(TOLD, Scope.BLOCK, LETTERS);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      MeasuredParagraphs.set(place, passage.language())
          .ifPresent(set -> look(set, place, settings, found));
    }
    return found;
  }

  private void look(MeasuredText set, Place place, Settings settings, List<Finding> found) {
    List<String> where = new ArrayList<>();
    int word = -1;
    for (Measure measure : Measure.values()) {
      List<Line> lines = set.lines(measure.pixels());
      Line last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
      if (last != null
          && lines.size() > 1
          && !lines.get(lines.size() - 2).forced()
          && isShortWord(set.text().substring(last.from(), last.to()), settings)) {
        where.add(measure.label());
        word = last.from();
      }
    }
    if (!where.isEmpty()) {
      found.add(
          Finding.onWords(
              this,
              settings.severityOf(this),
              "On "
                  + String.join(" and ", where)
                  + " the last line is “"
                  + set.text().substring(word).strip()
                  + "” alone.",
              place,
              word,
              set.text().length(),
              tied(set.text(), word)));
    }
  }

  private boolean isShortWord(String line, Settings settings) {
    return line.indexOf(' ') < 0
        && line.codePoints().filter(Character::isLetterOrDigit).count()
            <= settings.numberOf(this, LETTERS);
  }

  /** A space that does not break, before the word, so that it has company. */
  private static List<Fix> tied(String text, int word) {
    Optional<Integer> space = Optional.of(word - 1).filter(i -> i > 0 && text.charAt(i) == ' ');
    return space.isEmpty()
        ? List.of()
        : List.of(
            Fix.ofItem(
                "Tie it to the word before",
                (content, at) ->
                    content.withBody(
                        WordEdit.replaced(
                            content.body(), at, space.get(), space.get() + 1, "\u00A0"))));
  }
}

package app.blenner.core.preflight.typesetting;

import app.blenner.core.kind.SidePart;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.Counts;
import app.blenner.core.language.Sentences;
import app.blenner.core.language.WordCounts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The side column says little, and less than the text it stands beside. */
public final class SideColumnRule extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "side-column",
          "Side columns that say too much",
          "Beside a text people glance; what is longer than that they do not read there.",
          "Common practice: a side column is shorter than its text, its paragraphs one or two sentences",
          RuleSeverity.ADVISED,
          "a shorter side column",
          "shorter side columns");

  private static final Parameter SENTENCES =
      new Parameter(Parameter.MOST, "Most sentences of a paragraph", 1, 20, 2);

  /** A column of 256 pixels holds as many words in two lines as the text beside it in one. */
  private static final double NARROWER = 2.2;

  /** So many letters of a paragraph tell which it is. */
  private static final int TOLD_LENGTH = 30;

  public SideColumnRule() {
    super(TOLD, Scope.ITEM, SENTENCES);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Map<String, String>> parts = SidePart.partsIn(subject.content());
    if (parts.isEmpty()) {
      return found;
    }
    String field = Finding.FIELD + StandardFields.SIDE;
    int most = settings.numberOf(this, SENTENCES);
    int words = 0;
    for (Map<String, String> part : parts) {
      for (String paragraph : SidePart.paragraphsIn(part)) {
        words += Counts.countWords(paragraph);
        int sentences = Sentences.of(paragraph, subject.language()).size();
        // What somebody said is quoted as long as it is.
        if (sentences > most && part.get("part").equals(SidePart.TEXT.word())) {
          found.add(
              finding(
                  "A paragraph of the side column has "
                      + sentences
                      + " sentences: “"
                      + beginningOf(paragraph)
                      + "”.",
                  paragraph,
                  field,
                  settings));
        }
      }
    }
    int beside = WordCounts.of(subject.content().body()).words();
    if (beside > 0 && words * NARROWER > beside) {
      found.add(
          finding(
              "The side column is longer than the text: " + words + " words beside " + beside + ".",
              "length",
              field,
              settings));
    }
    return found;
  }

  private static String beginningOf(String paragraph) {
    String text = paragraph.strip();
    int end = text.indexOf(' ', Math.min(TOLD_LENGTH, text.length()));
    return end < 0 ? text : text.substring(0, end) + " …";
  }

  private Finding finding(String message, String of, String field, Settings settings) {
    return Finding.onFieldOf(
        this, settings.severityOf(this), message, field, of, List.of(Fix.ask("Shorten it", field)));
  }
}

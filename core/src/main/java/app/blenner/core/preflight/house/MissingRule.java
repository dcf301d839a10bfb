package app.blenner.core.preflight.house;

import app.blenner.core.face.Teaser;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.function.Predicate;

/** A field that a house can ask for, although Blenner can do without. */
public final class MissingRule extends BasicRule {
  private final String message;
  private final String field;
  private final Predicate<Subject> missing;

  private MissingRule(
      RuleDescriptor descriptor, String message, String field, Predicate<Subject> missing) {
    super(descriptor, Scope.ITEM);
    this.message = message;
    this.field = field;
    this.missing = missing;
  }

  /** All of them. */
  public static List<Rule> all() {
    return List.of(
        of(
            "summary-missing",
            "No summary",
            "a summary",
            "Lists, search results and shared links show it.",
            "The item has no summary.",
            "summary",
            s -> s.content().summary().isEmpty()),
        of(
            "lead-picture-missing",
            "No lead picture",
            "a lead picture",
            "Teasers and shared links show it; without one they are a line of text.",
            "The item has no lead picture.",
            "leadPicture",
            s -> s.content().leadPicture().isEmpty()),
        of(
            "teaser-picture-missing",
            "No picture for teasers and shared links",
            "a picture for the teaser",
            "Among others that have one, a teaser without a picture is passed over.",
            "Teasers and shared links of the item have no picture.",
            Finding.FIELD + StandardFields.TEASER_PICTURE,
            s -> Teaser.of(s.content()).picture().words().isEmpty()),
        of(
            "authors-missing",
            "Nobody named as an author",
            "an author",
            "Readers want to know who tells them this.",
            "Nobody is named as an author.",
            Finding.FIELD + StandardFields.AUTHORS,
            s -> StandardFields.texts(s.content(), StandardFields.AUTHORS).isEmpty()),
        of(
            "review-date-missing",
            "No day to look at it again",
            "a day to look at it again",
            "What nobody looks at again is soon wrong without anybody noticing.",
            "No day is set on which somebody looks at it again.",
            Finding.FIELD + StandardFields.REVIEW_DATE,
            s -> StandardFields.textOf(s.content(), StandardFields.REVIEW_DATE).isEmpty()));
  }

  private static Rule of(
      String id,
      String label,
      String what,
      String why,
      String message,
      String field,
      Predicate<Subject> missing) {
    return new MissingRule(
        new RuleDescriptor(
            id,
            label,
            why,
            "Common practice: what each item has is agreed on once",
            RuleSeverity.OFF,
            what,
            what),
        message,
        field,
        missing);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return missing.test(subject)
        ? List.of(
            Finding.onField(
                this, settings.severityOf(this), message, field, List.of(Fix.ask("Add it", field))))
        : List.of();
  }
}

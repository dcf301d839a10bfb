package app.blenner.core.preflight.context;

import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.ItemContext.Said;
import app.blenner.core.rule.ItemContext.Twin;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** No two items say the same of themselves where readers choose between them. */
public final class DuplicateDescription extends BasicRule {
  private final Said said;
  private final String what;

  private DuplicateDescription(RuleDescriptor descriptor, Said said, String what) {
    super(descriptor, Scope.SITE);
    this.said = said;
    this.what = what;
  }

  /** All of them. */
  public static List<Rule> all() {
    return List.of(
        new DuplicateDescription(
            new RuleDescriptor(
                "title-twice",
                "Titles used twice on the site",
                "In a list of results, readers cannot tell the two apart.",
                "WCAG 2.2, technique G88: a title tells a page from others; common practice",
                RuleSeverity.ADVISED,
                "a title of its own",
                "titles of their own"),
            Said.TITLE,
            "title"),
        new DuplicateDescription(
            new RuleDescriptor(
                "description-twice",
                "Descriptions used twice on the site",
                "In a list of results, readers cannot tell the two apart.",
                "Common practice: each page has its own description",
                RuleSeverity.ADVISED,
                "a description of its own",
                "descriptions of their own"),
            Said.DESCRIPTION,
            "description"));
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    String field = fieldOf(subject);
    return subject.itemContext().twins().stream()
        .filter(t -> t.said() == said)
        .limit(1)
        .map(
            (Twin twin) ->
                Finding.onFieldOf(
                    this,
                    settings.severityOf(this),
                    "“" + twin.title() + "” has the same " + what + ".",
                    field,
                    twin.key(),
                    List.of(Fix.ask("Write another", field))))
        .toList();
  }

  /** Where it was written: in its own field, or in that from which it is taken. */
  private String fieldOf(Subject subject) {
    String own =
        said == Said.TITLE ? StandardFields.SEARCH_TITLE : StandardFields.SEARCH_DESCRIPTION;
    return !StandardFields.textOf(subject.content(), own).isEmpty()
        ? Finding.FIELD + own
        : said == Said.TITLE ? "title" : "summary";
  }
}

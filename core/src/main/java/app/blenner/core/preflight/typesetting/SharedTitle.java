package app.blenner.core.preflight.typesetting;

import app.blenner.core.face.SharedLink;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** The title is shown whole where somebody shares a link to the item. */
public final class SharedTitle extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "shared-title",
          "Titles that are cut off in shared links",
          "Programs for messages cut off what has no room, and its last words are not read.",
          "Common practice: a shared link shows two short lines of its title",
          RuleSeverity.ADVISED,
          "a shorter teaser title",
          "shorter teaser titles");

  private static final Parameter MOST =
      new Parameter(Parameter.MOST, "Most characters that are shown", 30, 300, 90);

  public SharedTitle() {
    super(TOLD, Scope.ITEM, MOST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int most = settings.numberOf(this, MOST);
    int there = Counts.countCharacters(SharedLink.of(subject.content()).title().words());
    String field = Finding.FIELD + StandardFields.TEASER_TITLE;
    return there <= most
        ? List.of()
        : List.of(
            Finding.onField(
                this,
                settings.severityOf(this),
                "In shared links the title has "
                    + there
                    + " characters; about "
                    + most
                    + " are shown.",
                field,
                List.of(Fix.ask("Write a shorter one for teasers", field))));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** An item has a title. */
public final class TitleRequired extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "title-required",
          "A title",
          "Readers find a page by its title, and its address is made from it.",
          "WCAG 2.2, success criterion 2.4.2 Page Titled",
          RuleSeverity.REQUIRED,
          "a title",
          "titles");

  public TitleRequired() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public boolean always() {
    return true;
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return subject.content().title().isEmpty()
        ? List.of(
            Finding.onField(
                this,
                settings.severityOf(this),
                "The item has no title.",
                "title",
                List.of(Fix.ask("Write one", "title"))))
        : List.of();
  }
}

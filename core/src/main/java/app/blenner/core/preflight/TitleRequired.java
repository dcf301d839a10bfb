package app.blenner.core.preflight;

import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Weight;
import java.util.List;

/** An item has a title. */
public final class TitleRequired implements Rule {
  @Override
  public String id() {
    return "title-required";
  }

  @Override
  public String label() {
    return "A title";
  }

  @Override
  public String why() {
    return "Readers find a page by its title, and its address is made from it.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criterion 2.4.2 Page Titled";
  }

  @Override
  public Weight weight() {
    return Weight.REQUIRED;
  }

  @Override
  public Scope scope() {
    return Scope.ITEM;
  }

  @Override
  public String need(int count) {
    return "a title";
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return subject.content().title().isEmpty()
        ? List.of(
            Finding.onField(
                this,
                settings.level(this),
                "The item has no title.",
                "title",
                List.of(Fix.ask("Write one", "title"))))
        : List.of();
  }
}

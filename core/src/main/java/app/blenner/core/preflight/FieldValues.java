package app.blenner.core.preflight;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** Each field of the item's kind holds what its kind asks for. */
public final class FieldValues extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "field-values",
          "What the fields of the kind ask for",
          "Whoever set this kind of item up asks for it, and pages and lists count on it.",
          "Common practice: what a kind of item carries is agreed on once, in Set-up.",
          RuleSeverity.REQUIRED,
          "one field filled in as asked",
          "%d fields filled in as asked");

  public FieldValues() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return subject.kind().problemsWith(subject.content().values()).entrySet().stream()
        .map(
            e ->
                Finding.onField(
                    this,
                    settings.severityOf(this),
                    e.getValue(),
                    Finding.FIELD + e.getKey(),
                    List.of()))
        .toList();
  }
}

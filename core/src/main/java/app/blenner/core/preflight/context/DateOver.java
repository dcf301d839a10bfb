package app.blenner.core.preflight.context;

import app.blenner.core.kind.DateField;
import app.blenner.core.kind.Field;
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
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;

/** No day of an item is over that readers, or its editors, reckon with. */
public final class DateOver extends BasicRule {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

  private final Function<Subject, Stream<Field>> fields;
  private final String sentence;

  private DateOver(
      RuleDescriptor descriptor, Function<Subject, Stream<Field>> fields, String sentence) {
    super(descriptor, Scope.SITE);
    this.fields = fields;
    this.sentence = sentence;
  }

  /** All of them. */
  public static List<Rule> all() {
    return List.of(
        new DateOver(
            new RuleDescriptor(
                "event-over",
                "Events that are over",
                "Whoever comes on a day that is over finds nobody there.",
                "Common practice: turned on for kinds that announce something",
                RuleSeverity.OFF,
                "a day that is still to come",
                "days that are still to come"),
            subject -> subject.kind().fields().filter(DateField.class::isInstance),
            "%s is %s, and that day is over."),
        new DateOver(
            new RuleDescriptor(
                "review-due",
                "Items to be looked at again",
                "What was right when it was written may not be any more.",
                "Common practice: the day was set by whoever knew when it may grow old",
                RuleSeverity.LOOK,
                "a look at what may have grown old",
                "a look at what may have grown old"),
            subject -> subject.kind().findField(StandardFields.REVIEW_DATE).stream(),
            "“%s” %s: that day has come."));
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    LocalDate today = subject.itemContext().today();
    List<Finding> found = new ArrayList<>();
    if (today == null) {
      return found;
    }
    fields
        .apply(subject)
        .forEach(
            field -> {
              Object value = field.tidyValue(subject.content().values().get(field.head().name()));
              if (value != null && LocalDate.parse(value.toString()).isBefore(today)) {
                String at = Finding.FIELD + field.head().name();
                found.add(
                    Finding.onFieldOf(
                        this,
                        settings.severityOf(this),
                        sentence.formatted(
                            field.head().label(), DAY.format(LocalDate.parse(value.toString()))),
                        at,
                        value.toString(),
                        List.of(Fix.ask("Set another day", at))));
              }
            });
    return found;
  }
}

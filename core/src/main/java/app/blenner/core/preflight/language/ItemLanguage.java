package app.blenner.core.preflight.language;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.Locale;

/** An item is in the language it says. Where it is not, nothing that hangs on its language is worth a mark of its own. */
public final class ItemLanguage extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "item-language",
          "Items in another language than they say",
          "A screen reader reads all of it with the sounds of the wrong language, and no word can be checked.",
          "WCAG 2.2, success criterion 3.1.1 Language of Page; technique H57",
          RuleSeverity.ADVISED,
          "the language it is in",
          "the languages they are in");

  public ItemLanguage() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return subject.writtenIn().map(l -> finding(l, subject, settings)).stream().toList();
  }

  private Finding finding(String language, Subject subject, Settings settings) {
    String name = nameOf(language);
    return Finding.onField(
        this,
        settings.severityOf(this),
        "This item says that it is in "
            + nameOf(subject.language())
            + ", and seems to be in "
            + name
            + ".",
        "language",
        List.of(
            Fix.ofItem("It is " + name, (content, at) -> content.withLanguage(language)),
            Fix.ask("Choose its language", "language")));
  }

  /** A language in English. */
  static String nameOf(String language) {
    return Locale.forLanguageTag(language).getDisplayLanguage(Locale.UK);
  }
}

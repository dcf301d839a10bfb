package app.blenner.core.preflight.language;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.PassageLanguages;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** A passage in another language than the item says so. */
public final class ForeignPassage extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "passage-language",
          "Passages in another language",
          "A screen reader reads them with the sounds of the wrong language.",
          "WCAG 2.2, success criterion 3.1.2 Language of Parts; technique H58",
          RuleSeverity.ADVISED,
          "the language of one passage",
          "the languages of %d passages");

  public ForeignPassage() {
    super(TOLD, Scope.BLOCK);
  }

  /** Of a text that is in another language as a whole, that is told once, by another rule. */
  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    return subject.writtenIn().isPresent() ? List.of() : BlockRule.super.check(subject, settings);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    return passage.languages().foreign().stream().map(f -> finding(f, settings)).toList();
  }

  private Finding finding(PassageLanguages.Foreign foreign, Settings settings) {
    String name = ItemLanguage.nameOf(foreign.language());
    return Finding.onBlock(
        this,
        settings.severityOf(this),
        "This seems to be in " + name + ", and does not say so.",
        foreign.place(),
        List.of(
            Fix.ofBlock(
                "Say that it is " + name,
                block -> block.mapContent(content -> named(content, foreign.language())))));
  }

  private static List<Inline> named(List<Inline> content, String language) {
    Mark mark = Mark.withValue(Mark.Kind.LANGUAGE, language);
    return content.stream()
        .map(i -> i instanceof Text t ? (Inline) new Text(t.text(), t.marks().with(mark)) : i)
        .toList();
  }
}

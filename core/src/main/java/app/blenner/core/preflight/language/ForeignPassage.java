package app.blenner.core.preflight.language;

import app.blenner.core.document.Code;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

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

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Code
          || place.block().content().stream().anyMatch(ForeignPassage::isNamed)) {
        continue;
      }
      Optional<String> other = LanguageDetector.otherThan(passage.language(), place.text());
      if (other.isPresent()) {
        String name = Locale.forLanguageTag(other.get()).getDisplayLanguage(Locale.UK);
        found.add(
            Finding.onBlock(
                this,
                settings.severityOf(this),
                "This seems to be in " + name + ", and does not say so.",
                place,
                List.of(
                    Fix.ofBlock(
                        "Say that it is " + name,
                        block -> block.mapContent(content -> named(content, other.get()))))));
      }
    }
    return found;
  }

  private static boolean isNamed(Inline inline) {
    return inline.marks().valueOf(Mark.Kind.LANGUAGE).isPresent();
  }

  private static List<Inline> named(List<Inline> content, String language) {
    Mark mark = Mark.withValue(Mark.Kind.LANGUAGE, language);
    return content.stream()
        .map(i -> i instanceof Text t ? (Inline) new Text(t.text(), t.marks().with(mark)) : i)
        .toList();
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Inlines;
import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** An alternative text says what the caption does not. */
public final class AlternativeCaption extends BasicRule implements AlternativeRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-caption",
          "Alternative texts that repeat the caption",
          "People with a screen reader hear the same sentence twice, and still not what the picture shows.",
          "Common practice; HTML Living Standard, 4.8.4.4.8, images whose contents have a caption",
          RuleSeverity.ADVISED,
          "another alternative text than the caption",
          "%d other alternative texts than the captions");

  public AlternativeCaption() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Picture picture, Passage passage, Settings settings) {
    String caption = Phrases.toPlain(Inlines.textOf(picture.caption()));
    return !caption.isEmpty() && caption.equals(Phrases.toPlain(picture.alternative()))
        ? "The alternative text repeats the caption."
        : "";
  }
}

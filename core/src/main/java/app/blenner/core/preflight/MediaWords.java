package app.blenner.core.preflight;

import app.blenner.core.document.Audio;
import app.blenner.core.document.Video;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** Films and sound can be read. */
public final class MediaWords extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "media-words",
          "Films and sound without captions",
          "Who cannot hear it, or is where it must be silent, gets nothing of what is said.",
          "WCAG 2.2, success criteria 1.2.1 and 1.2.2; failures F8 and F74",
          RuleSeverity.ADVISED,
          "captions for one film or sound",
          "captions for %d films or sounds");

  public MediaWords() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    if (place.block() instanceof Video v && v.captions() == null) {
      return "This film has no captions.";
    }
    return place.block() instanceof Audio a && a.captions() == null
        ? "This sound has no captions to be read along."
        : "";
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Embed;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** What is embedded has a name. */
public final class EmbedTitle extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "embed-title",
          "Embeds without a name",
          "A screen reader says “frame” and nothing else; nobody knows whether to enter it.",
          "WCAG 2.2, success criterion 4.1.2 Name, Role, Value; technique H64",
          RuleSeverity.ADVISED,
          "a name for one embed",
          "names for %d embeds");

  public EmbedTitle() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Embed e && e.title().isBlank() ? "This embed has no name." : "";
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.Prompt;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;

/** Every prompt of an outline is answered, or taken out. */
public final class PromptUnfilled extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "prompt-unfilled",
          "Prompts nobody has answered",
          "The outline asks for something here that the text does not have yet. Readers never see the prompt itself.",
          "Common practice: an outline says what to write where, and is followed or changed on purpose.",
          RuleSeverity.REQUIRED,
          "an answer to one prompt",
          "answers to %d prompts");

  public PromptUnfilled() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Prompt p ? "Not written yet: “" + p.text() + "”" : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(Fix.ofBlock("Take the prompt out", PromptUnfilled::without));
  }

  private static Block without(Block block) {
    // An empty prompt is nothing, and what is nothing is left out.
    return block instanceof Prompt ? new Prompt(0, "") : block;
  }
}

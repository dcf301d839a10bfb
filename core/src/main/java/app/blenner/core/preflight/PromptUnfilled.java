package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.Prompt;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.util.ArrayList;
import java.util.List;

/** Every prompt of an outline is answered, or taken out. */
public final class PromptUnfilled implements BlockRule {
  private static final Told TOLD =
      new Told(
          "prompt-unfilled",
          "Prompts nobody has answered",
          "The outline asks for something here that the text does not have yet. Readers never see the prompt itself.",
          "Common practice: an outline says what to write where, and is followed or changed on purpose.",
          Weight.REQUIRED,
          "an answer to one prompt",
          "answers to %d prompts");

  @Override
  public Told told() {
    return TOLD;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Prompt p) {
        found.add(
            Finding.onBlock(
                this,
                settings.level(this),
                "Not written yet: “" + p.text() + "”",
                place,
                List.of(Fix.ofBlock("Take the prompt out", PromptUnfilled::without))));
      }
    }
    return found;
  }

  private static Block without(Block block) {
    // An empty prompt is nothing, and what is nothing is left out.
    return block instanceof Prompt ? new Prompt(0, "") : block;
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Prompt;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** Every prompt of an outline is answered, or taken out. */
public final class PromptUnfilled implements Rule {
  @Override
  public String id() {
    return "prompt-unfilled";
  }

  @Override
  public String why() {
    return "The outline asks for something here that the text does not have yet. Readers never see the prompt itself.";
  }

  @Override
  public String reference() {
    return "Common practice: an outline says what to write where, and is followed or changed on purpose.";
  }

  @Override
  public String need(int count) {
    return count == 1 ? "an answer to one prompt" : "answers to " + count + " prompts";
  }

  @Override
  public List<Finding> check(Content content) {
    List<Finding> found = new ArrayList<>();
    content
        .body()
        .walk(
            (path, block) -> {
              if (block instanceof Prompt p) {
                found.add(
                    Finding.onBlock(
                        this,
                        Level.MUST_FIX,
                        "Not written yet: “" + p.text() + "”",
                        path,
                        List.of(Fix.make("Take the prompt out", c -> without(c, path)))));
              }
            });
    return found;
  }

  private static Content without(Content content, BlockPath path) {
    // An empty prompt is nothing, and what is nothing is left out.
    return content.withBody(
        content.body().change(path, (Block b) -> b instanceof Prompt ? new Prompt(0, "") : b));
  }
}

package app.blenner.core.toolset;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.item.Content;
import app.blenner.core.preflight.Finding;
import app.blenner.core.preflight.Fix;
import app.blenner.core.preflight.Level;
import app.blenner.core.preflight.Rule;
import java.util.List;

/** A text holds what its toolset does not offer, since it did so before; that is told once for the whole text. */
public final class OutsideToolset implements Rule {
  /** Where it comes from. */
  public static final String REFERENCE = "The site’s own toolsets, in Set-up.";

  private final Toolset set;

  public OutsideToolset(Toolset set) {
    this.set = set;
  }

  @Override
  public String id() {
    return "outside-toolset";
  }

  @Override
  public String why() {
    return "The toolset “"
        + set.label()
        + "” was chosen for texts like this one. What stands here already stays until somebody takes it out.";
  }

  @Override
  public String reference() {
    return REFERENCE;
  }

  @Override
  public String need(int count) {
    return "nothing";
  }

  @Override
  public List<Finding> check(Content content) {
    Allowance allowance = set.allowance();
    Held held = Held.of(content.body(), allowance);
    if (held.isWhole()) {
      return List.of();
    }
    Fix fix =
        Fix.make(
            "Take it out, and keep every word",
            c -> c.withBody(Held.of(c.body(), allowance).text()));
    return List.of(
        Finding.onBlock(
            this,
            Level.ADVISED,
            "This text holds what is not offered here: " + held.words() + ".",
            first(content.body(), allowance),
            List.of(fix)));
  }

  /** The first block at the top that holds some of it. */
  private static BlockPath first(Document body, Allowance allowance) {
    List<Block> blocks = body.blocks();
    for (int i = 0; i < blocks.size(); i++) {
      if (!Held.of(new Document(List.of(blocks.get(i))), allowance).isWhole()) {
        return BlockPath.TOP.then(i);
      }
    }
    return BlockPath.TOP.then(0);
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.LinkedPiece;
import app.blenner.core.document.Prompt;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import java.util.ArrayList;
import java.util.List;

/** Every linked snippet is one that there is. */
public final class PieceMissing implements Rule {
  @Override
  public String id() {
    return "snippet-missing";
  }

  @Override
  public String why() {
    return "Where it stood, readers see nothing at all.";
  }

  @Override
  public String reference() {
    return "Common practice: what a page takes from elsewhere is there.";
  }

  @Override
  public String need(int count) {
    return count == 1 ? "a linked snippet that is there" : "linked snippets that are there";
  }

  @Override
  public List<Finding> check(Content content) {
    return List.of();
  }

  @Override
  public List<Finding> check(Content content, Kind kind, Surroundings around) {
    List<Finding> found = new ArrayList<>();
    content
        .body()
        .walk(
            (path, block) -> {
              if (block instanceof LinkedPiece piece && !around.pieces().contains(piece.key())) {
                Fix fix = Fix.make("Take it out", c -> without(c, path));
                found.add(
                    Finding.onBlock(
                        this,
                        Level.MUST_FIX,
                        "The snippet that is linked here is not there any more.",
                        path,
                        List.of(fix)));
              }
            });
    return found;
  }

  private static Content without(Content content, BlockPath path) {
    // An empty prompt is nothing, and what is nothing is left out.
    return content.withBody(
        content.body().change(path, (Block b) -> b instanceof LinkedPiece ? new Prompt(0, "") : b));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.LinkedPiece;
import app.blenner.core.document.Prompt;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/** Every linked snippet is one that there is. */
public final class PieceMissing extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "snippet-missing",
          "Linked snippets that are gone",
          "Where it stood, readers see nothing at all.",
          "Common practice: what a page takes from elsewhere is there.",
          RuleSeverity.REQUIRED,
          "a linked snippet that is there",
          "linked snippets that are there");

  public PieceMissing() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Passage> passages = subject.passages();
    for (int i = 0; i < passages.size(); i++) {
      for (Place place : passages.get(i).places()) {
        if (place.block() instanceof LinkedPiece piece
            && !subject.context().pieces().contains(piece.key())) {
          found.add(
              Finding.onBlock(
                  this,
                  settings.severityOf(this),
                  "The snippet that is linked here is not there any more.",
                  place.inPassage(i),
                  List.of(Fix.ofBlock("Take it out", PieceMissing::without))));
        }
      }
    }
    return found;
  }

  private static Block without(Block block) {
    // An empty prompt is nothing, and what is nothing is left out.
    return block instanceof LinkedPiece ? new Prompt(0, "") : block;
  }
}

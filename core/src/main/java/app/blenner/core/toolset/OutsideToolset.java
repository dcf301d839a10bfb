package app.blenner.core.toolset;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** A text holds what its toolset does not offer, since it did so before; that is told once for the whole text. */
public final class OutsideToolset implements Rule {
  /** What it looks for. */
  public static final String LABEL = "What a toolset does not offer";

  /** Where it comes from. */
  public static final String REFERENCE = "The site’s own toolsets, in Set-up.";

  private final Toolset set;

  public OutsideToolset(Toolset set) {
    this.set = set;
  }

  @Override
  public RuleDescriptor descriptor() {
    return new RuleDescriptor(
        "outside-toolset",
        LABEL,
        "The toolset “"
            + set.label()
            + "” was chosen for texts like this one. What stands here already stays until somebody takes it out.",
        REFERENCE,
        RuleSeverity.ADVISED,
        "nothing",
        "nothing");
  }

  @Override
  public Scope scope() {
    return Scope.SITE;
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Document body = subject.content().body();
    ContentPolicy allowance = set.allowance();
    FilteredText held = FilteredText.of(body, allowance);
    if (held.isWhole()) {
      return List.of();
    }
    Fix fix =
        Fix.ofItem(
            "Take it out, and keep every word",
            (c, at) -> c.withBody(FilteredText.of(c.body(), allowance).text()));
    int first = first(body, allowance);
    return List.of(
        Finding.onBlock(
            this,
            settings.severityOf(this),
            "This text holds what is not offered here: " + held.words() + ".",
            Place.of(BlockPath.TOP.appendStep(first), body.blocks().get(first)),
            List.of(fix)));
  }

  /** The number of the first block at the top that holds some of it. */
  private static int first(Document body, ContentPolicy allowance) {
    List<Block> blocks = body.blocks();
    for (int i = 0; i < blocks.size(); i++) {
      if (!FilteredText.of(new Document(List.of(blocks.get(i))), allowance).isWhole()) {
        return i;
      }
    }
    return 0;
  }
}

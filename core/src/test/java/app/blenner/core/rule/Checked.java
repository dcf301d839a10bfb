package app.blenner.core.rule;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import java.util.List;

/** What preflight finds, on a site that has set nothing up. */
public final class Checked {
  private Checked() {}

  /** In an article. */
  public static List<Finding> of(Content content) {
    return of(content, Kinds.STANDARD.get(0));
  }

  /** In an item of a kind. */
  public static List<Finding> of(Content content, Kind kind) {
    return Preflight.check(subject(content, kind), Settings.USUAL);
  }

  /** An item of a kind as rules look at it, never seen before. */
  public static Subject subject(Content content, Kind kind) {
    return Subject.of(content, RuleContext.of(kind), new PassageCache(0));
  }
}

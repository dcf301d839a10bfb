package app.blenner.core.rule;

import app.blenner.core.document.CancellationToken;
import app.blenner.core.item.Content;
import java.util.List;
import java.util.function.Function;

/** Mends everything of one sort in an item. */
public final class Repairs {
  /** One repair can bring the next of its sort: a heading made higher leaves those below it too low. */
  private static final int MOST_ROUNDS = 100;

  private Repairs() {}

  /**
   * The item with all mended that a rule finds and one sort of repair mends.
   *
   * @param look what is found in an item
   * @param rule id of the rule
   * @param label what the repair is called
   */
  public static Content all(
      Content content, Function<Content, List<Finding>> look, String rule, String label) {
    Content now = content;
    for (int round = 0; round < MOST_ROUNDS; round++) {
      Content before = now;
      List<Finding> found = look.apply(now);
      // From the end, so that the places of those before stay what they are.
      for (int i = found.size() - 1; i >= 0; i--) {
        CancellationToken.check();
        now = mended(now, found.get(i), rule, label);
      }
      if (now.equals(before)) {
        return now;
      }
    }
    return now;
  }

  private static Content mended(Content content, Finding finding, String rule, String label) {
    if (!finding.rule().equals(rule)) {
      return content;
    }
    return finding.fixes().stream()
        .filter(f -> f.isMadeAtOnce() && f.label().equals(label))
        .findFirst()
        .map(f -> finding.applyFix(f, content))
        .orElse(content);
  }
}

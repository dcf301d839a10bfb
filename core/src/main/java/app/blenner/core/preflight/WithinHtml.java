package app.blenner.core.preflight;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.RawHtml;
import app.blenner.core.rule.Finding;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What is found inside a piece of HTML is told of the piece, since the text has no block to show it at. */
final class WithinHtml {
  private WithinHtml() {}

  /** The findings of a text, those inside a piece of HTML as findings on that piece. */
  static List<Finding> lifted(List<Finding> findings, Document body) {
    Set<BlockPath> pieces = new HashSet<>();
    body.walk(
        (path, block) -> {
          if (block instanceof RawHtml) {
            pieces.add(path);
          }
        });
    return pieces.isEmpty() ? findings : findings.stream().map(f -> lifted(f, pieces)).toList();
  }

  private static Finding lifted(Finding finding, Set<BlockPath> pieces) {
    if (finding.path() == null) {
      return finding;
    }
    List<Integer> steps = finding.path().steps();
    for (int length = 1; length < steps.size(); length += 2) {
      BlockPath around = new BlockPath(steps.subList(0, length));
      if (pieces.contains(around)) {
        return finding.ofAround(around);
      }
    }
    return finding;
  }
}

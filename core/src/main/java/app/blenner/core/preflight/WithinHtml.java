package app.blenner.core.preflight;

import app.blenner.core.document.BlockPath;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.HtmlPiece;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What is found inside a piece of HTML is told of the piece, since the text has no block to show it at. */
final class WithinHtml {
  private WithinHtml() {}

  /** The findings of a text, those inside one of its pieces of HTML as findings on that piece. */
  static List<Finding> lifted(List<Finding> findings, List<HtmlPiece> pieces) {
    if (pieces.isEmpty()) {
      return findings;
    }
    Set<BlockPath> paths = pieces.stream().map(HtmlPiece::path).collect(Collectors.toSet());
    return findings.stream().map(f -> lifted(f, paths)).toList();
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

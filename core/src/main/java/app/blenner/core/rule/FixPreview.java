package app.blenner.core.rule;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.item.Content;
import java.util.List;

/**
 * What a repair gives, told before it is made: the blocks it changes as they stand, and as they would.
 *
 * @param before the blocks at the top that change; none where something is only put in
 * @param after what is there afterwards; none where something is only taken out
 */
public record FixPreview(Document before, Document after) {

  /** What mending a finding of an item by one of its fixes gives. */
  public static FixPreview of(Finding finding, Fix fix, Content content) {
    return between(content.body(), finding.applyFix(fix, content).body());
  }

  private static FixPreview between(Document was, Document is) {
    List<Block> a = was.blocks();
    List<Block> b = is.blocks();
    int shorter = Math.min(a.size(), b.size());
    int head = 0;
    while (head < shorter && a.get(head).equals(b.get(head))) {
      head++;
    }
    int tail = 0;
    while (tail < shorter - head && a.get(a.size() - 1 - tail).equals(b.get(b.size() - 1 - tail))) {
      tail++;
    }
    return new FixPreview(
        new Document(a.subList(head, a.size() - tail)),
        new Document(b.subList(head, b.size() - tail)));
  }
}

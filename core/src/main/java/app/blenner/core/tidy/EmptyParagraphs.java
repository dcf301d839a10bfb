package app.blenner.core.tidy;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.RunningText;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import java.util.ArrayList;
import java.util.List;

/** Paragraphs and headings that hold nothing one can see, to make room. */
final class EmptyParagraphs extends BasicRule implements CleanUpRule {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeAdvised(
          "empty-paragraphs",
          "Empty paragraphs used as space",
          "The site's style makes the room between blocks; empty ones double it, and a screen reader reads them out.",
          "HTML Living Standard, the p element: room is made by style");

  EmptyParagraphs() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public String message() {
    return "An empty paragraph makes room here.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.rebuild(
        (at, blocks) -> {
          List<Block> out = new ArrayList<>();
          for (int i = 0; i < blocks.size(); i++) {
            boolean drop =
                isBlank(blocks.get(i)) && mend(at.appendStep(i), wordsBefore(blocks, i), take);
            if (!drop) {
              out.add(blocks.get(i));
            }
          }
          return out;
        });
  }

  static boolean isBlank(Block block) {
    return (block instanceof Paragraph || block instanceof Heading)
        && Inlines.textOf(block.content()).codePoints().allMatch(Spaces::isBlank);
  }

  private static boolean mend(BlockPath at, String before, Ask take) {
    String place =
        before.isEmpty() ? "(empty) at the start" : "(empty) after “" + Excerpt.end(before) + "”";
    return take.take(CleanUpSpot.ofBlock(at, before, place, ""));
  }

  /** The last words before a block. */
  private static String wordsBefore(List<Block> blocks, int i) {
    for (int j = i - 1; j >= 0; j--) {
      List<String> words = RunningText.of(List.of(blocks.get(j)));
      if (!words.isEmpty() && !isBlank(blocks.get(j))) {
        return words.get(words.size() - 1);
      }
    }
    return "";
  }
}

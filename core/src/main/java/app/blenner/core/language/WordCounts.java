package app.blenner.core.language;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.RunningText;
import java.util.ArrayList;
import java.util.List;

/**
 * How long a text and its parts are.
 *
 * @param words words of the whole text
 * @param blockWords words of each block at the top
 * @param sectionWords for each block at the top that is a heading, the words from it to the next
 *     heading of its level or a higher one; 0 for other blocks
 */
public record WordCounts(int words, List<Integer> blockWords, List<Integer> sectionWords) {

  /** Measures a text. */
  public static WordCounts of(Document document) {
    List<Block> blocks = document.blocks();
    List<Integer> each =
        blocks.stream().map(b -> Counts.countWords(RunningText.of(List.of(b)))).toList();
    List<Integer> sections = new ArrayList<>();
    for (int i = 0; i < blocks.size(); i++) {
      int words = 0;
      if (blocks.get(i) instanceof Heading h) {
        words = each.get(i);
        for (int j = i + 1; j < blocks.size() && !ends(blocks.get(j), h.level()); j++) {
          words += each.get(j);
        }
      }
      sections.add(words);
    }
    return new WordCounts(each.stream().mapToInt(Integer::intValue).sum(), each, sections);
  }

  private static boolean ends(Block block, int level) {
    return block instanceof Heading h && h.level() <= level;
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Paragraph;
import java.util.ArrayList;
import java.util.List;

/** Line breaks that stand for the end of a paragraph. */
final class LineBreakCleaning {
  private LineBreakCleaning() {}

  /** The text with a paragraph for each line. */
  static Document partAtAll(Document document) {
    return document.rebuild(blocks -> partOf(blocks, 1));
  }

  /** The text with every paragraph parted where two or more line breaks follow each other. */
  static Document partAtDoubles(Document document) {
    boolean[] any = {false};
    document.each(b -> any[0] |= b instanceof Paragraph p && hasDouble(p.content()));
    return any[0] ? document.rebuild(blocks -> partOf(blocks, 2)) : document;
  }

  private static boolean hasDouble(List<Inline> content) {
    for (int i = 1; i < content.size(); i++) {
      if (content.get(i) instanceof LineBreak && content.get(i - 1) instanceof LineBreak) {
        return true;
      }
    }
    return false;
  }

  private static List<Block> partOf(List<Block> blocks, int least) {
    List<Block> out = new ArrayList<>(blocks.size());
    for (Block block : blocks) {
      if (block instanceof Paragraph p) {
        out.addAll(partOf(p, least));
      } else {
        out.add(block);
      }
    }
    return out;
  }

  private static List<Block> partOf(Paragraph paragraph, int least) {
    List<Block> out = new ArrayList<>();
    List<Inline> run = new ArrayList<>();
    int row = 0;
    for (Inline inline : paragraph.content()) {
      row = inline instanceof LineBreak ? row + 1 : 0;
      if (row >= least) {
        if (!run.isEmpty()) {
          out.add(new Paragraph(run, paragraph.style()));
          run = new ArrayList<>();
        }
      } else {
        run.add(inline);
      }
    }
    if (out.isEmpty()) {
      return List.of(paragraph);
    }
    out.add(new Paragraph(run, paragraph.style()));
    return out;
  }
}

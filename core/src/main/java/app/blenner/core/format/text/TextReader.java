package app.blenner.core.format.text;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.PlainText;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;

/** Reads plain text. The characters stay as they are; only line breaks are judged. */
public final class TextReader {
  private TextReader() {}

  /** Each line that is not empty becomes a paragraph. */
  public static Document paragraphs(String text) {
    return new Document(linesOf(text).stream().map(l -> (Block) Paragraph.of(l)).toList());
  }

  /** An empty line parts paragraphs; other line breaks stay line breaks. */
  public static Document withBreaks(String text) {
    List<Block> out = new ArrayList<>();
    List<String> group = new ArrayList<>();
    // A new page begins with a form feed, which ends a line and no more.
    for (String line :
        PlainText.legal(text.replace("\n\f", "\n").replace('\f', '\n')).split("\n", -1)) {
      String bare = line.strip();
      if (bare.isEmpty()) {
        end(out, group);
      } else {
        group.add(bare);
      }
    }
    end(out, group);
    return new Document(out);
  }

  private static void end(List<Block> out, List<String> group) {
    if (group.isEmpty()) {
      return;
    }
    List<Inline> content = new ArrayList<>();
    for (String line : group) {
      if (!content.isEmpty()) {
        content.add(new LineBreak(Marks.NONE));
      }
      content.add(Text.of(line));
    }
    out.add(new Paragraph(content, BlockStyle.PLAIN));
    group.clear();
  }

  /** The lines that are not empty, without white space at their ends. */
  private static List<String> linesOf(String text) {
    return PlainText.legal(text).lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
  }
}

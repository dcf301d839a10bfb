package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import java.util.ArrayList;
import java.util.List;

/** Makes running text of blocks where only running text can stand, such as in a caption. */
final class InlineFlattening {
  private InlineFlattening() {}

  static HtmlReader.Split split(List<Block> blocks) {
    List<Inline> inline = new ArrayList<>();
    List<Block> rest = new ArrayList<>();
    for (Block block : blocks) {
      List<Inline> content =
          block instanceof Paragraph p
              ? p.content()
              : block instanceof Heading h ? h.content() : null;
      if (content == null) {
        rest.add(block);
      } else {
        if (!inline.isEmpty()) {
          inline.add(new LineBreak(Marks.NONE));
        }
        inline.addAll(content);
      }
    }
    return new HtmlReader.Split(inline, rest);
  }
}

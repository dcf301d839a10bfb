package app.blenner.core.tidy;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Takes off what a stretch of text wears. */
public final class FormattingRemoval {
  private FormattingRemoval() {}

  /** A text with the colours taken off a stretch of one block’s running text; {@code to} is the character after its last. */
  public static Document colours(Document document, BlockPath at, int from, int to) {
    return without(document, at, from, to, Set.of(Mark.Kind.COLOUR, Mark.Kind.HIGHLIGHT));
  }

  /** A text with the sizes taken off a stretch of one block’s running text; {@code to} is the character after its last. */
  public static Document sizes(Document document, BlockPath at, int from, int to) {
    return without(document, at, from, to, Set.of(Mark.Kind.SIZE));
  }

  private static Document without(
      Document document, BlockPath at, int from, int to, Set<Mark.Kind> kinds) {
    return document.map(
        (path, block) ->
            path.equals(at)
                ? block.mapContent(content -> without(content, from, to, kinds))
                : block);
  }

  private static List<Inline> without(
      List<Inline> content, int from, int to, Set<Mark.Kind> kinds) {
    Edits.Slices slices = new Edits.Slices(content);
    List<Inline> out = new ArrayList<>(slices.until(from));
    for (Inline inline : slices.until(to)) {
      out.add(inline instanceof Text t ? new Text(t.text(), plain(t.marks(), kinds)) : inline);
    }
    out.addAll(slices.until(Integer.MAX_VALUE));
    return out;
  }

  private static Marks plain(Marks marks, Set<Mark.Kind> kinds) {
    return marks.without(m -> m instanceof Mark.Valued v && kinds.contains(v.kind()));
  }
}

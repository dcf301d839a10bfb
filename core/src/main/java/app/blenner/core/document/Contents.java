package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The running text that a block itself carries, whatever the block calls it: the words of a paragraph
 * or heading, an attribution, a caption.
 */
public final class Contents {
  private Contents() {}

  /** The running text of a block; empty for a block that carries none. */
  public static List<Inline> of(Block block) {
    if (block instanceof Paragraph p) {
      return p.content();
    } else if (block instanceof Heading h) {
      return h.content();
    } else if (block instanceof Quote q) {
      return q.attribution();
    } else if (block instanceof Picture p) {
      return p.caption();
    } else if (block instanceof Gallery g) {
      return g.caption();
    } else if (block instanceof Table t) {
      return t.caption();
    } else if (block instanceof Embed e) {
      return e.caption();
    } else if (block instanceof Audio a) {
      return a.caption();
    } else if (block instanceof Video v) {
      return v.caption();
    }
    return List.of();
  }

  /** The same block with other running text; the block itself where it carries none. */
  public static Block with(Block block, List<Inline> text) {
    if (block instanceof Paragraph p) {
      return new Paragraph(text, p.style());
    } else if (block instanceof Heading h) {
      return new Heading(h.level(), h.anchor(), text, h.style());
    } else if (block instanceof Quote q) {
      return new Quote(q.pull(), q.source(), q.blocks(), text);
    } else if (block instanceof Picture p) {
      return new Picture(
          p.source(), p.alternative(), p.width(), p.side(), p.link(), text, p.credit());
    } else if (block instanceof Gallery g) {
      return new Gallery(g.columns(), g.pictures(), text);
    } else if (block instanceof Table t) {
      return new Table(
          text, t.description(), t.headerRows(), t.headerColumn(), t.widths(), t.look(), t.rows());
    } else if (block instanceof Embed e) {
      return new Embed(e.address(), e.title(), e.width(), e.shape(), text);
    } else if (block instanceof Audio a) {
      return new Audio(a.source(), a.title(), a.captions(), text);
    } else if (block instanceof Video v) {
      return new Video(v.source(), v.title(), v.poster(), v.captions(), v.width(), text);
    }
    return block;
  }

  /** The same block with each piece of its running text changed; itself where none changes. */
  public static Block each(Block block, UnaryOperator<Inline> change) {
    List<Inline> after = null;
    List<Inline> before = of(block);
    for (int i = 0; i < before.size(); i++) {
      Inline next = change.apply(before.get(i));
      if (after == null && next != before.get(i)) {
        after = new ArrayList<>(before.subList(0, i));
      }
      if (after != null) {
        after.add(next);
      }
    }
    return after == null ? block : with(block, after);
  }

  /** The same block with its running text changed. */
  public static Block change(Block block, UnaryOperator<List<Inline>> change) {
    List<Inline> before = of(block);
    if (before.isEmpty()) {
      return block;
    }
    List<Inline> after = change.apply(before);
    return after.equals(before) ? block : with(block, after);
  }
}

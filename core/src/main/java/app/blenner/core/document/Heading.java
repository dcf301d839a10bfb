package app.blenner.core.document;

import java.util.List;

/**
 * A heading.
 *
 * @param level 1 to 6; the page's own title is level 1, so a text begins with level 2
 * @param anchor its name as a jump target, or empty to have one made when the page is rendered
 * @param content its words
 * @param style its attributes
 */
public record Heading(int level, String anchor, List<Inline> content, BlockStyle style)
    implements Block {

  public Heading {
    level = Math.max(1, Math.min(6, level));
    anchor = Anchors.legal(anchor);
    content = Inlines.tidyInlines(content);
  }

  /** The same heading at another level. */
  public Heading atLevel(int other) {
    return new Heading(other, anchor, content, style);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitHeading(this);
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Heading(level, anchor, text, style);
  }

  @Override
  public boolean isVoid() {
    return content.isEmpty();
  }
}

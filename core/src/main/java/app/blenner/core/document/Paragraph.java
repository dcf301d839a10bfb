package app.blenner.core.document;

import java.util.List;

/** A paragraph of running text. */
public record Paragraph(List<Inline> content, BlockStyle style) implements Block {

  public Paragraph {
    content = Inlines.tidyInlines(content);
  }

  /** A plain paragraph of plain text. */
  public static Paragraph of(String text) {
    return new Paragraph(List.of(Text.of(text)), BlockStyle.PLAIN);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitParagraph(this);
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Paragraph(text, style);
  }

  @Override
  public boolean isVoid() {
    return content.isEmpty();
  }
}

package app.blenner.core.document;

/**
 * A line break inside a paragraph. It carries the marks that the text on both sides shares, so that
 * a link over two lines stays one link.
 */
public record LineBreak(Marks marks) implements Inline {

  @Override
  public LineBreak withMarks(Marks marks) {
    return new LineBreak(marks);
  }
}

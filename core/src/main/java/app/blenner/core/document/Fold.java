package app.blenner.core.document;

/** The point down to which a section page shows the body. */
public record Fold() implements Block {

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitFold(this);
  }
}

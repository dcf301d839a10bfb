package app.blenner.core.document;

/**
 * A named place that links can lead to.
 *
 * @param anchor its name, see {@link Anchors#legal}
 */
public record JumpTarget(String anchor) implements Block {

  public JumpTarget {
    anchor = Anchors.legal(anchor);
  }

  @Override
  public boolean isVoid() {
    return anchor.isEmpty();
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitJumpTarget(this);
  }

  @Override
  public boolean isToBeRead() {
    return false;
  }
}

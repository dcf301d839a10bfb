package app.blenner.core.document;

/** A thematic break between two parts. */
public record Divider() implements Block {

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitDivider(this);
  }

  @Override
  public String sign() {
    return "* * *";
  }

  @Override
  public boolean isToBeRead() {
    return false;
  }
}

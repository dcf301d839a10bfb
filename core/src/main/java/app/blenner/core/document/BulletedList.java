package app.blenner.core.document;

import java.util.List;

/** A bulleted list. */
public record BulletedList(Bullet bullet, List<ListItem> items) implements Block {

  /** The sign before each item. */
  public enum Bullet {
    /** The site's own. */
    PLAIN(""),
    CIRCLE("bullet-circle"),
    SQUARE("bullet-square"),
    DASH("bullet-dash"),
    TICK("bullet-tick"),
    NONE("bullet-none");

    private final String className;

    Bullet(String className) {
      this.className = className;
    }

    /** The class that stands for it in HTML. */
    public String className() {
      return className;
    }
  }

  public BulletedList {
    items = List.copyOf(items);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.bulletedList(this);
  }

  @Override
  public List<List<Block>> groups() {
    return items.stream().map(ListItem::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new BulletedList(bullet, groups.stream().map(ListItem::new).toList());
  }

  @Override
  public boolean isVoid() {
    return items.isEmpty();
  }
}

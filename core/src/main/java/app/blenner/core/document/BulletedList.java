package app.blenner.core.document;

import java.util.List;

/**
 * A bulleted list.
 *
 * @param bullet the sign before each item
 * @param direction where its lines begin, where that differs from the text around it
 * @param items the items
 */
public record BulletedList(Bullet bullet, Direction direction, List<ListItem> items)
    implements Block {

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
    // Only numbers can be given.
    items = items.stream().map(i -> i.value() == null ? i : new ListItem(i.blocks())).toList();
  }

  /** A list that is written as the text around it is. */
  public BulletedList(Bullet bullet, List<ListItem> items) {
    this(bullet, Direction.NONE, items);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitBulletedList(this);
  }

  @Override
  public List<List<Block>> groups() {
    return items.stream().map(ListItem::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new BulletedList(bullet, direction, groups.stream().map(ListItem::new).toList());
  }

  @Override
  public boolean isVoid() {
    return items.isEmpty();
  }
}

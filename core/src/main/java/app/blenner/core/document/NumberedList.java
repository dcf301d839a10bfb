package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;

/**
 * A numbered list.
 *
 * @param start the first number
 * @param numbering how numbers are written
 * @param reversed whether it counts down
 * @param direction where its lines begin, where that differs from the text around it
 * @param items the items; one says its number only where counting does not give it
 */
public record NumberedList(
    int start, Numbering numbering, boolean reversed, Direction direction, List<ListItem> items)
    implements Block {

  /** How numbers are written: the values of the {@code type} attribute of {@code ol}. */
  public enum Numbering {
    DECIMAL("1"),
    SMALL_LETTERS("a"),
    CAPITAL_LETTERS("A"),
    SMALL_ROMAN("i"),
    CAPITAL_ROMAN("I");

    private final String type;

    Numbering(String type) {
      this.type = type;
    }

    /** The numbering of a {@code type} attribute; decimal where there is no such one. */
    public static Numbering of(String type) {
      for (Numbering numbering : values()) {
        if (numbering.type.equals(type)) {
          return numbering;
        }
      }
      return DECIMAL;
    }

    /** The value of the {@code type} attribute. */
    public String type() {
      return type;
    }
  }

  public NumberedList {
    if (!items.isEmpty() && items.get(0).value() != null) {
      start = items.get(0).value();
    }
    int next = start;
    List<ListItem> counted = new ArrayList<>(items.size());
    for (ListItem item : items) {
      boolean said = item.value() != null && item.value() != next;
      counted.add(said || item.value() == null ? item : new ListItem(item.blocks()));
      next = (said ? item.value() : next) + (reversed ? -1 : 1);
    }
    items = List.copyOf(counted);
  }

  /** A list that counts up, written as the text around it is. */
  public NumberedList(int start, Numbering numbering, List<ListItem> items) {
    this(start, numbering, false, Direction.NONE, items);
  }

  /**
   * The first number of a list that does not say one: 1, or, counting down, the number of its items. HTML Living
   * Standard, section 4.4.5.
   */
  public static int usualStart(boolean reversed, int items) {
    return reversed ? items : 1;
  }

  /** Whether it simply counts on, 1, 2, 3, from wherever it starts, and says nothing else. */
  public boolean isPlain() {
    return numbering == Numbering.DECIMAL
        && !reversed
        && direction == Direction.NONE
        && items.stream().allMatch(i -> i.value() == null);
  }

  /** The number of each item. */
  public List<Integer> numbers() {
    List<Integer> out = new ArrayList<>(items.size());
    int next = start;
    for (ListItem item : items) {
      int number = item.value() == null ? next : item.value();
      out.add(number);
      next = number + (reversed ? -1 : 1);
    }
    return out;
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitNumberedList(this);
  }

  @Override
  public List<List<Block>> groups() {
    return items.stream().map(ListItem::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    List<ListItem> changed = new ArrayList<>(groups.size());
    for (int i = 0; i < groups.size(); i++) {
      changed.add(new ListItem(groups.get(i), i < items.size() ? items.get(i).value() : null));
    }
    return new NumberedList(start, numbering, reversed, direction, changed);
  }

  @Override
  public boolean isVoid() {
    return items.isEmpty();
  }
}

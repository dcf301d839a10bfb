package app.blenner.core.document;

import java.util.List;

/**
 * A numbered list.
 *
 * @param start the first number, 1 where nothing else is said
 * @param numbering how numbers are written
 * @param items the items
 */
public record NumberedList(int start, Numbering numbering, List<ListItem> items) implements Block {

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
    items = List.copyOf(items);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.numberedList(this);
  }

  @Override
  public List<List<Block>> groups() {
    return items.stream().map(ListItem::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new NumberedList(start, numbering, groups.stream().map(ListItem::new).toList());
  }

  @Override
  public boolean isVoid() {
    return items.isEmpty();
  }
}

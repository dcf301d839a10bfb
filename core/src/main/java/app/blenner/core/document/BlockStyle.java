package app.blenner.core.document;

/**
 * The attributes of a paragraph or heading.
 *
 * @param align how its lines stand
 * @param indent steps of indentation, 0 to 6
 * @param dropCap whether the first letter is set large
 * @param name short name of a named style, or empty
 * @param direction where its lines begin, where that differs from the text around it
 */
public record BlockStyle(
    Align align, int indent, boolean dropCap, String name, Direction direction) {

  /** No attributes. */
  public static final BlockStyle PLAIN = new BlockStyle(Align.START, 0, false, "");

  /** Most steps of indentation. */
  public static final int MAX_INDENT = 6;

  /** How lines stand between the edges. */
  public enum Align {
    START(""),
    LEFT("align-left"),
    CENTRE("align-centre"),
    RIGHT("align-right"),
    JUSTIFIED("align-justified");

    private final String className;

    Align(String className) {
      this.className = className;
    }

    /** The class that stands for it in HTML, empty for the language's own side. */
    public String className() {
      return className;
    }
  }

  public BlockStyle {
    indent = Math.max(0, Math.min(MAX_INDENT, indent));
    name = MarkValues.toName(name) == null ? "" : name;
  }

  /** The attributes of a block that is written as the text around it is. */
  public BlockStyle(Align align, int indent, boolean dropCap, String name) {
    this(align, indent, dropCap, name, Direction.NONE);
  }

  /** The same attributes with another direction. */
  public BlockStyle directed(Direction other) {
    return new BlockStyle(align, indent, dropCap, name, other);
  }

  /** Whether there is nothing to say. */
  public boolean isPlain() {
    return equals(PLAIN);
  }

  /** The same, with lines that stand otherwise. */
  public BlockStyle aligned(Align other) {
    return new BlockStyle(other, indent, dropCap, name, direction);
  }
}

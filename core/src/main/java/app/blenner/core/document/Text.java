package app.blenner.core.document;

/**
 * A run of characters that all carry the same marks.
 *
 * @param text the characters; white space as typed, collapsed when the run joins a block
 * @param marks how the run is dressed
 */
public record Text(String text, Marks marks) implements Inline {

  public Text {
    text = PlainText.legal(text);
  }

  /** A run without marks. */
  public static Text of(String text) {
    return new Text(text, Marks.NONE);
  }

  @Override
  public Text withMarks(Marks marks) {
    return marks.equals(this.marks) ? this : new Text(text, marks);
  }
}

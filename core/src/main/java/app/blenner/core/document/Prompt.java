package app.blenner.core.document;

/**
 * A line of an outline that says what to write in its place. Readers never see it.
 *
 * @param level of the heading that is to be written, 1 to 6; 0 for running text
 * @param text what to write, in a few words
 */
public record Prompt(int level, String text) implements Block {

  public Prompt {
    level = Math.max(0, Math.min(6, level));
    text = PlainText.toLine(text);
  }

  @Override
  public boolean isVoid() {
    return text.isEmpty();
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitPrompt(this);
  }
}

package app.blenner.core.document;

import java.util.List;

/**
 * A box beside the run of the text: a note, a tip, a warning.
 *
 * @param kind which
 * @param blocks what it says
 */
public record Callout(Kind kind, List<Block> blocks) implements Block {

  /** Kinds of callout. */
  public enum Kind {
    NOTE("note"),
    TIP("tip"),
    WARNING("warning");

    private final String className;

    Kind(String className) {
      this.className = className;
    }

    /** The class that stands for it in HTML. */
    public String className() {
      return className;
    }
  }

  public Callout {
    blocks = Blocks.tidyBlocks(blocks);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitCallout(this);
  }

  @Override
  public List<List<Block>> groups() {
    return List.of(blocks);
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new Callout(kind, groups.get(0));
  }
}

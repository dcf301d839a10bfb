package app.blenner.core.document;

import java.util.Optional;
import java.util.stream.Stream;

/** Where a block leads. */
public final class BlockLinks {
  private BlockLinks() {}

  /** The link that a block is as a whole: that of a picture or a button. */
  public static Optional<Mark.Link> ownLinkOf(Block block) {
    return Optional.ofNullable(
        block instanceof Picture p ? p.link() : block instanceof ButtonLink b ? b.link() : null);
  }

  /** All links of a block: its own, and those in its running text; not those of blocks within it. */
  public static Stream<Mark.Link> of(Block block) {
    return Stream.concat(
        ownLinkOf(block).stream(),
        block.content().stream().flatMap(i -> i.marks().link().stream()));
  }
}

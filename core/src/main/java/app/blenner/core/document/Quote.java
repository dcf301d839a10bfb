package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A quotation.
 *
 * @param pull whether it is a pull quote, a sentence of the text itself set large
 * @param source address of what is quoted, or null
 * @param blocks what is quoted
 * @param attribution who said it, or empty
 */
public record Quote(boolean pull, Address source, List<Block> blocks, List<Inline> attribution)
    implements Block {

  public Quote {
    source = source != null && source.kind() == Address.Kind.WEB ? source : null;
    blocks = Blocks.tidyBlocks(blocks);
    attribution = Inlines.tidyInlines(attribution);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitQuote(this);
  }

  @Override
  public List<Inline> content() {
    return attribution;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Quote(pull, source, blocks, text);
  }

  @Override
  public List<List<Block>> groups() {
    return List.of(blocks);
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    return new Quote(pull, source, groups.get(0), attribution);
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(wordsInside(), Stream.of(Inlines.textOf(attribution)));
  }
}

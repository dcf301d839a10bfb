package app.blenner.core.format.html;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Paragraph;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * The blocks that reading has made so far, and the running text that is not a block yet. Running
 * text becomes a paragraph, or whatever the element around it makes of it, as soon as a block
 * begins or the element ends.
 */
final class BlockBuilder {
  private final List<Block> blocks = new ArrayList<>();
  private final List<Inline> run = new ArrayList<>();
  private Function<List<Inline>, Block> maker;

  /**
   * @param plain what running text has that is in no element of its own
   */
  BlockBuilder(BlockStyle plain) {
    maker = content -> new Paragraph(content, plain);
  }

  void add(Inline inline) {
    run.add(inline);
  }

  void add(Block block) {
    flush();
    blocks.add(block);
  }

  void addAll(List<Block> more) {
    flush();
    blocks.addAll(more);
  }

  /** Ends the running text. */
  void flush() {
    if (!run.isEmpty()) {
      Block block = maker.apply(List.copyOf(run));
      run.clear();
      if (!block.isVoid()) {
        blocks.add(block);
      }
    }
  }

  /** Lets running text become another kind of block while the body runs. */
  void buildWithin(Function<List<Inline>, Block> kind, Runnable body) {
    flush();
    Function<List<Inline>, Block> before = maker;
    maker = kind;
    body.run();
    flush();
    maker = before;
  }

  /** Lets running text become plain paragraphs while the body runs. */
  void buildWithin(Runnable body) {
    flush();
    body.run();
    flush();
  }

  /** All blocks. */
  List<Block> end() {
    flush();
    return List.copyOf(blocks);
  }
}

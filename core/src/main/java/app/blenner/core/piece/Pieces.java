package app.blenner.core.piece;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.LinkedPiece;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Texts with ready-made pieces in their places. */
public final class Pieces {
  private Pieces() {}

  /** The keys of the pieces that are linked in a text, in reading order. */
  public static Set<String> keysIn(Document text) {
    Set<String> out = new LinkedHashSet<>();
    text.each(
        block -> {
          if (block instanceof LinkedPiece piece) {
            out.add(piece.key());
          }
        });
    return out;
  }

  /**
   * A text with what its pieces hold in their places. One that is not there is left out, and so is one that would stand
   * within itself.
   *
   * @param pieces what a piece holds, by its key
   */
  public static Document fillIn(Document text, Function<String, Optional<Document>> pieces) {
    return keysIn(text).isEmpty() ? text : fillIn(text, pieces, List.of());
  }

  private static Document fillIn(
      Document text, Function<String, Optional<Document>> pieces, List<String> around) {
    return text.rebuild(
        blocks -> {
          List<Block> out = new ArrayList<>(blocks.size());
          for (Block block : blocks) {
            if (!(block instanceof LinkedPiece piece)) {
              out.add(block);
            } else if (!around.contains(piece.key())) {
              List<String> within = new ArrayList<>(around);
              within.add(piece.key());
              pieces
                  .apply(piece.key())
                  .ifPresent(d -> out.addAll(fillIn(d, pieces, within).blocks()));
            }
          }
          return out;
        });
  }

  /**
   * Whether a piece would stand within itself if it held a text, however many pieces lie between.
   *
   * @param key the piece
   * @param text what it would hold
   */
  public static boolean isCircle(
      String key, Document text, Function<String, Optional<Document>> pieces) {
    Set<String> seen = new LinkedHashSet<>();
    List<String> next = new ArrayList<>(keysIn(text));
    while (!next.isEmpty()) {
      String one = next.remove(next.size() - 1);
      if (one.equals(key)) {
        return true;
      }
      if (seen.add(one)) {
        pieces.apply(one).ifPresent(d -> next.addAll(keysIn(d)));
      }
    }
    return false;
  }
}

package app.blenner.core.document;

import java.util.regex.Pattern;

/**
 * The place of a ready-made piece that is kept once and is in many texts: readers see what it holds at the time.
 *
 * @param key the lasting key of the piece
 */
public record LinkedPiece(String key) implements Block {
  private static final Pattern KEY = Pattern.compile("[a-z0-9]{1,20}");

  public LinkedPiece {
    if (!isKey(key)) {
      throw new IllegalArgumentException("not the key of a piece: " + key);
    }
  }

  /** Whether this can be the key of a piece. */
  public static boolean isKey(String key) {
    return KEY.matcher(key).matches();
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitLinkedPiece(this);
  }
}

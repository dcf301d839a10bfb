package app.blenner.core.face;

/**
 * What a face says, and where it has it from.
 *
 * @param words what it says; empty where there is nothing to say
 * @param from what it falls back on, as {@code the title}; empty where it was written for this face
 */
public record FaceWords(String words, String from) {

  /** What was written for it, or else something it falls back on. */
  static FaceWords orElse(String own, FaceWords otherwise) {
    return own.isEmpty() ? otherwise : new FaceWords(own, "");
  }
}

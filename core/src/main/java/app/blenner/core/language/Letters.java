package app.blenner.core.language;

/** What words are made of. */
public final class Letters {
  private Letters() {}

  /** Whether a character is a letter, or a mark that belongs to one. */
  public static boolean isOfWord(int c) {
    return Character.isLetter(c)
        || switch (Character.getType(c)) {
          case Character.NON_SPACING_MARK,
              Character.COMBINING_SPACING_MARK,
              Character.ENCLOSING_MARK ->
              true;
          default -> false;
        };
  }
}

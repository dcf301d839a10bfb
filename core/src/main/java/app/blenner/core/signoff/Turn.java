package app.blenner.core.signoff;

/** Whose turn it is with an item, told to the person who asks. */
public final class Turn {

  /**
   * Who looks at an item.
   *
   * @param role what they may do
   * @param own whether the item belongs to them
   */
  public record Viewer(Role role, boolean own) {}

  private Turn() {}

  /**
   * Whose turn it is, in a sentence.
   *
   * @param standing where the item stands
   * @param author the name of the person it belongs to
   * @param givenBackBy who gave it back to them, or empty
   * @param since since when it stands so, as a word such as “Tuesday”
   * @param viewer who asks
   */
  public static String told(
      SignOff.Standing standing, String author, String givenBackBy, String since, Viewer viewer) {
    boolean editor = SignOff.decides(viewer.role());
    return switch (standing.stage()) {
      case DRAFT ->
          viewer.own()
              ? givenBackBy.isEmpty()
                  ? "Your turn: it is yours to write."
                  : "Your turn: " + givenBackBy + " gave it back " + since + "."
              : author + "’s turn: it is being written.";
      case IN_REVIEW, CLEARED -> editorsTurn(editor, "it", since);
      case SCHEDULED -> "Nobody’s turn: it goes live by itself at its time.";
      case LIVE ->
          standing.sent()
              ? editorsTurn(editor, "the change", since)
              : standing.changed()
                  ? editor
                      ? "Your turn: readers see the new text when you update what is live."
                      : "Your turn: readers see the new text when an editor has agreed to it."
                  : "Nobody’s turn: readers see the latest text.";
      case WITHDRAWN ->
          editor
              ? "Your turn: put it live again or archive it."
              : "Your turn: send it for review again or archive it.";
      case ARCHIVED -> "Nobody’s turn: it is archived.";
      case BINNED -> "Nobody’s turn: it is in the bin.";
    };
  }

  private static String editorsTurn(boolean editor, String what, String since) {
    return editor
        ? "Your turn: " + what + " waits for an editor since " + since + "."
        : "An editor’s turn since " + since + ".";
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Document;
import app.blenner.core.document.Picture;

/**
 * Pictures that lie on other sites. Whoever shows one asks that site for it, which then knows of the reader; so none is
 * shown of a text that came from elsewhere until somebody has decided about it.
 */
final class Elsewhere {
  private Elsewhere() {}

  /** The text with all pictures of other sites waiting for a decision. */
  static Document undecided(Document document, Report.Tally tally) {
    int[] waiting = {0};
    Document marked =
        document.map(
            block -> {
              if (!(block instanceof Picture p)) {
                return block;
              }
              Picture waits = p.withPending(true);
              waiting[0] += waits.pending() ? 1 : 0;
              return waits.equals(p) ? p : waits;
            });
    if (waiting[0] > 0) {
      tally.note(
          waiting[0] == 1
              ? "A picture lies on another site. It is not loaded until you take it into Assets or keep it there."
              : waiting[0]
                  + " pictures lie on other sites. They are not loaded until you take them into Assets or keep them"
                  + " there.");
    }
    return waiting[0] > 0 ? marked : document;
  }
}

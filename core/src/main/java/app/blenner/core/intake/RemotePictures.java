package app.blenner.core.intake;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.document.Picture;

/**
 * Pictures that lie on other sites. Whoever shows one asks that site for it, which then knows of the reader; so none is
 * shown of a text that came from elsewhere until somebody has decided about it.
 */
final class RemotePictures {
  private RemotePictures() {}

  /** The text with all pictures of other sites waiting for a decision. */
  static Document undecided(Document document, IntakeReport.Tally tally) {
    int[] waiting = {0};
    document.each(
        block ->
            waiting[0] +=
                block instanceof Picture p && p.source().kind() == Address.Kind.WEB ? 1 : 0);
    if (waiting[0] == 0) {
      return document;
    }
    Document marked =
        document.map(
            block -> {
              if (!(block instanceof Picture p)) {
                return block;
              }
              return p.withPending(true);
            });
    tally.note(
        waiting[0] == 1
            ? "A picture lies on another site. It is not loaded until you take it into Assets or keep it there."
            : waiting[0]
                + " pictures lie on other sites. They are not loaded until you take them into Assets or keep them"
                + " there.");
    return marked;
  }
}

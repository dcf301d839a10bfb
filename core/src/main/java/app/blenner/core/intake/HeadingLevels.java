package app.blenner.core.intake;

import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;

/** The levels of headings, for a text whose page has a title of its own at level 1. */
final class HeadingLevels {
  private HeadingLevels() {}

  /** The text with all its headings lowered so that none is at level 1. */
  static Document belowTitle(Document document, IntakeReport.Tally tally) {
    int[] top = {7};
    document.each(b -> top[0] = b instanceof Heading h ? Math.min(top[0], h.level()) : top[0]);
    if (top[0] != 1) {
      return document;
    }
    tally.note("Headings went one level down, since the title of the page is level 1.");
    return document.map(b -> b instanceof Heading h ? h.atLevel(h.level() + 1) : b);
  }
}

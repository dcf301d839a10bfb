package app.blenner.core.intake;

import org.jsoup.nodes.Element;

/** One treatment of foreign HTML, for one habit of the programs that write it. */
interface CleaningStep {
  /** Whether there can be anything to do in a page; a step that only says yes is never spared. */
  default boolean concerns(PageFeatures features) {
    return true;
  }

  /** Works on the page in place and counts what it drops. */
  void take(Element body, IntakeReport.Tally tally);
}

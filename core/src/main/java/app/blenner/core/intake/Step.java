package app.blenner.core.intake;

import org.jsoup.nodes.Element;

/** One treatment of foreign HTML, for one habit of the programs that write it. */
interface Step {
  /** Whether there can be anything to do in a page; a step that only says yes is never spared. */
  default boolean concerns(Seen seen) {
    return true;
  }

  /** Works on the page in place and counts what it drops. */
  void take(Element body, Report.Tally tally);
}

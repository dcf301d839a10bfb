package app.blenner.core.intake;

import org.jsoup.nodes.Element;

/** One treatment of foreign HTML, for one habit of the programs that write it. */
interface Step {
  /** Works on the page in place and counts what it drops. */
  void take(Element body, Report.Tally tally);
}

package app.blenner.server.report;

import app.blenner.core.rule.Severity;
import java.util.List;

/**
 * What rules find in everything live.
 *
 * @param items how many items were looked at
 * @param falling how many of them could not go live as they are
 * @param findings how many findings there are in all
 * @param rules what each rule finds, those first that find most of what must be put right
 * @param parts the items by what they have in common
 * @param some the first of the items that fall short
 */
public record SiteFindings(
    int items,
    int falling,
    int findings,
    List<ReportRule> rules,
    List<ReportPart> parts,
    List<ReportShort> some) {

  /**
   * What one rule finds.
   *
   * @param level the gravest of what it finds
   * @param items in how many items
   * @param findings how often
   * @param repair what mends it at once, where something does; empty where a person has to
   * @param keys the keys of the items it can mend something in; none where it mends nothing
   */
  public record ReportRule(
      String rule, Severity level, int items, int findings, String repair, List<String> keys) {}

  /** By what items are told apart. */
  public enum By {
    SECTION,
    KIND,
    AUTHOR,
    AGE
  }

  /**
   * Items that have something in common.
   *
   * @param name what: the short name of a section or kind, the name of an author, or an age in words
   */
  public record ReportPart(By by, String name, int items, int falling, int findings) {}

  /** An item that falls short, and what it needs. */
  public record ReportShort(String key, String title, String needs) {}
}

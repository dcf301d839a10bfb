package app.blenner.server.find;

import java.time.Instant;
import java.util.Set;

/**
 * Which items are looked for. What is empty or null is not asked for.
 *
 * @param words words that somebody typed
 * @param who who asks, and what they may see
 * @param owner the number of a person whose items are wanted
 * @param waiting whether only those are wanted that wait for who asks
 * @param sections short names of sections, in any of which they may be; none for all
 * @param among the keys of those among which they are looked for; null for all
 * @param topic short name of a section, a slash, and that of a topic
 * @param rule the id of a rule that finds something in them
 * @param from the first moment at which it was changed
 * @param until the first moment that is too late
 * @param order how they are put in order
 */
public record ItemFilter(
    String words,
    Viewer who,
    Long owner,
    boolean waiting,
    String stage,
    Set<String> sections,
    String topic,
    String kind,
    String author,
    String language,
    String keyword,
    String rule,
    Boolean mustFix,
    Instant from,
    Instant until,
    Set<String> among,
    Order order) {

  /** The same for items of somebody, or of everybody, or for those that wait. */
  public ItemFilter withWhose(Long owner, boolean waiting) {
    return with(owner, waiting, stage, order);
  }

  /** The same at another stage, or at any. */
  public ItemFilter withStage(String stage) {
    return with(owner, waiting, stage, order);
  }

  /** The same in the usual order. */
  ItemFilter withoutOrder() {
    return with(owner, waiting, stage, Order.BEST);
  }

  private ItemFilter with(Long owner, boolean waiting, String stage, Order order) {
    return new ItemFilter(
        words, who, owner, waiting, stage, sections, topic, kind, author, language, keyword, rule,
        mustFix, from, until, among, order);
  }

  /**
   * Who looks.
   *
   * @param id their number
   * @param readsDrafts whether they see the drafts of others
   * @param decides whether what waits for an editor waits for them
   */
  public record Viewer(long id, boolean readsDrafts, boolean decides) {}

  /** In which order they stand. */
  public enum Order {
    /** Best first where words are looked for, else the latest changed first. */
    BEST,
    /** The latest changed first. */
    CHANGED,
    /** The one first that nobody has touched for longest. */
    OLDEST,
    /** By title. */
    TITLE
  }
}

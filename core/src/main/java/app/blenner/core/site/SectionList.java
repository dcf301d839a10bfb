package app.blenner.core.site;

import java.util.List;

/**
 * What the page of a section lists, and how.
 *
 * @param order the order of its items
 * @param picked keys of items that stand first, in their order
 * @param size how many items a page shows, from 1 to {@value #MOST}
 * @param composed key of the item whose text stands above the list, or empty
 * @param listed whether there is a list at all; without one the page is what was composed
 */
public record SectionList(
    Order order, List<String> picked, int size, String composed, boolean listed) {

  /** The most items a page shows. */
  public static final int MOST = 100;

  /** As a new section has it. */
  public static final SectionList NEWEST = new SectionList(Order.NEWEST, List.of(), 20, "", true);

  /** The orders of items on the page of a section. */
  public enum Order {
    /** The newest first. */
    NEWEST,
    /** Those somebody picked first, then the newest. */
    PICKED_FIRST,
    /** Under each topic the newest of it. */
    BY_TOPIC
  }

  public SectionList {
    picked = List.copyOf(picked);
    size = Math.max(1, Math.min(MOST, size));
  }

  /** The items that stand first; none where the order has no place for them. */
  public List<String> first() {
    return order == Order.PICKED_FIRST ? picked : List.of();
  }
}

package app.blenner.core.site;

/**
 * What the front page shows.
 *
 * @param composed key of the item whose text stands above the list, or empty
 * @param listed whether it lists the latest
 */
public record FrontPage(String composed, boolean listed) {
  /** That of a new site. */
  public static final FrontPage NEW = new FrontPage("", true);
}

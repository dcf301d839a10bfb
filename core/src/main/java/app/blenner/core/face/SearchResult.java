package app.blenner.core.face;

import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;

/**
 * What search engines show of an item.
 *
 * @param title its title
 * @param width how wide the title is shown, in pixels
 * @param description the text below it
 * @param canonical the address of the original where this is a copy of it, or empty
 * @param hidden whether search engines are asked to leave it out
 */
public record SearchResult(
    FaceWords title, double width, FaceWords description, String canonical, boolean hidden) {

  /** The widest title that is shown whole, in pixels. Common practice. */
  public static final int USUAL_WIDTH = 600;

  /** Most characters of a description that are usually shown. Common practice. */
  public static final int USUAL_DESCRIPTION = 160;

  /**
   * The search result of an item.
   *
   * @param siteName what stands behind a title that was not written for it
   */
  public static SearchResult of(Content content, String siteName) {
    FaceWords title =
        FaceWords.orElse(
            StandardFields.textOf(content, StandardFields.SEARCH_TITLE),
            content.title().isEmpty()
                ? new FaceWords("", "the title")
                : new FaceWords(
                    content.title() + " · " + siteName, "the title and the site’s name"));
    FaceWords description =
        FaceWords.orElse(
            StandardFields.textOf(content, StandardFields.SEARCH_DESCRIPTION),
            new FaceWords(content.summary(), "the summary"));
    return new SearchResult(
        title, TitleWidth.of(title.words()), description, canonical(content), isHidden(content));
  }

  /** Whether search engines are asked to leave an item out. */
  public static boolean isHidden(Content content) {
    return StandardFields.textOf(content, StandardFields.SEARCH_HIDDEN).equals("true");
  }

  private static String canonical(Content content) {
    String given = StandardFields.textOf(content, StandardFields.SEARCH_CANONICAL);
    return isPage(given) ? given : "";
  }

  /** Whether an address is that of a page, of this site or of another. */
  public static boolean isPage(String address) {
    return address.startsWith("https://") || address.startsWith("http://") || isPath(address);
  }

  private static boolean isPath(String address) {
    return address.startsWith("/") && !address.startsWith("//");
  }

  /** What the address of an item is made from: its search title, or else its title. */
  public static String titleOf(Content content) {
    String own = StandardFields.textOf(content, StandardFields.SEARCH_TITLE);
    return own.isEmpty() ? content.title() : own;
  }
}

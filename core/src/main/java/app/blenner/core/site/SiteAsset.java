package app.blenner.core.site;

/**
 * A stored picture or file, as a page needs to know it.
 *
 * @param name its file name, which is also its key
 * @param mediaType its media type
 * @param bytes its size
 * @param width width in pixels, 0 where it has none
 * @param height height in pixels, 0 where it has none
 * @param alternative what it shows, where somebody said so in general, or empty
 */
public record SiteAsset(
    String name, String mediaType, long bytes, int width, int height, String alternative) {

  /** Its address on the site. */
  public String path() {
    return "/media/" + name;
  }
}

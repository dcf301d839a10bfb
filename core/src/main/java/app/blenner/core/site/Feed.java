package app.blenner.core.site;

/** The forms in which the latest of a site, or of one of its sections, is followed. */
public enum Feed {
  /** RFC 4287. */
  ATOM("application/atom+xml", "atom.xml"),
  /** RSS 2.0. */
  RSS("application/rss+xml", "rss.xml"),
  /** JSON Feed 1.1. */
  JSON("application/feed+json", "feed.json");

  private final String type;
  private final String file;

  Feed(String type, String file) {
    this.type = type;
    this.file = file;
  }

  /** Its media type. */
  public String type() {
    return type;
  }

  /** The last part of its address. */
  public String file() {
    return file;
  }

  /** Its address on the site, of a section or, without one, of everything. */
  public String feedPath(String section) {
    return section.isEmpty() ? "/feed/" + file : "/feed/" + section + "/" + file;
  }
}

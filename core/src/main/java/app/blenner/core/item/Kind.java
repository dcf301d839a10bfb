package app.blenner.core.item;

/** Kinds of item. */
public enum Kind {
  /** A longer text that keeps its worth. */
  ARTICLE("Article", true),
  /** News of the day, listed by date. */
  POST("Post", true),
  /** A fixed page, such as how to get there; never listed among the latest. */
  PAGE("Page", false);

  private final String label;
  private final boolean news;

  Kind(String label, boolean news) {
    this.label = label;
    this.news = news;
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }

  /** Whether it is listed among the latest on the front page. */
  public boolean isNews() {
    return news;
  }
}

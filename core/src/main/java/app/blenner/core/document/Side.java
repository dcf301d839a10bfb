package app.blenner.core.document;

/** Where a picture, table or film is in the column. */
public enum Side {
  /** In the flow, as wide as it is. */
  NONE(""),
  LEFT("left"),
  CENTRE("centre"),
  RIGHT("right"),
  /** Across the whole measure and beyond it where the page has room. */
  WIDE("wide");

  private final String className;

  Side(String className) {
    this.className = className;
  }

  /** The class that stands for it in HTML. */
  public String className() {
    return className;
  }
}

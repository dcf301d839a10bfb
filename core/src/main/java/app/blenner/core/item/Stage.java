package app.blenner.core.item;

/** How far an item has come. */
public enum Stage {
  DRAFT("Draft"),
  IN_REVIEW("In review"),
  CLEARED("Cleared"),
  SCHEDULED("Scheduled"),
  LIVE("Live"),
  WITHDRAWN("Withdrawn"),
  ARCHIVED("Archived"),
  /** Thrown away, and for a while to be had back. */
  BINNED("In the bin");

  private final String label;

  Stage(String label) {
    this.label = label;
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }

  /** Whether readers see an item that has come so far. */
  public boolean isForReaders() {
    return this == LIVE;
  }

  /** Whether an item that has come so far waits for somebody to decide about it. */
  public boolean awaitsDecision() {
    return this == IN_REVIEW || this == CLEARED;
  }

  /**
   * Where an item comes to stand that another site had brought so far: no action leads to “cleared” or “scheduled” here, and
   * nothing goes live at its time by itself, so somebody has to decide about it again.
   */
  public Stage landing() {
    return this == CLEARED || this == SCHEDULED ? IN_REVIEW : this;
  }

  /** Whether an item that has come so far is its owner's own affair, which not everybody may read. */
  public boolean isPrivate() {
    return this == DRAFT;
  }

  /** Whether an item that has come so far was thrown away. */
  public boolean isGone() {
    return this == BINNED;
  }
}

package app.blenner.core.signoff;

/** What a person may do. */
public enum Role {
  /** Writes, and hands on to an editor. */
  WRITER("Writer"),
  /** Writes, and may put live. */
  EDITOR("Editor");

  private final String label;

  Role(String label) {
    this.label = label;
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }
}

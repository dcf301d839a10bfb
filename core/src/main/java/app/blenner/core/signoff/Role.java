package app.blenner.core.signoff;

import java.util.EnumSet;
import java.util.Set;

/** What a person may do. */
public enum Role {
  /** Writes, and hands on to an editor. */
  WRITER("Writer", EnumSet.noneOf(Right.class)),
  /** Writes, and may put live. */
  EDITOR("Editor", EnumSet.allOf(Right.class));

  private final String label;
  private final Set<Right> rights;

  Role(String label, Set<Right> rights) {
    this.label = label;
    this.rights = rights;
  }

  /** Whether people of this role have a right. */
  public boolean hasRight(Right right) {
    return rights.contains(right);
  }

  /** Its name as people read it. */
  public String label() {
    return label;
  }
}

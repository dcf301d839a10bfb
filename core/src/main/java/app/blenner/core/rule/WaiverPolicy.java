package app.blenner.core.rule;

import app.blenner.core.signoff.Role;

/** Who may put an item live although a rule that is required finds something, with a reason that is kept. */
public enum WaiverPolicy {
  NOBODY,
  EDITORS,
  /** Whoever writes it. */
  EVERYBODY;

  /** Whether somebody of a role may. */
  public boolean allowsRole(Role role) {
    return switch (this) {
      case NOBODY -> false;
      case EDITORS -> role == Role.EDITOR;
      case EVERYBODY -> true;
    };
  }
}

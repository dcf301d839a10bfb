package app.blenner.server.audit;

/** What is noted. */
public enum Audited {
  SIGNED_IN("Signed in"),
  TRIED("Tried to sign in, and was refused"),
  SIGNED_OUT("Signed out"),
  SIGN_IN_ENDED("Ended a sign-in"),
  PERSON_ADDED("Added a person"),
  PERSON_CHANGED("Changed a person"),
  PERSON_DEACTIVATED("Deactivated a person"),
  PERSON_ACTIVATED("Activated a person again"),
  LINK_MADE("Made a link to set a password"),
  PASSWORD_CHANGED("Changed a password"),
  SECOND_FACTOR_ON("Turned the second factor on"),
  SECOND_FACTOR_OFF("Turned the second factor off"),
  SECOND_FACTOR_ASKED("Changed who needs a second factor"),
  PASSKEY_ADDED("Added a passkey"),
  PASSKEY_REMOVED("Removed a passkey"),
  RECOVERY_USED("Signed in with a recovery code"),
  SET_UP_CHANGED("Changed the set-up"),
  EXPORTED("Took an archive out"),
  RESTORED("Put an archive in the place of the site");

  private final String label;

  Audited(String label) {
    this.label = label;
  }

  /** The same in words. */
  public String label() {
    return label;
  }
}

package app.blenner.core.rule;

/** How much it matters to a site what a rule finds. */
public enum Weight {
  /** It is not looked for before going live; whoever tidies a text is offered it all the same. */
  OFF,
  /** Only a person can judge. */
  LOOK,
  /** Better fixed. */
  ADVISED,
  /** Must be fixed before the item goes live. */
  REQUIRED;

  /** How much one finding then weighs. */
  Level level() {
    return switch (this) {
      case REQUIRED -> Level.MUST_FIX;
      case ADVISED -> Level.ADVISED;
      case LOOK, OFF -> Level.LOOK;
    };
  }
}

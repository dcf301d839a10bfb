package app.blenner.core.rule;

/** How much it matters to a site what a rule finds. */
public enum RuleSeverity {
  /** It is not looked for before going live; whoever tidies a text is offered it all the same. */
  OFF,
  /** Only a person can judge. */
  LOOK,
  /** Better fixed. */
  ADVISED,
  /** Must be fixed before the item goes live. */
  REQUIRED;

  /** How much one finding then weighs. */
  Severity level() {
    return switch (this) {
      case REQUIRED -> Severity.MUST_FIX;
      case ADVISED -> Severity.ADVISED;
      case LOOK, OFF -> Severity.LOOK;
    };
  }
}

package app.blenner.core.rule;

/** How much a finding weighs. */
public enum Severity {
  /** Must be fixed before the item goes live. */
  MUST_FIX,
  /** Better fixed. */
  ADVISED,
  /** Only a person can judge. */
  LOOK
}

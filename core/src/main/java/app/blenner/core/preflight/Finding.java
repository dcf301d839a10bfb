package app.blenner.core.preflight;

import app.blenner.core.document.BlockPath;
import java.util.List;

/**
 * What a rule found at one place.
 *
 * @param rule id of the rule
 * @param level how much it weighs
 * @param message what is wrong, in a sentence
 * @param why why it matters, in a sentence
 * @param field where: {@code title}, {@code summary} or {@code body}
 * @param path the block, for a finding in the body; otherwise null
 * @param from first character of the stretch within the block's text, from 0
 * @param to the character after its last; equal to {@code from} for the block as a whole
 * @param fixes ways to mend it
 */
public record Finding(
    String rule,
    Level level,
    String message,
    String why,
    String field,
    BlockPath path,
    int from,
    int to,
    List<Fix> fixes) {

  /** A finding on a field as a whole. */
  public static Finding onField(
      Rule rule, Level level, String message, String field, List<Fix> fixes) {
    return new Finding(rule.id(), level, message, rule.why(), field, null, 0, 0, fixes);
  }

  /** A finding on a block as a whole. */
  public static Finding onBlock(
      Rule rule, Level level, String message, BlockPath path, List<Fix> fixes) {
    return new Finding(rule.id(), level, message, rule.why(), "body", path, 0, 0, fixes);
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.BlockPath;
import java.util.List;

/**
 * What a rule found at one place.
 *
 * <p>Its {@link #identity()} tells it from every other finding in the same text: the rule, the place,
 * and the words concerned.
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

  /**
   * What tells this finding from others in the same text, as a short lasting word: the rule, the field
   * or block, and the stretch within it.
   */
  public String identity() {
    String place = path == null ? field : path.steps().toString().replaceAll("[^0-9,]", "");
    return rule + ":" + place + ":" + from + "-" + to;
  }

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

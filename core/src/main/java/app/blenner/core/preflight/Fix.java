package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import java.util.function.UnaryOperator;

/**
 * A way to mend a finding.
 *
 * @param label what its button says
 * @param asks the field a person must fill in ({@code title}, {@code summary}, {@code
 *     alternative}), or empty when the change needs nobody
 * @param change the change, from content to content; the same content where somebody is asked
 */
public record Fix(String label, String asks, UnaryOperator<Content> change) {

  /** A fix for which a person fills in a field. */
  public static Fix ask(String label, String field) {
    return new Fix(label, field, UnaryOperator.identity());
  }

  /** A fix that is made at once. */
  public static Fix make(String label, UnaryOperator<Content> change) {
    return new Fix(label, "", change);
  }
}

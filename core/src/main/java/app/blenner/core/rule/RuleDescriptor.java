package app.blenner.core.rule;

/**
 * What a rule says of itself.
 *
 * @param id its lasting short name
 * @param label what it looks for, as people say it
 * @param why why it matters, in a sentence a newcomer understands
 * @param reference where it comes from: a standard and its section, or common practice
 * @param weight how much what it finds weighs where a site says nothing else; single findings can weigh less
 * @param one what an item with one must-fix finding needs, to follow the word “Needs”
 * @param several the same for more; {@code %d} stands for their number
 */
public record RuleDescriptor(
    String id,
    String label,
    String why,
    String reference,
    RuleSeverity weight,
    String one,
    String several) {

  /** What an item with so many must-fix findings needs, to follow the word “Needs”. */
  public String need(int count) {
    return count == 1 ? one : several.formatted(count);
  }
}

package app.blenner.core.rule;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How one rule is set.
 *
 * @param weight how much it weighs; null as it comes
 * @param numbers the names of its parameters, and what they are; those left out are as usual
 * @param words the lines of its list of words, where it has one
 * @param wording what writers are told of why it matters, in the house's own words; empty for Blenner's
 * @param overrule who may go on in spite of it, where it is required
 */
public record Setting(
    RuleSeverity weight,
    Map<String, Integer> numbers,
    List<String> words,
    String wording,
    WaiverPolicy overrule) {

  /** A rule of which nothing is said. */
  public static final Setting AS_IT_COMES =
      new Setting(null, Map.of(), List.of(), "", WaiverPolicy.NOBODY);

  /** The longest wording, in characters. */
  public static final int LONGEST = 300;

  /** Cheap also for a whole dictionary: every passage of every text is looked up by it. */
  @Override
  public int hashCode() {
    return Objects.hash(weight, numbers, words.size(), wording, overrule);
  }

  public Setting {
    numbers = Map.copyOf(numbers);
    words = List.copyOf(words);
  }

  /** One that weighs so much, and is as it comes otherwise. */
  public static Setting of(RuleSeverity weight) {
    return AS_IT_COMES.weighing(weight);
  }

  /** The same, weighing something else. */
  public Setting weighing(RuleSeverity other) {
    return new Setting(other, numbers, words, wording, overrule);
  }

  /** The same, with a number. */
  public Setting with(String name, int number) {
    Map<String, Integer> all = new HashMap<>(numbers);
    all.put(name, number);
    return new Setting(weight, all, words, wording, overrule);
  }

  /** The same, with other words. */
  public Setting with(List<String> other) {
    return new Setting(weight, numbers, other, wording, overrule);
  }
}

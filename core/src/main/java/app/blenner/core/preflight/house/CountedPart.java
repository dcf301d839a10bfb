package app.blenner.core.preflight.house;

import app.blenner.core.rule.Subject;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * Something of an item that can be counted.
 *
 * @param has how a sentence begins that tells how many there are, as “The title has”
 * @param one what is counted, as “character”
 * @param several the same of more
 * @param field the field by which that is changed
 * @param count counts
 * @param applies whether there is anything to count; a field left out is not a field that is too short
 */
record CountedPart(
    String has,
    String one,
    String several,
    String field,
    ToIntFunction<Subject> count,
    Predicate<Subject> applies) {

  /** So many of them in words. */
  String tellCount(int number) {
    return number + " " + (number == 1 ? one : several);
  }
}

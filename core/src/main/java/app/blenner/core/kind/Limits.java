package app.blenner.core.kind;

import app.blenner.core.language.Counts;
import java.util.List;

/** What several types of field hold their values to. */
final class Limits {
  private Limits() {}

  static String problemWithLength(FieldProperties head, String value, int most) {
    int over = Counts.countCharacters(value) - most;
    return over <= 0
        ? ""
        : head.label() + " is " + over + (over == 1 ? " character" : " characters") + " too long.";
  }

  static String problemWithCount(FieldProperties head, int count, int most, String what) {
    return count <= most
        ? ""
        : head.label() + " takes at most " + most + " " + what + "; there are " + count + ".";
  }

  static String among(FieldProperties head, List<String> chosen, List<String> choices) {
    return chosen.stream()
        .filter(c -> !choices.contains(c))
        .findFirst()
        .map(c -> head.label() + ": “" + c + "” is not among the choices any more.")
        .orElse("");
  }
}

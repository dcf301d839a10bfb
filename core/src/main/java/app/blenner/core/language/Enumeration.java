package app.blenner.core.language;

import java.util.List;

/** Things named one after the other, in English. */
public final class Enumeration {
  private Enumeration() {}

  /** “a, b and c”; empty for nothing. */
  public static String and(List<String> things) {
    int last = things.size() - 1;
    return last < 1
        ? String.join("", things)
        : String.join(", ", things.subList(0, last)) + " and " + things.get(last);
  }
}

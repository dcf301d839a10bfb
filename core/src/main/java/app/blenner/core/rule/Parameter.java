package app.blenner.core.rule;

/**
 * A number by which a rule is set.
 *
 * @param name its lasting short name
 * @param label what it is, as people say it, with its unit
 * @param least the least it may be
 * @param most the most it may be
 * @param usual what it is where nobody says
 */
public record Parameter(String name, String label, int least, int most, int usual) {
  /** What the least of something is called, where a rule asks for that. */
  public static final String LEAST = "least";

  /** What the most of something is called. */
  public static final String MOST = "most";

  public Parameter {
    if (least > usual || usual > most) {
      throw new IllegalArgumentException(name + " is usually within its limits");
    }
  }
}

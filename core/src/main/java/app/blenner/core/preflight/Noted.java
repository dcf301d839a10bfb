package app.blenner.core.preflight;

import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Level;
import java.util.ArrayList;
import java.util.List;

/**
 * A finding as it is kept with an item: what rule found it and where, and no words. It is worded when it is read, so that
 * a better sentence needs no new look at the texts.
 *
 * @param rule id of the rule
 * @param level how much it weighs
 * @param identity what tells it from others in the same text
 */
public record Noted(String rule, Level level, String identity) {

  /** Findings as lines of text: the rule, the level and the identity, with spaces between. */
  public static String write(List<Finding> findings) {
    StringBuilder out = new StringBuilder();
    for (Finding f : findings) {
      out.append(f.rule()).append(' ').append(f.level()).append(' ').append(f.identity());
      out.append('\n');
    }
    return out.toString();
  }

  /** Reads what {@link #write} wrote; lines of rules or levels there are no more are left out. */
  public static List<Noted> read(String written) {
    List<Noted> out = new ArrayList<>();
    for (String line : written.split("\n")) {
      String[] parts = line.split(" ", 3);
      if (parts.length == 3 && Preflight.rule(parts[0]).isPresent()) {
        try {
          out.add(new Noted(parts[0], Level.valueOf(parts[1]), parts[2]));
        } catch (IllegalArgumentException levelOfOld) {
          // The rules that made it are not those of today; it is made anew soon.
        }
      }
    }
    return out;
  }

  /** Findings as they are kept. */
  public static List<Noted> of(List<Finding> findings) {
    return findings.stream().map(f -> new Noted(f.rule(), f.level(), f.identity())).toList();
  }
}

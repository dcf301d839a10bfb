package app.blenner.core.preflight;

import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Severity;
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
public record StoredFinding(String rule, Severity level, String identity) {

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
  public static List<StoredFinding> read(String written) {
    List<StoredFinding> out = new ArrayList<>();
    for (String line : written.split("\n")) {
      String[] parts = line.split(" ", 3);
      if (parts.length == 3 && Preflight.findRule(parts[0]).isPresent()) {
        try {
          out.add(new StoredFinding(parts[0], Severity.valueOf(parts[1]), parts[2]));
        } catch (IllegalArgumentException levelOfOld) {
          // The rules that made it are not those of today; it is made again soon.
        }
      }
    }
    return out;
  }

  /** Findings as they are kept. */
  public static List<StoredFinding> of(List<Finding> findings) {
    return findings.stream()
        .map(f -> new StoredFinding(f.rule(), f.level(), f.identity()))
        .toList();
  }
}

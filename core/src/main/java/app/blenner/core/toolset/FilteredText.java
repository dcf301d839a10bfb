package app.blenner.core.toolset;

import app.blenner.core.document.Document;
import app.blenner.core.language.Enumeration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A text held to its toolset.
 *
 * @param text what is left of it; every word that readers see is
 * @param taken what was taken away, and how often
 */
public record FilteredText(Document text, Map<PolicyViolation, Integer> taken) {
  public FilteredText {
    taken = Map.copyOf(taken);
  }

  /** Holds a text to what it may hold. */
  public static FilteredText of(Document text, ContentPolicy allowance) {
    return new ContentPolicyFilter(allowance).applyPolicy(text);
  }

  /** What a text holds that its toolset does not offer. */
  public static Set<PolicyViolation> excess(Document text, ContentPolicy allowance) {
    return of(text, allowance).taken().keySet();
  }

  /** Whether nothing had to be taken away. */
  public boolean isWhole() {
    return taken.isEmpty();
  }

  /** What was taken away, in words: “a table and 3 colours”; empty where nothing was. */
  public String words() {
    Map<Piece, Integer> counts = new EnumMap<>(Piece.class);
    taken.forEach((excess, number) -> counts.merge(excess.piece(), number, Integer::sum));
    List<String> all =
        counts.entrySet().stream().map(e -> e.getKey().countOf(e.getValue())).toList();
    return Enumeration.and(all);
  }
}

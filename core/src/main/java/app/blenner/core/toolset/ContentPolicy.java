package app.blenner.core.toolset;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a text may hold.
 *
 * @param tools short names of the tools whose pieces it may hold
 * @param only what is narrowed to some values
 * @param also what it may hold all the same, since it did before
 */
public record ContentPolicy(
    Set<String> tools, Map<Choice, List<String>> only, Set<PolicyViolation> also) {
  public ContentPolicy {
    tools = Set.copyOf(tools);
    only = Map.copyOf(only);
    also = Set.copyOf(also);
  }

  /** The same, and some things more. */
  public ContentPolicy and(Set<PolicyViolation> more) {
    return new ContentPolicy(tools, only, more);
  }

  boolean allows(Piece piece) {
    return allows(piece, "");
  }

  boolean allows(Piece piece, String value) {
    if (tools.contains(piece.tool())
        || piece == Piece.COLOUR && tools.contains(Piece.FONT.tool())) {
      Choice choice = choiceOf(piece);
      // The site's own highlight has no value, and is none of its colours.
      if (choice == null
          || value.isEmpty()
          || !only.containsKey(choice)
          || only.get(choice).contains(value)) {
        return true;
      }
    }
    return also.contains(new PolicyViolation(piece, value));
  }

  private static Choice choiceOf(Piece piece) {
    return switch (piece) {
      case COLOUR, HIGHLIGHT -> Choice.COLOURS;
      case FONT -> Choice.FONTS;
      case SIZE -> Choice.SIZES;
      case STYLE -> Choice.STYLES;
      case EMBED -> Choice.HOSTS;
      default -> null;
    };
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Address;
import app.blenner.core.document.Direction;
import app.blenner.core.toolset.ContentPolicy;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * The text that foreign text will join.
 *
 * @param names names of places that are in it already
 * @param direction which way it runs
 * @param own what an absolute address of the site's own stands for in a text; empty for all others
 * @param allowance what it may hold, or null where it may hold everything
 */
public record Destination(
    Set<String> names,
    Direction direction,
    Function<String, Optional<Address>> own,
    ContentPolicy allowance) {

  /** A text of its own that runs from the left, on a site nobody links to. */
  public static final Destination NEW =
      new Destination(Set.of(), Direction.LTR, address -> Optional.empty());

  public Destination {
    names = Set.copyOf(names);
    direction = direction == Direction.NONE ? Direction.LTR : direction;
  }

  /** A text that may hold everything. */
  public Destination(
      Set<String> names, Direction direction, Function<String, Optional<Address>> own) {
    this(names, direction, own, null);
  }

  /** A text in which these places have names. */
  public static Destination with(Set<String> names) {
    return new Destination(names, NEW.direction(), NEW.own());
  }
}

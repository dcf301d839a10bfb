package app.blenner.core.document;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The marks of one run, at most one of each kind, sorted from the outermost inwards.
 *
 * @param all the marks in that order
 */
public record Marks(List<Mark> all) {

  /** No marks. */
  public static final Marks NONE = new Marks(List.of());

  public Marks {
    if (!isSorted(all)) {
      List<Mark> sorted = new ArrayList<>(all);
      sorted.sort(Comparator.comparingInt(Mark::rank));
      for (int i = 1; i < sorted.size(); i++) {
        if (sorted.get(i).rank() == sorted.get(i - 1).rank()) {
          throw new IllegalArgumentException("two marks of one kind: " + sorted);
        }
      }
      all = List.copyOf(sorted);
    } else {
      all = List.copyOf(all);
    }
  }

  private static boolean isSorted(List<Mark> marks) {
    for (int i = 1; i < marks.size(); i++) {
      if (marks.get(i - 1).rank() >= marks.get(i).rank()) {
        return false;
      }
    }
    return true;
  }

  /** These marks and one more, which takes the place of one of its kind; null changes nothing. */
  public Marks with(Mark mark) {
    if (mark == null || all.contains(mark)) {
      return this;
    }
    if (all.isEmpty()) {
      return new Marks(List.of(mark));
    }
    List<Mark> next = new ArrayList<>(all.size() + 1);
    for (Mark m : all) {
      if (m.rank() != mark.rank()) {
        next.add(m);
      }
    }
    next.add(mark);
    return new Marks(next);
  }

  /** The marks that both have. */
  public Marks shared(Marks other) {
    if (equals(other)) {
      return this;
    }
    return new Marks(all.stream().filter(other.all::contains).toList());
  }

  /** These marks but for some. */
  public Marks without(Predicate<Mark> some) {
    List<Mark> rest = null;
    for (int i = 0; i < all.size(); i++) {
      boolean goes = some.test(all.get(i));
      if (goes && rest == null) {
        rest = new ArrayList<>(all.subList(0, i));
      } else if (!goes && rest != null) {
        rest.add(all.get(i));
      }
    }
    return rest == null ? this : rest.isEmpty() ? NONE : new Marks(rest);
  }

  /** The value of the mark of a kind. */
  public Optional<String> valueOf(Mark.Kind kind) {
    return Optional.ofNullable(valueOf(kind, null));
  }

  /** The value of the mark of a kind, or another where there is none. */
  public String valueOf(Mark.Kind kind, String otherwise) {
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i) instanceof Mark.Valued v && v.kind() == kind) {
        return v.value();
      }
    }
    return otherwise;
  }

  /** As the record's own, but the same marks are told without a look at them. */
  @Override
  public boolean equals(Object other) {
    return this == other
        || (other instanceof Marks m && all.size() == m.all.size() && all.equals(m.all));
  }

  @Override
  public int hashCode() {
    return all.hashCode();
  }

  /** The link among them. */
  public Optional<Mark.Link> link() {
    return !all.isEmpty() && all.get(0) instanceof Mark.Link l ? Optional.of(l) : Optional.empty();
  }
}

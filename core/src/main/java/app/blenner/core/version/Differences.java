package app.blenner.core.version;

import app.blenner.core.document.CancellationToken;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What tells one list from another, found in time that grows with their length and not with its square. To find the
 * longest row of entries that two lists have in common takes the product of their lengths, so two long texts that share
 * little would take minutes. Here entries that both lists hold exactly once part the lists first, in the order most of
 * them agree on; the longest common row is sought in the short stretches between, and a long stretch that nothing parts
 * is told as one difference, which is true if coarse.
 */
public final class Differences {
  /** Where the product of two stretches is larger, they are not held against each other entry by entry. */
  private static final long MOST = 1_000_000;

  /** How often what stands between two entries is parted once more by entries that are single there. */
  private static final int ROUNDS = 4;

  /**
   * A stretch that differs.
   *
   * @param from its first entry in the one list, from 0
   * @param to the entry behind its last
   * @param otherFrom the same in the other list
   * @param otherTo the same in the other list
   */
  public record Stretch(int from, int to, int otherFrom, int otherTo) {}

  private final List<Integer> one;
  private final List<Integer> other;
  private final List<Stretch> found = new ArrayList<>();

  private Differences(List<Integer> one, List<Integer> other) {
    this.one = one;
    this.other = other;
  }

  /** The stretches in which two lists differ, in order; what lies between them is the same in both. */
  public static <T> List<Stretch> of(List<T> one, List<T> other) {
    // Entries are held against each other often, and can be long texts; numbers are held more
    // quickly.
    Map<T, Integer> numbers = new HashMap<>();
    Differences differences = new Differences(numbered(one, numbers), numbered(other, numbers));
    differences.part(new Stretch(0, one.size(), 0, other.size()), ROUNDS);
    return joined(differences.found);
  }

  private static <T> List<Integer> numbered(List<T> entries, Map<T, Integer> numbers) {
    List<Integer> out = new ArrayList<>(entries.size());
    for (T entry : entries) {
      Integer next = numbers.size();
      Integer known = numbers.putIfAbsent(entry, next);
      out.add(known == null ? next : known);
    }
    return out;
  }

  private void part(Stretch whole, int rounds) {
    Stretch s = trimmed(whole);
    long product = (long) (s.to - s.from) * (s.otherTo - s.otherFrom);
    if (product == 0) {
      found(s, 0, s.to - s.from, 0, s.otherTo - s.otherFrom);
    } else if (product <= MOST) {
      byCommonRow(s);
    } else {
      List<int[]> anchors = rounds == 0 ? List.of() : anchorsOf(s);
      if (anchors.isEmpty()) {
        found.add(s);
        return;
      }
      int from = s.from;
      int otherFrom = s.otherFrom;
      for (int[] anchor : anchors) {
        part(new Stretch(from, anchor[0], otherFrom, anchor[1]), rounds - 1);
        from = anchor[0] + 1;
        otherFrom = anchor[1] + 1;
      }
      part(new Stretch(from, s.to, otherFrom, s.otherTo), rounds - 1);
    }
  }

  private Stretch trimmed(Stretch s) {
    int from = s.from;
    int otherFrom = s.otherFrom;
    int to = s.to;
    int otherTo = s.otherTo;
    while (from < to && otherFrom < otherTo && one.get(from).equals(other.get(otherFrom))) {
      from++;
      otherFrom++;
    }
    while (to > from && otherTo > otherFrom && one.get(to - 1).equals(other.get(otherTo - 1))) {
      to--;
      otherTo--;
    }
    return new Stretch(from, to, otherFrom, otherTo);
  }

  private void byCommonRow(Stretch s) {
    int rows = s.to - s.from;
    int columns = s.otherTo - s.otherFrom;
    // Of what is left of both lists from here on: how much they have in common.
    int[][] common = new int[rows + 1][columns + 1];
    for (int i = rows - 1; i >= 0; i--) {
      CancellationToken.check();
      for (int j = columns - 1; j >= 0; j--) {
        common[i][j] =
            same(s, i, j) ? common[i + 1][j + 1] + 1 : Math.max(common[i + 1][j], common[i][j + 1]);
      }
    }
    int from = 0;
    int otherFrom = 0;
    int i = 0;
    int j = 0;
    while (i < rows && j < columns) {
      if (same(s, i, j)) {
        found(s, from, i, otherFrom, j);
        from = ++i;
        otherFrom = ++j;
      } else if (common[i + 1][j] >= common[i][j + 1]) {
        i++;
      } else {
        j++;
      }
    }
    found(s, from, rows, otherFrom, columns);
  }

  private boolean same(Stretch s, int i, int j) {
    return one.get(s.from + i).equals(other.get(s.otherFrom + j));
  }

  private void found(Stretch s, int from, int to, int otherFrom, int otherTo) {
    if (from < to || otherFrom < otherTo) {
      found.add(
          new Stretch(s.from + from, s.from + to, s.otherFrom + otherFrom, s.otherFrom + otherTo));
    }
  }

  /** Places of entries that stand once in each stretch: the longest row of them that is in order in both. */
  private List<int[]> anchorsOf(Stretch s) {
    Map<Integer, Integer> places = single(one, s.from, s.to);
    Map<Integer, Integer> others = single(other, s.otherFrom, s.otherTo);
    List<int[]> pairs = new ArrayList<>();
    for (int i = s.from; i < s.to; i++) {
      Integer entry = one.get(i);
      Integer at = others.get(entry);
      if (at != null && at >= 0 && places.get(entry) == i) {
        pairs.add(new int[] {i, at});
      }
    }
    return longestRising(pairs);
  }

  /** Where entries stand that a stretch holds once; -1 for those it holds more often. */
  private static Map<Integer, Integer> single(List<Integer> all, int from, int to) {
    Map<Integer, Integer> out = new HashMap<>();
    for (int i = from; i < to; i++) {
      out.merge(all.get(i), i, (a, b) -> -1);
    }
    return out;
  }

  /** By patience sorting, in n log n. */
  private static List<int[]> longestRising(List<int[]> pairs) {
    List<Integer> tops = new ArrayList<>();
    List<Integer> ends = new ArrayList<>();
    int[] before = new int[pairs.size()];
    for (int i = 0; i < pairs.size(); i++) {
      int pile = Collections.binarySearch(tops, pairs.get(i)[1]);
      pile = pile < 0 ? -pile - 1 : pile;
      before[i] = pile == 0 ? -1 : ends.get(pile - 1);
      if (pile == tops.size()) {
        tops.add(pairs.get(i)[1]);
        ends.add(i);
      } else {
        tops.set(pile, pairs.get(i)[1]);
        ends.set(pile, i);
      }
    }
    List<int[]> out = new ArrayList<>();
    for (int i = ends.isEmpty() ? -1 : ends.get(ends.size() - 1); i >= 0; i = before[i]) {
      out.add(pairs.get(i));
    }
    Collections.reverse(out);
    return out;
  }

  /** Stretches that touch are one. */
  private static List<Stretch> joined(List<Stretch> stretches) {
    List<Stretch> out = new ArrayList<>();
    for (Stretch s : stretches) {
      Stretch last = out.isEmpty() ? null : out.get(out.size() - 1);
      if (last != null && last.to == s.from && last.otherTo == s.otherFrom) {
        out.set(out.size() - 1, new Stretch(last.from, s.to, last.otherFrom, s.otherTo));
      } else {
        out.add(s);
      }
    }
    return out;
  }
}

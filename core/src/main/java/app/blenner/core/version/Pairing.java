package app.blenner.core.version;

import app.blenner.core.document.Block;
import app.blenner.core.document.RunningText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds which block of one stretch became which block of another, in order, so that each can be compared with what it
 * was. Two blocks belong together when they are of one kind and share at least a third of their words (Sørensen–Dice over
 * the sets of words); among all ways to pair them in order the one with the most in common is taken.
 */
final class Pairing {
  /** A block and what became of it; one of the two lists can be empty, and runs of strangers stay together. */
  record Pair(List<Block> theirs, List<Block> mine) {}

  private static final double ALIKE = 1.0 / 3;

  /** Above so many comparisons a stretch stays whole: it is another text then, and not an edited one. */
  private static final int MOST = 10_000;

  private final List<Block> theirs;
  private final List<Block> mine;
  private final double[][] best;
  private final double[][] alike;

  private Pairing(List<Block> theirs, List<Block> mine) {
    this.theirs = theirs;
    this.mine = mine;
    this.best = new double[theirs.size() + 1][mine.size() + 1];
    this.alike = new double[theirs.size()][mine.size()];
  }

  /** Parts two stretches into pairs; together the pairs are the stretches, in order. */
  static List<Pair> of(List<Block> theirs, List<Block> mine) {
    boolean many = (long) theirs.size() * mine.size() > MOST;
    if (theirs.isEmpty() || mine.isEmpty() || many) {
      return List.of(new Pair(theirs, mine));
    }
    Pairing pairing = new Pairing(theirs, mine);
    pairing.weigh();
    return pairing.pairs();
  }

  private void weigh() {
    List<Set<String>> a = theirs.stream().map(Pairing::wordsOf).toList();
    List<Set<String>> b = mine.stream().map(Pairing::wordsOf).toList();
    for (int i = theirs.size() - 1; i >= 0; i--) {
      for (int j = mine.size() - 1; j >= 0; j--) {
        boolean sameKind = theirs.get(i).getClass() == mine.get(j).getClass();
        alike[i][j] = sameKind ? dice(a.get(i), b.get(j)) : 0;
        best[i][j] = Math.max(best[i + 1][j], best[i][j + 1]);
        if (alike[i][j] >= ALIKE) {
          best[i][j] = Math.max(best[i][j], best[i + 1][j + 1] + alike[i][j]);
        }
      }
    }
  }

  private List<Pair> pairs() {
    List<Pair> out = new ArrayList<>();
    int fromI = 0;
    int fromJ = 0;
    int i = 0;
    int j = 0;
    while (i < theirs.size() && j < mine.size()) {
      if (alike[i][j] >= ALIKE && best[i][j] == best[i + 1][j + 1] + alike[i][j]) {
        add(out, fromI, i, fromJ, j);
        add(out, i, i + 1, j, j + 1);
        fromI = ++i;
        fromJ = ++j;
      } else if (best[i][j] == best[i + 1][j]) {
        i++;
      } else {
        j++;
      }
    }
    add(out, fromI, theirs.size(), fromJ, mine.size());
    return out;
  }

  private void add(List<Pair> out, int fromI, int toI, int fromJ, int toJ) {
    if (fromI < toI || fromJ < toJ) {
      out.add(
          new Pair(List.copyOf(theirs.subList(fromI, toI)), List.copyOf(mine.subList(fromJ, toJ))));
    }
  }

  private static Set<String> wordsOf(Block block) {
    String text = String.join(" ", RunningText.of(List.of(block)));
    return new HashSet<>(List.of(text.strip().split("\\s+")));
  }

  private static double dice(Set<String> a, Set<String> b) {
    long common = a.stream().filter(b::contains).count();
    return 2.0 * common / (a.size() + b.size());
  }
}

package app.blenner.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/**
 * Measures two things in turns (A B A B), in short rounds of one run, so that a machine whose speed sways sways for both.
 * Each round gives a ratio; told are its median and spread.
 */
public final class Turns {
  private static final long ROUND = 400_000_000;
  private static final int WARM_UP = 12;
  private static final int ROUNDS = 15;

  /** Keeps results alive, so that nothing is left out as useless. */
  private static Object kept;

  private Turns() {}

  /** Measures reading and writing, and a paste, each at 1,000, 10,000 and 100,000 words. */
  public static void main(String[] args) {
    for (int words : new int[] {1_000, 10_000, 100_000}) {
      ReadWriteBenchmark text = new ReadWriteBenchmark(words);
      compare("reading and writing, " + words + " words", text::core, text::jsoup, 2);
      PasteBenchmark paste = new PasteBenchmark(words);
      compare("a paste, " + words + " words", paste::core, paste::jsoup, 3);
    }
  }

  private static void compare(String name, Supplier<?> ours, Supplier<?> theirs, int target) {
    List<Double> a = new ArrayList<>();
    List<Double> b = new ArrayList<>();
    List<Double> ratios = new ArrayList<>();
    for (int round = -WARM_UP; round < ROUNDS; round++) {
      double mine = milliseconds(ours);
      double other = milliseconds(theirs);
      if (round >= 0) {
        a.add(mine);
        b.add(other);
        ratios.add(mine / other);
      }
    }
    System.out.printf(
        Locale.ROOT,
        "%s: core %.2f ms, jsoup %.2f ms; ratio, median of %d rounds %.2f (%.2f to %.2f; target: at most %d)%n",
        name,
        median(a),
        median(b),
        ROUNDS,
        median(ratios),
        Collections.min(ratios),
        Collections.max(ratios),
        target);
  }

  /** The time of one call, in milliseconds, over a round. */
  private static double milliseconds(Supplier<?> work) {
    long begun = System.nanoTime();
    long now = begun;
    int calls = 0;
    while (now - begun < ROUND) {
      kept = work.get();
      calls++;
      now = System.nanoTime();
    }
    return (now - begun) / 1e6 / calls;
  }

  private static double median(List<Double> values) {
    List<Double> sorted = new ArrayList<>(values);
    Collections.sort(sorted);
    return sorted.get(sorted.size() / 2);
  }
}

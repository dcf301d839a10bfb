package app.blenner.core.rule;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** What was made of the lists of words last asked for; a house changes them seldom. Any number of threads may ask. */
public final class WordListCache<T> {
  /** So many kinds can have words of their own before one is read again. */
  private static final int MOST = 8;

  private record Made<T>(List<String> lines, T of) {}

  private final Function<List<String>, T> make;
  private volatile List<Made<T>> made = List.of();

  public WordListCache(Function<List<String>, T> make) {
    this.make = make;
  }

  /** What is made of a list of words. */
  public T of(List<String> lines) {
    for (Made<T> known : made) {
      // The same list, mostly; one that says the same is cheaper to compare than to read.
      if (known.lines == lines || known.lines.equals(lines)) {
        return known.of;
      }
    }
    Made<T> now = new Made<>(lines, make.apply(lines));
    made = Stream.concat(Stream.of(now), made.stream()).limit(MOST).toList();
    return now.of;
  }
}

package app.blenner.server;

import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.function.Predicate;
import org.testng.Assert;

/** The one place where tests wait: until something is so, or because it takes time by its nature. */
final class Waiting {
  private static final Duration LONGEST = Duration.ofMinutes(5);
  private static final Duration STEP = Duration.ofMillis(20);

  private Waiting() {}

  /** Asks again and again until it is so; fails where that takes so long that it will not come. */
  static void until(String what, Callable<Boolean> so) {
    until(what, so, Boolean::booleanValue);
  }

  /** Asks again and again until the answer is as it should be, and gives that answer. */
  static <T> T until(String what, Callable<T> ask, Predicate<T> so) {
    long end = System.nanoTime() + LONGEST.toNanos();
    T last = call(ask);
    while (!so.test(last)) {
      Assert.assertTrue(System.nanoTime() < end, what + "; the last answer was " + last);
      letPass(STEP, "between two looks");
      last = call(ask);
    }
    return last;
  }

  private static <T> T call(Callable<T> ask) {
    try {
      return ask.call();
    } catch (RuntimeException | Error e) {
      throw e;
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Lets time go by.
   *
   * @param why what in the product takes so long, or has to stay undone for so long
   */
  static void letPass(Duration time, String why) {
    try {
      Thread.sleep(time.toMillis());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("interrupted: " + why, e);
    }
  }
}

package app.blenner.server.schedule;

import java.time.Duration;

/**
 * Work that is done again and again by the clock, a bean each. {@link WorkScheduler} alone decides when and where it runs.
 *
 * <p>Work is done by one thread, one after the other; whatever takes long is {@link LongWork}, which has its own. Work that
 * fails is logged and done again at its next time.
 */
public interface ScheduledWork {

  /** When it is done. */
  When when();

  /** Does it once. */
  void work();

  /** Times at which something is done. */
  sealed interface When {

    /** For the first time a while after the start, then a while after each time it ended. */
    record Every(Duration first, Duration pause) implements When {}

    /** Once a day by the server's clock. */
    record Daily(int hour, int minute) implements When {}
  }

  /** Shortly after the start, and again and again. */
  static When every(Duration first, Duration pause) {
    return new When.Every(first, pause);
  }

  /** Once a day by the server's clock. */
  static When daily(int hour, int minute) {
    return new When.Daily(hour, minute);
  }
}

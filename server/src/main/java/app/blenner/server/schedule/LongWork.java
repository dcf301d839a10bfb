package app.blenner.server.schedule;

/**
 * Scheduled work that may take minutes: it has a thread of its own, which gives way to whoever waits for an answer, and is
 * never done twice at the same time. When the server ends, the thread is interrupted.
 */
public interface LongWork extends ScheduledWork {

  /** What its thread is called. */
  String name();

  /**
   * Does it once.
   *
   * @throws InterruptedException where the server ends meanwhile
   */
  void round() throws InterruptedException;

  /** Whether the server ends: whoever does one thing after another asks before each. */
  default boolean isEnding() {
    return Thread.currentThread().isInterrupted();
  }

  @Override
  default void work() {
    try {
      round();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}

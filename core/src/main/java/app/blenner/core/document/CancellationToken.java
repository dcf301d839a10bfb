package app.blenner.core.document;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;

/**
 * Work that is stopped when nobody waits for it any more, or it takes longer than anybody would. Whatever goes through a
 * whole text asks here as it goes; where nobody has said that there is an end, asking costs next to nothing. No thread is
 * interrupted: an interrupted one would close the database under it.
 */
public final class CancellationToken {
  /** So often it is looked whether somebody is there. */
  private static final long LOOKS_EVERY = TimeUnit.MILLISECONDS.toNanos(500);

  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

  private static final ThreadLocal<CancellationToken> NOW = new ThreadLocal<>();

  /** Work that waited for most of its time, since the machine had more to do than it can. */
  public static final class Overloaded extends CancellationException {
    private static final long serialVersionUID = 1;

    Overloaded() {
      super("It waited longer than it worked.");
    }
  }

  /**
   * What time it is, in nanoseconds.
   *
   * @param passed the time that goes by
   * @param worked the processor time of this thread
   */
  record Times(LongSupplier passed, LongSupplier worked) {
    static final Times REAL = new Times(System::nanoTime, CancellationToken::processorTime);
  }

  private final Times times;
  private final long deadline;
  private final long enough;
  private final long workedBefore;
  private final BooleanSupplier somebodyWaits;
  private long nextLook;

  private CancellationToken(long nanos, BooleanSupplier somebodyWaits, Times times) {
    this.times = times;
    this.deadline = times.passed.getAsLong() + nanos;
    this.enough = nanos / 2;
    this.workedBefore = times.worked.getAsLong();
    this.somebodyWaits = somebodyWaits;
    this.nextLook = times.passed.getAsLong() + LOOKS_EVERY;
  }

  /**
   * Lets what this thread does from now on be stopped, until {@link #end}.
   *
   * @param millis after which it is
   * @param somebodyWaits asked now and then
   */
  public static void begin(long millis, BooleanSupplier somebodyWaits) {
    begin(millis, somebodyWaits, Times.REAL);
  }

  /** The same by other clocks. */
  static void begin(long millis, BooleanSupplier somebodyWaits, Times times) {
    NOW.set(new CancellationToken(TimeUnit.MILLISECONDS.toNanos(millis), somebodyWaits, times));
  }

  /** Ends that. */
  public static void end() {
    NOW.remove();
  }

  /**
   * Asked by whatever goes through a text.
   *
   * @throws CancellationException where it is to stop
   * @throws Overloaded where that is for the time others took, and not for its own
   */
  public static void check() {
    CancellationToken now = NOW.get();
    if (now != null) {
      now.look();
    }
  }

  /** The processor time of this thread, in nanoseconds; where nobody counts it, all time is work. */
  private static long processorTime() {
    return THREADS.isCurrentThreadCpuTimeSupported()
        ? THREADS.getCurrentThreadCpuTime()
        : System.nanoTime();
  }

  private void look() {
    long time = times.passed.getAsLong();
    if (time - nextLook < 0) {
      return;
    }
    nextLook = time + LOOKS_EVERY;
    if (time - deadline > 0) {
      if (times.worked.getAsLong() - workedBefore < enough) {
        throw new Overloaded();
      }
      throw new CancellationException("It took too long.");
    }
    if (!somebodyWaits.getAsBoolean()) {
      throw new CancellationException("Nobody waits for it any more.");
    }
  }
}

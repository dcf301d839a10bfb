package app.blenner.core.document;

import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;

/**
 * Work that is stopped when nobody waits for it any more, or it takes longer than anybody would. Whatever goes through a
 * whole text asks here as it goes; where nobody has said that there is an end, asking costs next to nothing. No thread is
 * interrupted: an interrupted one would close the database under it.
 */
public final class CancellationToken {
  /** So often it is looked whether somebody is there. */
  private static final long LOOKS_EVERY = TimeUnit.MILLISECONDS.toNanos(500);

  private static final ThreadLocal<CancellationToken> NOW = new ThreadLocal<>();

  private final long deadline;
  private final BooleanSupplier somebodyWaits;
  private long nextLook;

  private CancellationToken(long deadline, BooleanSupplier somebodyWaits) {
    this.deadline = deadline;
    this.somebodyWaits = somebodyWaits;
    this.nextLook = System.nanoTime() + LOOKS_EVERY;
  }

  /**
   * Lets what this thread does from now on be stopped, until {@link #end}.
   *
   * @param millis after which it is
   * @param somebodyWaits asked now and then
   */
  public static void begin(long millis, BooleanSupplier somebodyWaits) {
    NOW.set(
        new CancellationToken(
            System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis), somebodyWaits));
  }

  /** Ends that. */
  public static void end() {
    NOW.remove();
  }

  /**
   * Asked by whatever goes through a text.
   *
   * @throws CancellationException where it is to stop
   */
  public static void check() {
    CancellationToken now = NOW.get();
    if (now != null) {
      now.look();
    }
  }

  private void look() {
    long time = System.nanoTime();
    if (time - nextLook < 0) {
      return;
    }
    nextLook = time + LOOKS_EVERY;
    if (time - deadline > 0) {
      throw new CancellationException("It took too long.");
    }
    if (!somebodyWaits.getAsBoolean()) {
      throw new CancellationException("Nobody waits for it any more.");
    }
  }
}

package app.blenner.server.database;

/** Which threads answer readers of the site. Connections are kept for them that nobody else may take. */
public final class ReaderThreads {
  private static final ThreadLocal<Boolean> READS = new ThreadLocal<>();

  private ReaderThreads() {}

  /** Until {@link #end}, what this thread does is done for a reader. */
  public static void begin() {
    READS.set(true);
  }

  public static void end() {
    READS.remove();
  }

  static boolean isOne() {
    return READS.get() != null;
  }
}

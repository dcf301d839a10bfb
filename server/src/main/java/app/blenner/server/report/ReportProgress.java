package app.blenner.server.report;

import java.util.concurrent.atomic.AtomicLong;

/** How far looking over everything has come, and what it gave. */
final class ReportProgress {
  /** That nothing was begun. */
  static final ReportProgress NONE = new ReportProgress(0);

  private static final AtomicLong LAST = new AtomicLong();

  /**
   * How it stands.
   *
   * @param running whether it is under way
   * @param stopped whether somebody stopped it
   * @param problem why it was not finished, or empty
   * @param found what it gave so far as that is told; null for nothing
   */
  record LookUnderWay(
      long id,
      boolean running,
      boolean stopped,
      int done,
      int total,
      String problem,
      SiteFindings found) {}

  private final long id;
  private volatile boolean running;
  private volatile boolean stopped;
  private volatile int done;

  private volatile int total;
  private volatile String problem = "";
  private volatile SiteFindings found;

  private ReportProgress(long id) {
    this.id = id;
    this.running = id != 0;
  }

  ReportProgress() {
    this(LAST.incrementAndGet());
  }

  long id() {
    return id;
  }

  void begin(int items) {
    total = items;
  }

  /** One more; only the one thread that looks calls it. */
  void step() {
    done = done + 1;
  }

  void stop() {
    stopped = true;
  }

  boolean isStopped() {
    return stopped;
  }

  boolean isUnderWay() {
    return running;
  }

  void addFindings(SiteFindings report) {
    found = report;
  }

  void end(String why) {
    problem = why;
    running = false;
  }

  LookUnderWay view() {
    return new LookUnderWay(id, running, stopped, done, total, problem, found);
  }
}

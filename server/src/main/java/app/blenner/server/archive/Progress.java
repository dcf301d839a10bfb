package app.blenner.server.archive;

import app.blenner.server.problem.Problem;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;

/** How far a long piece of work has come, item by item, and whether somebody has stopped it. */
final class Progress {
  private final long id;
  private final long person;
  private final AtomicInteger done = new AtomicInteger();
  private volatile String doing;
  private volatile int total;
  private volatile boolean stopped;

  /**
   * @param person the number of whoever it is done for
   * @param doing what is done, as “Writing”
   */
  Progress(long id, long person, String doing) {
    this.id = id;
    this.person = person;
    this.doing = doing;
  }

  /** Of work that nobody follows. */
  static Progress unseen() {
    return new Progress(0, 0, "");
  }

  /**
   * How it stands.
   *
   * @param doing what is done now
   * @param done how many items are through with it, of how many
   */
  record UnderWay(long id, String doing, int done, int total) {}

  UnderWay standing() {
    return new UnderWay(id, doing, Math.min(done.get(), total), total);
  }

  boolean isOf(long other) {
    return person == other;
  }

  /** Another part of the work begins. */
  void begin(String what, int items) {
    doing = what;
    total = items;
    done.set(0);
  }

  void stop() {
    stopped = true;
  }

  /**
   * One item more.
   *
   * @throws Problem where somebody has stopped the work; what was not finished is as if it had not begun
   */
  void step() {
    done.incrementAndGet();
    if (stopped) {
      throw Problem.conflict("Stopped. Nothing was changed.", Map.of());
    }
  }
}

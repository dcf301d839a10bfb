package app.blenner.server.schedule;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;

/** Threads of work that nobody waits for. None of them keeps the server from ending. */
public final class BackgroundThreads {
  private BackgroundThreads() {}

  /** One thread, which does one thing after another. */
  public static ExecutorService one(String name) {
    return Executors.newSingleThreadExecutor(named(name, Thread.NORM_PRIORITY));
  }

  /** One thread, which gives way to whoever waits for an answer. */
  public static ExecutorService oneBehindOthers(String name) {
    return Executors.newSingleThreadExecutor(named(name, Thread.MIN_PRIORITY));
  }

  /** Several threads side by side. */
  public static ExecutorService several(String name, int count) {
    return Executors.newFixedThreadPool(count, named(name, Thread.NORM_PRIORITY));
  }

  /** Several threads side by side, which give way to whoever waits for an answer. */
  public static ExecutorService severalBehindOthers(String name, int count) {
    return Executors.newFixedThreadPool(count, named(name, Thread.MIN_PRIORITY));
  }

  /** One thread, which does something when a while has gone by. */
  public static ScheduledExecutorService timer(String name) {
    return Executors.newSingleThreadScheduledExecutor(named(name, Thread.NORM_PRIORITY));
  }

  private static ThreadFactory named(String name, int priority) {
    return task -> {
      Thread thread = new Thread(task, name);
      thread.setDaemon(true);
      thread.setPriority(priority);
      return thread;
    };
  }
}

package app.blenner.server.schedule;

import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.scheduling.support.CronTrigger;
import org.springframework.stereotype.Component;

/**
 * Does all {@link ScheduledWork} of this server from the start of the application to its end: {@link LongWork} in a thread
 * each, all other in one.
 */
@Component
class WorkScheduler implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(WorkScheduler.class);

  private final ObjectProvider<ScheduledWork> works;
  private final List<ThreadPoolTaskScheduler> clocks = new ArrayList<>();
  private volatile boolean running;

  WorkScheduler(ObjectProvider<ScheduledWork> works) {
    this.works = works;
  }

  @Override
  public synchronized void start() {
    running = true;
    ThreadPoolTaskScheduler shared = begin("scheduled", Thread.NORM_PRIORITY);
    for (ScheduledWork work : works.orderedStream().toList()) {
      if (work instanceof LongWork own) {
        schedule(work, begin(own.name(), Thread.MIN_PRIORITY));
      } else {
        schedule(work, shared);
      }
    }
  }

  private ThreadPoolTaskScheduler begin(String name, int priority) {
    ThreadPoolTaskScheduler clock = new ThreadPoolTaskScheduler();
    clock.setThreadNamePrefix(name + "-");
    clock.setThreadPriority(priority);
    clock.setDaemon(true);
    clock.setErrorHandler(
        failure -> {
          if (running) {
            LOG.warn("{}: failed, and is done again at its next time", name, failure);
          }
        });
    clock.initialize();
    clocks.add(clock);
    return clock;
  }

  private static void schedule(ScheduledWork work, ThreadPoolTaskScheduler clock) {
    if (work.when() instanceof ScheduledWork.When.Every every) {
      clock.scheduleWithFixedDelay(
          work::work, clock.getClock().instant().plus(every.first()), every.pause());
    } else if (work.when() instanceof ScheduledWork.When.Daily daily) {
      clock.schedule(
          work::work, new CronTrigger("0 %d %d * * *".formatted(daily.minute(), daily.hour())));
    }
  }

  @Override
  public synchronized void stop() {
    running = false;
    clocks.forEach(ThreadPoolTaskScheduler::shutdown);
    clocks.clear();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}

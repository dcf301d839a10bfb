package app.blenner.server.schedule;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.scheduling.support.CronTrigger;
import org.springframework.stereotype.Component;

/** Does all {@link ScheduledWork} of this server, in one thread, from the start of the application to its end. */
@Component
class WorkScheduler implements SmartLifecycle {
  private final ObjectProvider<ScheduledWork> works;
  private ThreadPoolTaskScheduler clock;

  WorkScheduler(ObjectProvider<ScheduledWork> works) {
    this.works = works;
  }

  @Override
  public synchronized void start() {
    clock = new ThreadPoolTaskScheduler();
    clock.setThreadNamePrefix("scheduled-");
    clock.setDaemon(true);
    clock.initialize();
    List<ScheduledWork> all = works.orderedStream().toList();
    for (ScheduledWork work : all) {
      if (work.when() instanceof ScheduledWork.When.Every every) {
        clock.scheduleWithFixedDelay(
            work::work, clock.getClock().instant().plus(every.first()), every.pause());
      } else if (work.when() instanceof ScheduledWork.When.Daily daily) {
        clock.schedule(
            work::work, new CronTrigger("0 %d %d * * *".formatted(daily.minute(), daily.hour())));
      }
    }
  }

  @Override
  public synchronized void stop() {
    clock.shutdown();
    clock = null;
  }

  @Override
  public synchronized boolean isRunning() {
    return clock != null;
  }
}

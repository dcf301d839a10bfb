package app.blenner.server.schedule;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.testng.annotations.Test;

public class WorkSchedulerTest {

  @SuppressWarnings("unchecked")
  private static WorkScheduler of(ScheduledWork... works) {
    ObjectProvider<ScheduledWork> beans = mock(ObjectProvider.class);
    when(beans.orderedStream()).thenReturn(Stream.of(works));
    return new WorkScheduler(beans);
  }

  private static ScheduledWork often(Runnable work) {
    return new ScheduledWork() {
      @Override
      public When when() {
        return ScheduledWork.every(Duration.ZERO, Duration.ofMillis(1));
      }

      @Override
      public void work() {
        work.run();
      }
    };
  }

  @Test
  public void workThatFailsIsDoneAgainAndHindersNoOther() throws Exception {
    CountDownLatch failed = new CountDownLatch(3);
    CountDownLatch other = new CountDownLatch(3);
    WorkScheduler scheduler =
        of(
            often(
                () -> {
                  failed.countDown();
                  throw new IllegalStateException("planted");
                }),
            often(other::countDown));
    scheduler.start();
    try {
      assertTrue(failed.await(60, TimeUnit.SECONDS));
      assertTrue(other.await(60, TimeUnit.SECONDS));
    } finally {
      scheduler.stop();
    }
  }

  @Test
  public void itsThreadEndsWithTheServer() throws Exception {
    BlockingQueue<Thread> seen = new LinkedBlockingQueue<>();
    WorkScheduler scheduler = of(often(() -> seen.add(Thread.currentThread())));
    scheduler.start();
    Thread thread = seen.poll(60, TimeUnit.SECONDS);
    scheduler.stop();
    assertFalse(scheduler.isRunning());
    thread.join(60_000);
    assertFalse(thread.isAlive());
  }
}

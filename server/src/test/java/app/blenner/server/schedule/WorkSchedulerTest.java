package app.blenner.server.schedule;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
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

  /** Work that waits until the server ends, which says when it began and when it was told to end. */
  private static final class Endless implements LongWork {
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch told = new CountDownLatch(1);
    private final AtomicInteger rounds = new AtomicInteger();

    @Override
    public When when() {
      return ScheduledWork.every(Duration.ZERO, Duration.ofMillis(1));
    }

    @Override
    public String name() {
      return "endless";
    }

    @Override
    public void round() throws InterruptedException {
      rounds.incrementAndGet();
      begun.countDown();
      try {
        new CountDownLatch(1).await();
      } finally {
        told.countDown();
      }
    }
  }

  @Test
  public void longWorkHindersNoOtherAndIsNotDoneTwiceAtOnce() throws Exception {
    Endless first = new Endless();
    Endless second = new Endless();
    WorkScheduler scheduler = of(first, second);
    scheduler.start();
    try {
      assertTrue(first.begun.await(60, TimeUnit.SECONDS));
      assertTrue(second.begun.await(60, TimeUnit.SECONDS));
    } finally {
      scheduler.stop();
    }
    assertTrue(first.told.await(60, TimeUnit.SECONDS));
    assertTrue(second.told.await(60, TimeUnit.SECONDS));
    assertEquals(first.rounds.get(), 1);
  }

  @Test
  public void otherWorkGoesOnWhileSomeTakesLong() throws Exception {
    Endless endless = new Endless();
    CountDownLatch other = new CountDownLatch(20);
    WorkScheduler scheduler = of(endless, often(other::countDown));
    scheduler.start();
    try {
      assertTrue(endless.begun.await(60, TimeUnit.SECONDS));
      assertTrue(other.await(60, TimeUnit.SECONDS));
      assertEquals(endless.rounds.get(), 1);
    } finally {
      scheduler.stop();
    }
  }
}

package app.blenner.server.account;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class LoginThrottleTest {
  private static final String NAME = "ilse";
  private static final String ADDRESS = "203.0.113.7";

  /** A clock that goes only when it is told to. */
  private static final class Stopped extends Clock {
    private Instant now = Instant.EPOCH;

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }

    @Override
    public Instant instant() {
      return now;
    }

    void advance(Duration by) {
      now = now.plus(by);
    }
  }

  private Stopped clock;
  private LoginThrottle throttle;

  @BeforeMethod
  public void begin() {
    clock = new Stopped();
    throttle = new LoginThrottle(clock);
  }

  private void fail(int times) {
    for (int i = 0; i < times; i++) {
      throttle.pass(NAME, ADDRESS);
    }
  }

  private String refusal() {
    return expectThrows(Problem.class, () -> throttle.pass(NAME, ADDRESS)).getMessage();
  }

  @Test
  public void nineWrongOnesCostNothingAndTheTenthAMinute() {
    fail(9);
    throttle.pass(NAME, ADDRESS);
    assertTrue(refusal().endsWith("Try again in 60 seconds."), refusal());
    clock.advance(Duration.ofSeconds(59));
    assertTrue(refusal().endsWith("Try again in 1 seconds."), refusal());
    clock.advance(Duration.ofSeconds(1));
    throttle.pass(NAME, ADDRESS);
  }

  @Test
  public void eachTenMoreCostTwiceAsLongUpToAnHour() {
    throttle.right(NAME, ADDRESS);
    for (int minutes : new int[] {1, 2, 4, 8, 16, 32, 60, 60}) {
      fail(10);
      clock.advance(Duration.ofMinutes(minutes).minusSeconds(1));
      refusal();
      clock.advance(Duration.ofSeconds(1));
    }
    throttle.pass(NAME, ADDRESS);
  }

  @Test
  public void wrongOnesThatAreSpreadOverTimeAreForgiven() {
    for (int i = 0; i < 100; i++) {
      fail(1);
      clock.advance(Duration.ofMinutes(10));
    }
    throttle.pass(NAME, ADDRESS);
  }

  @Test
  public void theTriesOfOthersKeepNobodyOut() {
    fail(10);
    throttle.pass(NAME, "203.0.113.8");
    throttle.pass("tove", ADDRESS);
  }

  @Test
  public void whoeverGetsInStartsAnew() {
    fail(9);
    throttle.right(NAME, ADDRESS);
    fail(9);
    throttle.pass(NAME, ADDRESS);
    assertEquals(clock.instant(), Instant.EPOCH);
  }

  /** How many tries an attacker has in the worst hour of a day, who comes from as many addresses as they like. */
  @Test
  public void oneAccountIsTriedAtMostAHundredTimesInAnyHour() {
    List<Instant> tries = new ArrayList<>();
    Instant end = clock.instant().plus(Duration.ofDays(1));
    for (int i = 0; clock.instant().isBefore(end); i++) {
      try {
        throttle.pass(NAME, "198.51." + (i / 250 % 250) + "." + i % 250);
        tries.add(clock.instant());
      } catch (Problem e) {
        clock.advance(Duration.ofSeconds(20));
      }
    }
    int first = 0;
    int most = 0;
    for (int last = 0; last < tries.size(); last++) {
      while (tries.get(first).isBefore(tries.get(last).minus(Duration.ofHours(1)))) {
        first++;
      }
      most = Math.max(most, last - first + 1);
    }
    assertTrue(most >= 25 && most <= 100, most + " tries in an hour");
  }

  @Test
  public void whoeverHasSignedInFromAnAddressIsNotKeptOutThereByOthers() {
    throttle.pass(NAME, ADDRESS);
    throttle.right(NAME, ADDRESS);
    for (int i = 0; i < 25; i++) {
      throttle.pass(NAME, "198.51.100." + i);
    }
    expectThrows(Problem.class, () -> throttle.pass(NAME, "198.51.100.200"));
    throttle.pass(NAME, ADDRESS);
  }

  @Test
  public void oneAddressTriesNotOneNameAfterAnother() {
    for (int i = 0; i < 50; i++) {
      throttle.pass("name" + i, ADDRESS);
    }
    expectThrows(Problem.class, () -> throttle.pass("another", ADDRESS));
    throttle.pass("another", "203.0.113.8");
    clock.advance(Duration.ofMinutes(1));
    throttle.pass("another", ADDRESS);
  }

  /** Source: RFC 6177; a site has at least 64 bits of its own. */
  @Test
  public void anIpv6NetworkIsOneAddress() {
    for (int i = 0; i < 10; i++) {
      throttle.pass(NAME, "2001:db8:0:1::" + Integer.toHexString(i + 1));
    }
    expectThrows(Problem.class, () -> throttle.pass(NAME, "2001:db8:0:1:ffff::1%eth0"));
    throttle.pass(NAME, "2001:db8:0:2::1");
    assertEquals(LoginThrottle.network("::ffff:203.0.113.7"), ADDRESS);
    assertEquals(LoginThrottle.network("no address"), "no address");
  }

  @Test
  public void tryingAtOnceGainsNothing() throws Exception {
    ExecutorService hands = Executors.newFixedThreadPool(16);
    AtomicInteger passed = new AtomicInteger();
    List<Future<?>> all = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      all.add(
          hands.submit(
              () -> {
                try {
                  throttle.pass(NAME, ADDRESS);
                  passed.incrementAndGet();
                } catch (Problem e) {
                  // It has to wait.
                }
              }));
    }
    for (Future<?> each : all) {
      each.get();
    }
    hands.shutdown();
    assertEquals(passed.get(), 10);
  }

  @Test
  public void theOwnerIsToldOnceForEachWait() {
    for (int i = 0; i < 24; i++) {
      throttle.pass(NAME, "198.51.100." + i);
      assertFalse(throttle.isToBeTold(NAME));
    }
    throttle.pass(NAME, "198.51.100.24");
    assertTrue(throttle.isToBeTold(NAME));
    assertFalse(throttle.isToBeTold(NAME));
    clock.advance(Duration.ofMinutes(15));
    for (int i = 0; i < 25; i++) {
      throttle.pass(NAME, "198.51.101." + i);
    }
    assertTrue(throttle.isToBeTold(NAME));
  }

  /** A right password that asks for the second factor is no wrong try. */
  @Test
  public void whatIsTakenBackCostsNothing() {
    for (int i = 0; i < 100; i++) {
      throttle.pass(NAME, ADDRESS);
      throttle.notWrong(NAME, ADDRESS);
    }
  }
}

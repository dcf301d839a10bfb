package app.blenner.server.account;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
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
      throttle.noteFailure(NAME, ADDRESS);
    }
  }

  private String refusal() {
    return expectThrows(Problem.class, () -> throttle.pass(NAME, ADDRESS)).getMessage();
  }

  @Test
  public void nineWrongOnesCostNothingAndTheTenthAMinute() {
    fail(9);
    throttle.pass(NAME, ADDRESS);
    throttle.noteFailure(NAME, ADDRESS);
    assertTrue(refusal().endsWith("Try again in 60 seconds."), refusal());
    clock.advance(Duration.ofSeconds(59));
    assertTrue(refusal().endsWith("Try again in 1 seconds."), refusal());
    clock.advance(Duration.ofSeconds(1));
    throttle.pass(NAME, ADDRESS);
  }

  @Test
  public void eachTenMoreCostTwiceAsLongUpToAnHour() {
    for (int minutes : new int[] {1, 2, 4, 8, 16, 32, 60, 60}) {
      fail(10);
      clock.advance(Duration.ofMinutes(minutes).minusSeconds(1));
      refusal();
      clock.advance(Duration.ofSeconds(1));
      throttle.pass(NAME, ADDRESS);
    }
  }

  @Test
  public void wrongOnesThatAreSpreadOverTimeAreForgiven() {
    for (int i = 0; i < 100; i++) {
      fail(1);
      clock.advance(Duration.ofSeconds(61));
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
}

package app.blenner.server.message;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Clock;
import java.time.Duration;
import org.testng.annotations.Test;

public class RateLimiterTest {
  private long now = 1_800_000_000_000L;
  private final Clock clock = mock(Clock.class);

  private RateLimiter limiter() {
    when(clock.millis()).thenAnswer(asked -> now);
    return new RateLimiter(clock);
  }

  private int passed(RateLimiter limiter, String place, int tried) {
    int passed = 0;
    for (int i = 0; i < tried; i++) {
      passed += limiter.pass(place) ? 1 : 0;
    }
    return passed;
  }

  @Test
  public void whoWritesTooMuchWaitsAndOthersDoNot() {
    RateLimiter limiter = limiter();
    assertEquals(passed(limiter, "10.0.0.1", 50), RateLimiter.MOST);
    assertTrue(limiter.pass("10.0.0.2"));
    now += Duration.ofMinutes(2).toMillis();
    assertFalse(limiter.pass("10.0.0.1"));
    now += Duration.ofMinutes(1).toMillis();
    assertTrue(limiter.pass("10.0.0.1"));
    assertFalse(limiter.pass("10.0.0.1"));
    now += Duration.ofDays(1).toMillis();
    assertEquals(passed(limiter, "10.0.0.1", 50), RateLimiter.MOST);
  }
}

package app.blenner.server.message;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Lets only so many messages an hour through from one place on the network. */
@Component
class RateLimiter {
  static final int MOST = 20;
  private static final Duration WINDOW = Duration.ofHours(1);
  private static final int PLACES = 10_000;

  private final Map<String, Deque<Instant>> passed = new ConcurrentHashMap<>();
  private final Clock clock;

  RateLimiter(Clock clock) {
    this.clock = clock;
  }

  boolean pass(String place) {
    Instant now = clock.instant();
    if (passed.size() > PLACES) {
      passed.values().removeIf(d -> d.isEmpty() || d.peekLast().isBefore(now.minus(WINDOW)));
    }
    Deque<Instant> times = passed.computeIfAbsent(place, p -> new ArrayDeque<>());
    synchronized (times) {
      while (!times.isEmpty() && times.peekFirst().isBefore(now.minus(WINDOW))) {
        times.removeFirst();
      }
      return times.size() < MOST && times.add(now);
    }
  }
}

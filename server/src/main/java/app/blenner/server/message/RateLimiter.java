package app.blenner.server.message;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import org.springframework.stereotype.Component;

/** Lets only so many messages an hour through from one place on the network. */
@Component
class RateLimiter {
  static final int MOST = 20;
  private static final Duration WINDOW = Duration.ofHours(1);

  /** How many places are remembered; those that wrote seldom and long ago are forgotten first. */
  private static final int PLACES = 10_000;

  private final Cache<String, Bucket> places =
      Caffeine.newBuilder().maximumSize(PLACES).expireAfterAccess(WINDOW).build();
  private final TimeMeter time;

  RateLimiter(Clock clock) {
    time =
        new TimeMeter() {
          @Override
          public long currentTimeNanos() {
            return Duration.ofMillis(clock.millis()).toNanos();
          }

          @Override
          public boolean isWallClockBased() {
            return true;
          }
        };
  }

  /** Whether one more message may pass; after the first twenty one more may every three minutes. */
  boolean pass(String place) {
    return places.get(place, p -> bucket()).tryConsume(1);
  }

  private Bucket bucket() {
    Bandwidth limit = Bandwidth.builder().capacity(MOST).refillGreedy(MOST, WINDOW).build();
    return Bucket.builder().addLimit(limit).withCustomTimePrecision(time).build();
  }
}

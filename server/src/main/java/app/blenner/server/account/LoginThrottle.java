package app.blenner.server.account;

import app.blenner.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Slows whoever tries passwords: ten wrong ones in a minute from one address for one name, then a wait that doubles with
 * each ten more. By name and address together: somebody else's tries keep nobody out of their own account, and whoever
 * shares an address with them is not kept out either.
 */
@Component
class LoginThrottle {
  private static final int FREE = 10;
  private static final Duration WINDOW = Duration.ofMinutes(1);
  private static final Duration LONGEST = Duration.ofHours(1);

  /** After so long without a try all is forgotten. */
  private static final Duration MEMORY = Duration.ofHours(3);

  /** How many are remembered; those who tried seldom and long ago are forgotten first. */
  private static final int MOST = 20_000;

  private record Key(String name, String address) {}

  /** How many wrong ones in the window that began then, from when one may go on, and how often one had to wait. */
  private record Tries(int wrong, Instant began, Instant from, int waits) {}

  private final Map<Key, Tries> tries =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(MEMORY).<Key, Tries>build().asMap();
  private final Clock clock;

  LoginThrottle(Clock clock) {
    this.clock = clock;
  }

  /**
   * Lets a try go on.
   *
   * @throws Problem where somebody has to wait, with how long
   */
  void pass(String name, String address) {
    Tries before = tries.get(new Key(name, address));
    Instant now = clock.instant();
    if (before != null && now.isBefore(before.from)) {
      long seconds = Math.max(1, Duration.between(now, before.from).toSeconds());
      throw new Problem(
          HttpStatus.TOO_MANY_REQUESTS,
          "Too many wrong tries for this name from where you are. Try again in "
              + (seconds < 90 ? seconds + " seconds." : (seconds + 59) / 60 + " minutes."));
    }
  }

  /** Notes a wrong try. */
  void noteFailure(String name, String address) {
    Instant now = clock.instant();
    tries.compute(new Key(name, address), (key, t) -> next(t, now));
  }

  private static Tries next(Tries t, Instant now) {
    if (t == null || t.began.isBefore(now.minus(MEMORY))) {
      return new Tries(1, now, now, 0);
    }
    boolean over = t.waits == 0 && t.began.isBefore(now.minus(WINDOW));
    int wrong = over ? 1 : t.wrong + 1;
    if (wrong < FREE) {
      return new Tries(wrong, over ? now : t.began, now, t.waits);
    }
    Duration wait = WINDOW.multipliedBy(1L << Math.min(t.waits, 6));
    return new Tries(0, now, now.plus(wait.compareTo(LONGEST) > 0 ? LONGEST : wait), t.waits + 1);
  }

  /** Forgets the wrong tries of somebody who is in. */
  void right(String name, String address) {
    tries.remove(new Key(name, address));
  }
}

package app.blenner.server.account;

import app.blenner.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Slows whoever tries passwords and codes. Three counts stand beside each other: of one name from one address, of one name from
 * everywhere, and of one address for every name. After so many wrong ones within a while there is a wait, which doubles each
 * time. Whoever has signed in from an address before is held there to the first alone: the tries of others keep nobody out of
 * their own account. An address is a whole IPv6 network of 64 bits, since who has one address of it has them all.
 */
@Component
class LoginThrottle {
  /**
   * How much is free.
   *
   * @param wrong so many wrong ones end in a wait
   * @param window those that are further apart than this are forgotten
   * @param first the first wait
   */
  private record Limit(int wrong, Duration window, Duration first, Duration longest) {}

  private static final Limit OF_BOTH =
      new Limit(10, Duration.ofHours(1), Duration.ofMinutes(1), Duration.ofHours(1));

  /** At most 100 in any hour: 25, and after 15 and 30 minutes as many again. */
  private static final Limit OF_NAME =
      new Limit(25, Duration.ofHours(1), Duration.ofMinutes(15), Duration.ofHours(4));

  private static final Limit OF_ADDRESS =
      new Limit(50, Duration.ofMinutes(10), Duration.ofMinutes(1), Duration.ofHours(1));

  /** After so long without a try all is forgotten. */
  private static final Duration MEMORY = Duration.ofHours(6);

  /** How long an address counts as one’s own after one has signed in from it. */
  private static final Duration OWN = Duration.ofDays(30);

  /** How many are remembered; those who tried seldom and long ago are forgotten first. */
  private static final int MOST = 20_000;

  /** Of a count that is over all names, or all addresses, the other is empty. */
  private record Key(String name, String address) {
    Limit limit() {
      return name.isEmpty() ? OF_ADDRESS : address.isEmpty() ? OF_NAME : OF_BOTH;
    }
  }

  /**
   * @param wrong how many wrong ones since {@code began}
   * @param from when one may go on
   * @param waits how often one had to wait
   * @param told of how many of them the owner was told
   */
  private record Tries(int wrong, Instant began, Instant from, int waits, int told) {}

  private final Map<Key, Tries> tries =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(MEMORY).<Key, Tries>build().asMap();
  private final Map<Key, Boolean> own =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(OWN).<Key, Boolean>build().asMap();
  private final Clock clock;

  LoginThrottle(Clock clock) {
    this.clock = clock;
  }

  /**
   * Lets a try go on. It counts as a wrong one until it is told that it was not, so that those who try at once are counted
   * before any is judged.
   *
   * @throws Problem where somebody has to wait, with how long
   */
  synchronized void pass(String name, String address) {
    Instant now = clock.instant();
    List<Key> all = keys(name, address);
    Instant from =
        all.stream()
            .map(tries::get)
            .filter(t -> t != null && now.isBefore(t.from))
            .map(Tries::from)
            .max(Comparator.naturalOrder())
            .orElse(null);
    if (from != null) {
      long seconds = Math.max(1, Duration.between(now, from).toSeconds());
      throw new Problem(
          HttpStatus.TOO_MANY_REQUESTS,
          "Too many wrong tries. Try again in "
              + (seconds < 90 ? seconds + " seconds." : (seconds + 59) / 60 + " minutes."));
    }
    // What is exempt from waiting is counted all the same.
    for (Key key : counted(name, address)) {
      tries.compute(key, (k, t) -> next(k.limit(), t, now));
    }
  }

  private List<Key> keys(String name, String address) {
    Key both = new Key(name, network(address));
    return own.containsKey(both) ? List.of(both) : counted(name, address);
  }

  private static List<Key> counted(String name, String address) {
    String network = network(address);
    return List.of(new Key(name, network), new Key(name, ""), new Key("", network));
  }

  private static Tries next(Limit limit, Tries t, Instant now) {
    if (t == null || t.began.isBefore(now.minus(MEMORY))) {
      return new Tries(1, now, now, 0, 0);
    }
    boolean over = t.began.isBefore(now.minus(limit.window));
    int wrong = over ? 1 : t.wrong + 1;
    if (wrong < limit.wrong) {
      return new Tries(wrong, over ? now : t.began, t.from, t.waits, t.told);
    }
    Duration wait = limit.first.multipliedBy(1L << Math.min(t.waits, 8));
    Instant from = now.plus(wait.compareTo(limit.longest) > 0 ? limit.longest : wait);
    return new Tries(0, now, from, t.waits + 1, t.told);
  }

  /** Whether the owner of a name is to be told now: for the first time since tries from everywhere had to wait once more. */
  synchronized boolean isToBeTold(String name) {
    Key key = new Key(name, "");
    Tries t = tries.get(key);
    if (t == null || t.told >= t.waits) {
      return false;
    }
    tries.put(key, new Tries(t.wrong, t.began, t.from, t.waits, t.waits));
    return true;
  }

  /** Takes a try back that was not wrong, and does not let anybody in yet. */
  synchronized void notWrong(String name, String address) {
    for (Key key : counted(name, address)) {
      tries.computeIfPresent(
          key, (k, t) -> new Tries(Math.max(0, t.wrong - 1), t.began, t.from, t.waits, t.told));
    }
  }

  /** Forgets the wrong tries of somebody who is in, from where they are. */
  synchronized void right(String name, String address) {
    notWrong(name, address);
    Key both = new Key(name, network(address));
    tries.remove(both);
    own.put(both, true);
  }

  /** An IPv4 address itself; of IPv6 the first 64 bits, and of one that holds an IPv4 address that. */
  static String network(String address) {
    if (!address.contains(":")) {
      return address;
    }
    try {
      byte[] bytes = InetAddress.getByName(address.replaceFirst("%.*", "")).getAddress();
      return bytes.length == 4
          ? InetAddress.getByAddress(bytes).getHostAddress()
          : HexFormat.of().formatHex(bytes, 0, 8);
    } catch (UnknownHostException e) {
      return address;
    }
  }
}

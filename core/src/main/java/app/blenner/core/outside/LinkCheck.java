package app.blenner.core.outside;

import app.blenner.core.document.Address;
import app.blenner.core.outside.FetchOutcome.Answered;
import app.blenner.core.outside.FetchOutcome.Failed;
import app.blenner.core.outside.FetchOutcome.Reason;
import app.blenner.core.outside.LinkAnswer.Verdict;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;

/**
 * Asks one place whether it is there, as politely as that can be done: without its content first, and with it only where a
 * server refuses or fails that. Statuses by RFC 9110.
 */
public final class LinkCheck {
  /** So many addresses one may lead on to. Browsers follow 20. */
  static final int MOST_HOPS = 10;

  /** How often something has to go wrong before it is no mishap; common practice. */
  static final int SURE = 3;

  /** An address that is longer cannot be linked, so that nobody is led to it; a place within it has room besides. */
  private static final int LONGEST = Address.MAX_LENGTH / 2;

  private static final Duration WEEK = Duration.ofDays(7);
  private static final Duration FIRST_RETRY = Duration.ofMinutes(10);
  private static final Duration LAST_RETRY = Duration.ofDays(1);

  private LinkCheck() {}

  /** Asks an address over the network. */
  @FunctionalInterface
  public interface Asker {
    /**
     * Asks once, and follows nothing.
     *
     * @param content whether its content is asked for (GET) or only whether there is one (HEAD)
     */
    FetchOutcome ask(URI address, boolean content);
  }

  /**
   * What one round of asking gave.
   *
   * @param sure whether no second round is needed to believe it
   * @param pause how long the server asks to be left alone, or zero
   */
  public record Found(LinkAnswer answer, boolean sure, Duration pause) {}

  /** Asks an address, and where it leads on to. */
  public static Found ask(URI address, Asker asker, Instant now) {
    Set<URI> seen = new HashSet<>();
    URI at = withoutPlace(address);
    boolean lasting = true;
    String lastsAt = "";
    for (int hop = 0; hop <= MOST_HOPS; hop++) {
      if (!seen.add(at)) {
        return found(Verdict.DOUBTFUL, "It leads round in a circle.", now);
      }
      FetchOutcome outcome = askBoth(at, asker);
      if (outcome instanceof Failed failed) {
        return failed(failed.reason(), now);
      }
      Answered answered = (Answered) outcome;
      if (!leadsOn(answered)) {
        return answered(address, answered, lastsAt, asker, now);
      }
      URI next = next(at, answered.location());
      if (next == null) {
        return found(
            Verdict.DOUBTFUL, "It leads on to something that is no address of the web.", now);
      }
      lasting &= answered.status() == 301 || answered.status() == 308;
      at = withoutPlace(next);
      lastsAt = lasting && at.toString().length() <= LONGEST ? at.toString() : lastsAt;
    }
    return found(
        Verdict.DOUBTFUL, "It leads on and on to others; Blenner followed " + MOST_HOPS + ".", now);
  }

  /** Servers that know HEAD badly, or answer it with a lie, are asked once more in the usual way. */
  private static FetchOutcome askBoth(URI at, Asker asker) {
    FetchOutcome outcome = asker.ask(at, false);
    boolean again =
        outcome instanceof Answered a
            ? a.status() >= 400 && a.status() != 429
            : outcome instanceof Failed f && f.reason() == Reason.BROKEN_OFF;
    return again ? asker.ask(at, true) : outcome;
  }

  private static boolean leadsOn(Answered answered) {
    return answered.status() >= 300
        && answered.status() < 400
        && answered.status() != 304
        && !answered.location().isEmpty();
  }

  private static URI next(URI from, String location) {
    try {
      URI next = from.resolve(location.strip().replace(" ", "%20")).normalize();
      boolean web =
          "https".equalsIgnoreCase(next.getScheme()) || "http".equalsIgnoreCase(next.getScheme());
      return web && next.getHost() != null && next.getUserInfo() == null ? next : null;
    } catch (IllegalArgumentException e) {
      return null;
    }
  }

  private static URI withoutPlace(URI address) {
    String s = address.toString();
    int hash = s.indexOf('#');
    return hash < 0 ? address : URI.create(s.substring(0, hash));
  }

  private static Found answered(
      URI address, Answered answered, String lastsAt, Asker asker, Instant now) {
    int status = answered.status();
    if (status >= 200 && status < 400) {
      String movedTo = lastsAt.isEmpty() ? "" : lastsAt + placeOf(address);
      boolean secure = movedTo.isEmpty() && isPlain(address) && answersSecurely(address, asker);
      String said = movedTo.isEmpty() ? "It answers." : "It has moved for good.";
      return new Found(
          new LinkAnswer(Verdict.THERE, said, movedTo, secure, now), true, Duration.ZERO);
    }
    if (status == 404 || status == 410) {
      return new Found(
          new LinkAnswer(
              Verdict.BROKEN, "There is nothing at this address (" + status + ").", "", false, now),
          true,
          Duration.ZERO);
    }
    String said =
        switch (status) {
          case 401, 403, 407, 451 -> "The server does not show this to everybody (%d).";
          case 429 -> "The server is asked too often, and does not say (%d).";
          default ->
              status >= 500
                  ? "The server failed (%d)."
                  : "The server did not take the question (%d).";
        };
    // What is refused stays refused; what failed may be mended in an hour.
    boolean sure = status < 500 && status != 429;
    return new Found(
        new LinkAnswer(Verdict.DOUBTFUL, said.formatted(status), "", false, now),
        sure,
        answered.pause());
  }

  private static boolean isPlain(URI address) {
    return "http".equalsIgnoreCase(address.getScheme()) && address.getPort() < 0;
  }

  private static boolean answersSecurely(URI address, Asker asker) {
    URI secure = URI.create(withoutPlace(address).toString().replaceFirst("(?i)^http:", "https:"));
    return asker.ask(secure, false) instanceof Answered a && a.status() >= 200 && a.status() < 300;
  }

  private static String placeOf(URI address) {
    return address.getRawFragment() == null ? "" : "#" + address.getRawFragment();
  }

  private static Found failed(Reason reason, Instant now) {
    // Nothing that happens later makes a private network public.
    boolean sure = reason == Reason.PRIVATE;
    return new Found(
        new LinkAnswer(Verdict.DOUBTFUL, reason.sentence(), "", false, now), sure, Duration.ZERO);
  }

  private static Found found(Verdict verdict, String said, Instant now) {
    return new Found(new LinkAnswer(verdict, said, "", false, now), true, Duration.ZERO);
  }

  /**
   * What is to be believed after several rounds: a server that failed time after time is no mishap any more.
   *
   * @param failures how many rounds in a row were not sure, this one with them
   */
  public static LinkAnswer believed(Found found, int failures) {
    LinkAnswer a = found.answer();
    return found.sure() || failures < SURE
        ? a
        : new LinkAnswer(
            Verdict.BROKEN,
            a.said().replaceFirst("\\.$", "") + ", " + failures + " times in a row.",
            "",
            false,
            a.asked());
  }

  /**
   * When to ask again.
   *
   * @param failures how many rounds in a row were not sure, this one with them
   */
  public static Duration untilNext(Found found, int failures) {
    if (found.sure()) {
      return WEEK;
    }
    Duration wait = FIRST_RETRY;
    for (int i = 1; i < failures && wait.compareTo(LAST_RETRY) < 0; i++) {
      wait = wait.multipliedBy(6);
    }
    Duration own = wait.compareTo(LAST_RETRY) > 0 ? LAST_RETRY : wait;
    Duration asked = found.pause().compareTo(LAST_RETRY) > 0 ? LAST_RETRY : found.pause();
    return own.compareTo(asked) > 0 ? own : asked;
  }
}

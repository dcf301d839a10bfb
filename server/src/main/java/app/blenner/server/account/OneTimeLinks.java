package app.blenner.server.account;

import app.blenner.server.digest.Sha256;
import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links with which somebody sets their password, once: whoever has one is that person, so it holds for three days only. */
@Service
@Transactional
class OneTimeLinks {
  static final Duration HOLDS = Duration.ofDays(3);

  private static final String USED =
      "This link was used already, or is too old. Ask whoever sent it for a new one.";

  private final OneTimeLinkRepository links;
  private final AccountRepository accounts;
  private final Clock clock;

  OneTimeLinks(OneTimeLinkRepository links, AccountRepository accounts, Clock clock) {
    this.links = links;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Makes a link for somebody; those made before for them hold no more. Gives its path. */
  String make(long account, String by) {
    Instant now = clock.instant();
    links.endAllOf(account, now);
    String secret = Secrets.makeSecret();
    OneTimeLinkEntity link = new OneTimeLinkEntity();
    link.hash = Sha256.of(secret);
    link.accountId = account;
    link.madeBy = by;
    link.madeAt = now;
    link.endsAt = now.plus(HOLDS);
    links.save(link);
    return "/editor/set-password?word=" + secret;
  }

  /** Whose link this is, while it holds. */
  @Transactional(readOnly = true)
  AccountEntity whose(String secret) {
    return found(secret).orElseThrow(() -> Problem.notThere(USED));
  }

  private Optional<AccountEntity> found(String secret) {
    return links
        .findById(Sha256.of(secret))
        .filter(l -> l.endsAt.isAfter(clock.instant()))
        .flatMap(l -> accounts.findById(l.accountId))
        .filter(a -> a.active);
  }

  /** Uses the link up. Of two who use it in the same moment one is told that it was used. */
  AccountEntity use(String secret) {
    AccountEntity account = whose(secret);
    if (links.use(Sha256.of(secret)) == 0) {
      throw Problem.notThere(USED);
    }
    return account;
  }
}

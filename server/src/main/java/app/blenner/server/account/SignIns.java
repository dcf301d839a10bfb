package app.blenner.server.account;

import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.digest.Sha256;
import app.blenner.server.disk.DiskService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Where people are signed in. A session holds a secret, and here stands its hash: what is struck out here is signed out at
 * the next request, wherever it is.
 */
@Service
@Transactional
class SignIns {
  static final Duration IDLE = Duration.ofHours(12);
  static final Duration LONGEST = Duration.ofDays(7);

  /** So exactly is it known when somebody was here last. */
  private static final Duration SEEN_EVERY = Duration.ofMinutes(1);

  private static final int LONGEST_BROWSER = 300;

  /**
   * A sign-in as its person sees it.
   *
   * @param id the start of its hash, which tells it from others and opens nothing
   * @param here whether it is the one that asks
   */
  record SignInView(
      String id, Instant began, Instant seen, String address, String browser, boolean here) {}

  private static final int ID_LENGTH = 16;

  private final SignInRepository signIns;
  private final AccountRepository accounts;
  private final DiskService disk;
  private final AuditService audit;
  private final SignInPolicy policy;
  private final Clock clock;

  SignIns(
      SignInRepository signIns,
      AccountRepository accounts,
      DiskService disk,
      AuditService audit,
      SignInPolicy policy,
      Clock clock) {
    this.policy = policy;
    this.signIns = signIns;
    this.accounts = accounts;
    this.disk = disk;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * Notes that somebody signed in, and gives the secret for their session.
   *
   * @param before the secret of the session they had until now, which ends; null where they had none
   */
  String begin(Account account, String before, String address, String browser) {
    if (before != null) {
      end(before);
    }
    audit.note(account.name(), Audited.SIGNED_IN, "");
    Instant now = clock.instant();
    signIns.endOld(now.minus(LONGEST), now.minus(IDLE));
    String secret = Secrets.makeSecret();
    SignInEntity s = new SignInEntity();
    s.hash = Sha256.of(secret);
    s.accountId = account.id();
    s.beganAt = now;
    s.seenAt = now;
    s.address = address;
    s.browser =
        browser.length() <= LONGEST_BROWSER ? browser : browser.substring(0, LONGEST_BROWSER);
    signIns.save(s);
    return secret;
  }

  /** Whose sign-in this is as they are now; empty where it was ended, is too old, or they work here no more. */
  Optional<Account> who(String secret) {
    SignInEntity s = signIns.findById(Sha256.of(secret)).orElse(null);
    Instant now = clock.instant();
    if (s == null || isOver(s, now)) {
      return Optional.empty();
    }
    if (s.seenAt.isBefore(now.minus(SEEN_EVERY)) && disk.mayWrite()) {
      signIns.seen(s.hash, now);
    }
    return accounts
        .findById(s.accountId)
        .filter(a -> a.active)
        .map(a -> a.toAccount(policy.isOwedBy(a)));
  }

  private static boolean isOver(SignInEntity s, Instant now) {
    return s.beganAt.isBefore(now.minus(LONGEST)) || s.seenAt.isBefore(now.minus(IDLE));
  }

  /** Ends the session of somebody who signs out. */
  void signOut(String secret, Account who) {
    end(secret);
    audit.note(who.name(), Audited.SIGNED_OUT, "");
  }

  /** The sign-ins of somebody, the latest seen first. */
  @Transactional(readOnly = true)
  List<SignInView> of(long account, String secret) {
    String here = secret == null ? "" : Sha256.of(secret);
    Instant now = clock.instant();
    return signIns.findAllByAccountIdOrderBySeenAtDesc(account).stream()
        .filter(s -> !isOver(s, now))
        .map(
            s ->
                new SignInView(
                    s.hash.substring(0, ID_LENGTH),
                    s.beganAt,
                    s.seenAt,
                    s.address,
                    s.browser,
                    s.hash.equals(here)))
        .toList();
  }

  /** Ends one of somebody's sign-ins; false where it was ended already. */
  boolean end(long account, String id) {
    return signIns.findAllByAccountIdOrderBySeenAtDesc(account).stream()
        .filter(s -> s.hash.startsWith(id) && id.length() == ID_LENGTH)
        .mapToInt(s -> signIns.end(s.hash))
        .anyMatch(n -> n > 0);
  }

  /** Ends the sign-in of a session. */
  void end(String secret) {
    signIns.end(Sha256.of(secret));
  }

  /** Ends all sign-ins of somebody, but for the one of this session, if one is given. */
  void endAllBut(long account, String secret) {
    signIns.endAllBut(account, secret == null ? "" : Sha256.of(secret));
  }
}

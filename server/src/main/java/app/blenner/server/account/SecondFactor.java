package app.blenner.server.account;

import app.blenner.core.signin.Base32;
import app.blenner.core.signin.Totp;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.digest.Sha256;
import app.blenner.server.problem.Problem;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The second factor by the clock (RFC 6238), which who wants it sets up, and the codes for whoever has lost it. */
@Service
@Transactional
class SecondFactor {
  private static final int SECRET_BYTES = 20; // RFC 4226, section 4, R6
  private static final int CODES = 10;

  /** How long a secret that was offered can be used. */
  private static final Duration OFFER = Duration.ofMinutes(15);

  private static final int CODE_BYTES = 10;

  /**
   * A secret to be put into a program for one-time passwords.
   *
   * @param uri the same as such programs read it from a picture of it
   */
  record SecondOffer(String secret, String uri) {}

  private final AccountRepository accounts;
  private final AuditService audit;
  private final SignInPolicy policy;
  private final PasskeyRepository passkeys;
  private final Clock clock;

  SecondFactor(
      AccountRepository accounts,
      AuditService audit,
      SignInPolicy policy,
      PasskeyRepository passkeys,
      Clock clock) {
    this.passkeys = passkeys;
    this.policy = policy;
    this.accounts = accounts;
    this.audit = audit;
    this.clock = clock;
  }

  /** Offers a secret. The second factor stays as it is until a password made with it proves that it has arrived. */
  SecondOffer offer(Account who) {
    String secret = Base32.of(Secrets.random(SECRET_BYTES));
    AccountEntity account = accounts.findById(who.id()).orElseThrow();
    account.offeredSecret = secret;
    account.offeredAt = clock.instant();
    accounts.saveAndFlush(account);
    String label = URLEncoder.encode("Blenner:" + who.signIn(), StandardCharsets.UTF_8);
    return new SecondOffer(
        secret, "otpauth://totp/" + label + "?secret=" + secret + "&issuer=Blenner");
  }

  /** Turns it on with the secret that was offered last, and gives the recovery codes, which are shown this once. */
  List<String> turnOn(Account who, String password) {
    AccountEntity account = accounts.findById(who.id()).orElseThrow();
    boolean offered =
        account.offeredAt != null && account.offeredAt.isAfter(clock.instant().minus(OFFER));
    if (!offered) {
      throw Problem.unusable("No key waits to be used, or it waited too long. Begin again.");
    }
    byte[] bytes = Base32.bytes(account.offeredSecret);
    long step = Totp.USUAL.accepted(bytes, password, clock.instant(), 0);
    if (step < 0) {
      throw Problem.unusable(
          "These six digits do not fit. Look whether the clock of the device is right, and type the digits it shows now.");
    }
    account.secondSecret = account.offeredSecret;
    account.forgetOffer();
    account.secondStep = step;
    List<String> codes = new ArrayList<>();
    List<String> hashes = new ArrayList<>();
    for (int i = 0; i < CODES; i++) {
      String code = Base32.of(Secrets.random(CODE_BYTES)).toLowerCase(Locale.ROOT);
      codes.add(code.substring(0, 8) + "-" + code.substring(8));
      hashes.add(Sha256.of(code));
    }
    account.recovery = String.join("\n", hashes);
    accounts.saveAndFlush(account);
    audit.note(who.name(), Audited.SECOND_FACTOR_ON, "");
    return codes;
  }

  /**
   * Turns somebody's own off.
   *
   * @throws Problem where the site asks them for one
   */
  void turnOwnOff(Account who) {
    if (policy.secondFor().contains(who.role()) && !passkeys.existsByAccountId(who.id())) {
      throw Problem.unusable(
          "The site asks you to sign in with a second factor, so it stays on. You can take another key instead.");
    }
    turnOff(who.id(), who.name());
  }

  /** Turns it off. Where the site asks for one, whoever it is of turns another on when they sign in. */
  void turnOff(long of, String by) {
    AccountEntity account = accounts.findById(of).orElseThrow();
    account.secondSecret = "";
    account.forgetOffer();
    account.recovery = "";
    accounts.saveAndFlush(account);
    audit.note(by, Audited.SECOND_FACTOR_OFF, account.name);
  }

  /** Whether what somebody typed is the current password, or a recovery code that was not used; it holds no more then. */
  boolean isRight(AccountEntity account, String typed) {
    long step =
        Totp.USUAL.accepted(
            Base32.bytes(account.secondSecret), typed, clock.instant(), account.secondStep);
    if (step >= 0) {
      account.secondStep = step;
      accounts.saveAndFlush(account);
      return true;
    }
    String code = Sha256.of(typed.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT));
    List<String> left = new ArrayList<>(account.recovery.lines().toList());
    if (!left.remove(code)) {
      return false;
    }
    account.recovery = String.join("\n", left);
    accounts.saveAndFlush(account);
    audit.note(account.name, Audited.RECOVERY_USED, left.size() + " codes are left");
    return true;
  }
}

package app.blenner.server.account;

import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Judges who wants in. It holds no connection to the database while a password is hashed: others need them. */
@Service
class LoginService {
  private static final String WRONG =
      "This name and password do not go together. Check both and try again.";

  /** So many refused tries a minute are noted each; of a flood the log tells. */
  private static final int NOTED = 30;

  private final AccountRepository accounts;
  private final Passwords passwords;
  private final SecondFactor second;
  private final LoginThrottle throttle;
  private final SignInPolicy policy;
  private final AuditService audit;
  private final MailStandIn mail;
  private final Clock clock;
  private long minute;
  private int noted;

  LoginService(
      AccountRepository accounts,
      Passwords passwords,
      SecondFactor second,
      LoginThrottle throttle,
      SignInPolicy policy,
      AuditService audit,
      MailStandIn mail,
      Clock clock) {
    this.mail = mail;
    this.policy = policy;
    this.accounts = accounts;
    this.passwords = passwords;
    this.second = second;
    this.throttle = throttle;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * The person, if what they typed is right.
   *
   * @param code what they typed of their second factor; empty at first
   * @throws Problem with a sentence; where the second factor is asked for, with {@code second}
   */
  Account judge(String signIn, String password, String code, String address) {
    String name = AccountService.normal(signIn);
    throttle.pass(name, address);
    AccountEntity account = accounts.findBySignIn(name).filter(a -> a.active).orElse(null);
    boolean set = account != null && !account.password.equals(AccountService.NO_PASSWORD);
    if (!passwords.matches(password, set ? account.password : null)) {
      throw refused(name, address, WRONG, Map.of());
    }
    if (account.hasSecond()) {
      if (code.isBlank()) {
        throttle.notWrong(name, address);
        throw new Problem(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "Type the six digits that your program for one-time passwords shows now, or a recovery code.",
            Map.of("second", true));
      }
      if (!second.isRight(account, code)) {
        throw refused(
            name,
            address,
            "These are not the digits of now, nor a recovery code that was not used.",
            Map.of("second", true));
      }
    }
    if (policy.needsPasskey(account)) {
      throttle.notWrong(name, address);
      throw Problem.unusable(
          "The site asks you for more than a password. Sign in with your passkey.");
    }
    throttle.right(name, address);
    return account.toAccount();
  }

  private Problem refused(String name, String address, String said, Map<String, Object> details) {
    if (isToBeNoted()) {
      audit.noteAlone(name, Audited.TRIED, "");
    }
    tellOwner(name);
    return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, said, details);
  }

  /** Somebody whose account many try to get into hears of it, once for each wait. */
  private void tellOwner(String name) {
    if (throttle.isToBeTold(name)) {
      accounts
          .findBySignIn(name)
          .ifPresent(
              a ->
                  mail.tellOfChange(
                      a.toAccount(),
                      "Many wrong passwords or codes were tried for your account, so tries from places where you have not"
                          + " signed in before have to wait."));
    }
  }

  private synchronized boolean isToBeNoted() {
    long now = clock.instant().getEpochSecond() / 60;
    noted = now == minute ? noted + 1 : 1;
    minute = now;
    return noted <= NOTED;
  }

  /**
   * Asks somebody for their password once more.
   *
   * @throws Problem where it is not theirs
   */
  void confirmPassword(Account who, String password, String address) {
    matched(who, password, address);
    throttle.right(who.signIn(), address);
  }

  private AccountEntity matched(Account who, String password, String address) {
    throttle.pass(who.signIn(), address);
    AccountEntity account = accounts.findById(who.id()).orElseThrow();
    if (!passwords.matches(password, account.password)) {
      throw refused(who.signIn(), address, "This is not your current password.", Map.of());
    }
    return account;
  }

  /**
   * Asks somebody for all that they sign in with once more: the password, and the second factor where it is on.
   *
   * @param code the current digits, or a recovery code; may be empty where the second factor is off
   * @throws Problem where one of them is not right
   */
  void confirmAll(Account who, String password, String code, String address) {
    AccountEntity account = matched(who, password, address);
    if (account.hasSecond() && !second.isRight(account, code)) {
      throw refused(
          who.signIn(),
          address,
          "Your second factor is on. This is neither its current code nor an unused recovery code.",
          Map.of());
    }
    throttle.right(who.signIn(), address);
  }
}

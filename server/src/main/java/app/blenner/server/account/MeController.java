package app.blenner.server.account;

import app.blenner.server.account.SessionController.Person;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What everybody does with their own account. */
@RestController
@RequestMapping("/editor/api/me")
class MeController {
  record OwnName(@NotNull String name) {}

  record OwnPassword(@NotNull String old, @NotNull String password) {}

  /**
   * All that somebody signs in with.
   *
   * @param code digits of their second factor, or a recovery code; empty where it is off
   */
  record Sure(@NotNull String password, @NotNull String code) {}

  /** Digits that a program shows that was given the secret. */
  record SecondProof(@NotNull String digits) {}

  /**
   * How somebody's account stands.
   *
   * @param second whether the second factor is on
   * @param recoveryLeft how many recovery codes were not used
   */
  record Own(Person person, boolean second, int recoveryLeft, List<SignIns.SignInView> signIns) {}

  /** The recovery codes, shown this once. */
  record RecoveryCodes(List<String> codes) {}

  private final AccountService accounts;
  private final LoginService signingIn;
  private final SignIns signIns;
  private final SecondFactor second;
  private final AuditService audit;
  private final MailStandIn mail;

  MeController(
      AccountService accounts,
      LoginService signingIn,
      SignIns signIns,
      SecondFactor second,
      AuditService audit,
      MailStandIn mail) {
    this.mail = mail;
    this.accounts = accounts;
    this.signingIn = signingIn;
    this.signIns = signIns;
    this.second = second;
    this.audit = audit;
  }

  private static Account me() {
    return AccountService.current();
  }

  @GetMapping
  Own own(HttpServletRequest request) {
    AccountEntity account = accounts.get(me().id());
    return new Own(
        Person.of(account.toAccount()),
        account.hasSecond(),
        (int) account.recovery.lines().count(),
        signIns.of(account.id, BrowserSession.secretOf(request)));
  }

  @PutMapping
  @Transactional
  Person name(
      @Valid @RequestBody OwnName given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    seen.check("your name", Person.of(accounts.get(me().id()).toAccount()));
    Account changed = accounts.change(me().id(), given.name, me().role());
    audit.note(changed.name(), Audited.PERSON_CHANGED, "their own name, which was " + me().name());
    return Person.of(changed);
  }

  /** Changes one's own password, which ends all other sign-ins. */
  @PutMapping("/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void password(@Valid @RequestBody OwnPassword given, HttpServletRequest request) {
    signingIn.confirmPassword(me(), given.old, request.getRemoteAddr());
    accounts.password(me().id(), given.password, BrowserSession.secretOf(request));
    audit.note(me().name(), Audited.PASSWORD_CHANGED, "their own");
    mail.tellOfChange(me(), "Your password was changed.");
  }

  @DeleteMapping("/sign-ins/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void end(@PathVariable String id) {
    if (!signIns.end(me().id(), id)) {
      throw Problem.notThere("This sign-in has ended already.");
    }
    audit.note(me().name(), Audited.SIGN_IN_ENDED, "one of their own");
  }

  /** Ends all sign-ins but the one that asks. */
  @DeleteMapping("/sign-ins")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void endOthers(HttpServletRequest request) {
    signIns.endAllBut(me().id(), BrowserSession.secretOf(request));
    audit.note(me().name(), Audited.SIGN_IN_ENDED, "all others of their own");
  }

  @PostMapping("/second-factor")
  SecondFactor.SecondOffer offer(@Valid @RequestBody Sure given, HttpServletRequest request) {
    signingIn.confirmAll(me(), given.password, given.code, request.getRemoteAddr());
    return second.offer(me());
  }

  @PutMapping("/second-factor")
  RecoveryCodes turnOn(@Valid @RequestBody SecondProof given) {
    List<String> codes = second.turnOn(me(), given.digits);
    mail.tellOfChange(me(), "Your second factor was turned on.");
    return new RecoveryCodes(codes);
  }

  @PostMapping("/second-factor/off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void turnOff(@Valid @RequestBody Sure given, HttpServletRequest request) {
    signingIn.confirmAll(me(), given.password, given.code, request.getRemoteAddr());
    second.turnOwnOff(me());
    mail.tellOfChange(me(), "Your second factor was turned off.");
  }
}

package app.blenner.server.account;

import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import app.blenner.server.BlennerSettings;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.Revised;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/editor/api/session")
class SessionController {

  /**
   * A person as others see them.
   *
   * @param active whether they still work here
   */
  record Person(long id, String signIn, String name, Role role, String roleLabel, boolean active)
      implements Revised {
    static Person of(Account a) {
      return new Person(a.id(), a.signIn(), a.name(), a.role(), a.role().label(), a.active());
    }
  }

  /**
   * Who is here.
   *
   * @param person who is signed in, or null
   * @param rights what they may do besides writing
   * @param demoPeople who can be picked by a click, in the demo only
   * @param needsFirstAccount whether nobody has an account yet
   * @param owesSecond whether whoever is signed in has to turn on a second factor before anything else
   */
  record Session(
      Person person,
      List<Right> rights,
      List<Person> demoPeople,
      boolean needsFirstAccount,
      boolean owesSecond) {}

  /**
   * @param code what was typed of the second factor, or null
   */
  record SignIn(@NotNull String signIn, @NotNull String password, String code) {}

  record DemoSignIn(@NotNull String signIn) {}

  record First(
      @NotNull String word,
      @NotNull String signIn,
      @NotNull String name,
      @NotNull String password) {}

  /** A one-time link that somebody followed. */
  record Followed(@NotNull String word) {}

  /** Whose link it is. */
  record Invited(String signIn, String name) {}

  record NewPassword(@NotNull String word, @NotNull String password) {}

  private final AccountService accounts;
  private final LoginService signingIn;
  private final SignIns signIns;
  private final OneTimeLinks links;
  private final FirstAccount first;
  private final AuditService audit;
  private final BlennerSettings settings;
  private final Passwords passwords;
  private final MailStandIn mail;

  SessionController(
      AccountService accounts,
      LoginService signingIn,
      SignIns signIns,
      OneTimeLinks links,
      FirstAccount first,
      AuditService audit,
      Passwords passwords,
      MailStandIn mail,
      BlennerSettings settings) {
    this.passwords = passwords;
    this.mail = mail;
    this.accounts = accounts;
    this.signingIn = signingIn;
    this.signIns = signIns;
    this.links = links;
    this.first = first;
    this.audit = audit;
    this.settings = settings;
  }

  @GetMapping
  Session session() {
    Account here = AccountService.present().orElse(null);
    List<Person> demo =
        settings.isDemo()
            ? accounts.all().stream().filter(Account::active).map(Person::of).toList()
            : List.of();
    return new Session(
        here == null ? null : Person.of(here),
        Stream.of(Right.values()).filter(r -> here != null && here.role().hasRight(r)).toList(),
        demo,
        accounts.isEmpty(),
        here != null && here.owesSecond());
  }

  @PostMapping
  Person signIn(
      @Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
    Account account =
        signingIn.judge(
            given.signIn,
            given.password,
            given.code == null ? "" : given.code,
            request.getRemoteAddr());
    return remember(account, request, response);
  }

  /** Signs in without a password; there is no such door outside the demo. */
  @PostMapping("/demo")
  Person demo(
      @Valid @RequestBody DemoSignIn given,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account account =
        settings.isDemo()
            ? accounts.bySignIn(given.signIn).filter(Account::active).orElse(null)
            : null;
    if (account == null) {
      throw Problem.notThere("There is no such demo sign-in.");
    }
    return remember(account, request, response);
  }

  @PostMapping("/first-account")
  Person firstAccount(
      @Valid @RequestBody First given, HttpServletRequest request, HttpServletResponse response) {
    Account account;
    synchronized (first) {
      if (!accounts.isEmpty()) {
        throw new Problem(HttpStatus.GONE, "The first account exists already. Sign in instead.");
      }
      if (!first.isRight(given.word)) {
        throw new Problem(
            HttpStatus.FORBIDDEN,
            "This address is not the one in the terminal. Copy it again from there.");
      }
      account = accounts.add(given.signIn, given.name, Role.EDITOR, given.password);
    }
    return remember(account, request, response);
  }

  /** Whose one-time link this is. */
  @PostMapping("/link")
  Invited invited(@Valid @RequestBody Followed given) {
    AccountEntity whose = links.whose(given.word);
    return new Invited(whose.signIn, whose.name);
  }

  /** Sets the password of whoever's link this is. They sign in with it, and with their second factor if they have one. */
  @PostMapping("/link/password")
  @Transactional
  Invited password(@Valid @RequestBody NewPassword given) {
    AccountEntity whose = links.whose(given.word);
    accounts.password(whose.id, given.password, null, () -> links.use(given.word));
    audit.note(whose.name, Audited.PASSWORD_CHANGED, whose.name + ", by a link");
    mail.tellOfChange(whose.toAccount(), "Your password was set by a link.");
    return new Invited(whose.signIn, whose.name);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    String secret = BrowserSession.secretOf(request);
    if (secret != null) {
      signIns.signOut(secret, AccountService.current());
    }
    BrowserSession.end(request, response);
    SecurityContextHolder.clearContext();
  }

  /** A password somebody is thinking of; it is kept nowhere. */
  record Thought(
      @NotNull @Size(max = 200, message = "A password has at most 128 characters.") String password,
      @NotNull @Size(max = 80, message = "A sign-in name has at most 80 characters.")
          String signIn) {}

  /**
   * How hard it is to guess.
   *
   * @param score from 0 to 4
   */
  record Strength(int score) {}

  @PostMapping("/strength")
  Strength strength(@Valid @RequestBody Thought given) {
    return new Strength(passwords.strength(given.password, given.signIn));
  }

  Person remember(Account account, HttpServletRequest request, HttpServletResponse response) {
    String before = BrowserSession.secretOf(request);
    String browser = request.getHeader("User-Agent");
    BrowserSession.begin(
        request,
        response,
        signIns.begin(account, before, request.getRemoteAddr(), browser == null ? "" : browser));
    return Person.of(account);
  }
}

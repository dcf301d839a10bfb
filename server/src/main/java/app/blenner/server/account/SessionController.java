package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
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

  /** A person as others see them. */
  record Person(long id, String signIn, String name, Role role, String roleLabel) {
    static Person of(Account a) {
      return new Person(a.id(), a.signIn(), a.name(), a.role(), a.role().label());
    }
  }

  /**
   * Who is here.
   *
   * @param person who is signed in, or null
   * @param demoPeople who can be picked by a click, in the demo only
   * @param needsFirstAccount whether nobody has an account yet
   */
  record Session(Person person, List<Person> demoPeople, boolean needsFirstAccount) {}

  record SignIn(@NotNull String signIn, @NotNull String password) {}

  record DemoSignIn(@NotNull String signIn) {}

  record First(
      @NotNull String word,
      @NotNull String signIn,
      @NotNull String name,
      @NotNull String password) {}

  private final AccountService accounts;
  private final FirstAccount first;
  private final BlennerSettings settings;
  private final HttpSessionSecurityContextRepository contexts =
      new HttpSessionSecurityContextRepository();

  SessionController(AccountService accounts, FirstAccount first, BlennerSettings settings) {
    this.accounts = accounts;
    this.first = first;
    this.settings = settings;
  }

  @GetMapping
  Session session() {
    Authentication now = SecurityContextHolder.getContext().getAuthentication();
    Person person =
        now != null && now.getPrincipal() instanceof Account account ? Person.of(account) : null;
    List<Person> demo =
        settings.isDemo() ? accounts.all().stream().map(Person::of).toList() : List.of();
    return new Session(person, demo, accounts.isEmpty());
  }

  @PostMapping
  Person signIn(
      @Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
    Account account =
        accounts
            .check(given.signIn, given.password)
            .orElseThrow(
                () ->
                    new Problem(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This name and password do not go together. Check both and try again."));
    return remember(account, request, response);
  }

  /** Signs in without a password; there is no such door outside the demo. */
  @PostMapping("/demo")
  Person demo(
      @Valid @RequestBody DemoSignIn given,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account account = settings.isDemo() ? accounts.bySignIn(given.signIn).orElse(null) : null;
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

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  private Person remember(
      Account account, HttpServletRequest request, HttpServletResponse response) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            account, null, AuthorityUtils.createAuthorityList("ROLE_" + account.role())));
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    contexts.saveContext(context, request, response);
    return Person.of(account);
  }
}

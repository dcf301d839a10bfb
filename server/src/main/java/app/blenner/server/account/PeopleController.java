package app.blenner.server.account;

import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import app.blenner.server.account.SessionController.Person;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people who work on the site, for whoever may look after them. */
@RestController
@RequestMapping("/editor/api/people")
class PeopleController {

  /**
   * @param password none for somebody who sets their own by a link
   */
  record NewPerson(
      @NotNull String signIn, @NotNull String name, @NotNull Role role, String password) {}

  record ChangedPerson(@NotNull String name, @NotNull Role role) {}

  /**
   * @param to whose their items become
   */
  record Heir(long to) {}

  /** How many items became another's. */
  record HandedOver(int items) {}

  /** A link that works once, as an address to be copied, and whether it went out as a letter too. */
  record OneTimeLink(String address, boolean mailed) {}

  private final AccountService accounts;
  private final OneTimeLinks links;
  private final SignIns signIns;
  private final SecondFactor second;
  private final MailStandIn mail;
  private final AuditService audit;
  private final SiteOrigin site;

  PeopleController(
      AccountService accounts,
      OneTimeLinks links,
      SignIns signIns,
      SecondFactor second,
      MailStandIn mail,
      AuditService audit,
      SiteOrigin site) {
    this.site = site;
    this.accounts = accounts;
    this.links = links;
    this.signIns = signIns;
    this.second = second;
    this.mail = mail;
    this.audit = audit;
  }

  private void check(IfMatch seen, long id) {
    Account now = accounts.get(id).toAccount();
    seen.check(now.name(), Person.of(now));
  }

  private void note(Audited what, String about) {
    audit.note(AccountService.current().name(), what, about);
  }

  @GetMapping
  List<Person> all() {
    return accounts.all().stream().map(Person::of).toList();
  }

  @PostMapping
  @Transactional
  Person add(@Valid @RequestBody NewPerson person) {
    AccountService.needs(Right.PEOPLE);
    String password = person.password == null || person.password.isEmpty() ? null : person.password;
    Account made = accounts.add(person.signIn, person.name, person.role, password);
    note(Audited.PERSON_ADDED, made.name() + " (" + made.signIn() + "), " + made.role().label());
    return Person.of(made);
  }

  @PutMapping("/{id}")
  @Transactional
  Person change(
      @PathVariable long id,
      @Valid @RequestBody ChangedPerson person,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.PEOPLE);
    check(seen, id);
    Account before = accounts.get(id).toAccount();
    Account made = accounts.change(id, person.name, person.role);
    note(
        Audited.PERSON_CHANGED,
        before.name()
            + ", "
            + before.role().label()
            + ", is now "
            + made.name()
            + ", "
            + made.role().label());
    return Person.of(made);
  }

  /** Makes a link with which somebody sets their password; it goes out as a letter where there is an address. */
  @PostMapping("/{id}/link")
  @Transactional
  OneTimeLink link(@PathVariable long id) {
    AccountService.needs(Right.PEOPLE);
    Account who = accounts.get(id).toAccount();
    if (!who.active()) {
      throw Problem.unusable(who.name() + " is deactivated. Activate them first.");
    }
    String path = links.make(id, AccountService.current().name());
    String address = site.origin() + path;
    boolean mailed = who.signIn().contains("@");
    if (mailed) {
      mail.send(
          who,
          "Your account",
          "Dear "
              + who.name()
              + ",\n\n"
              + AccountService.current().name()
              + " sends you this link to set your password. It works once, and for three days:\n\n"
              + address
              + "\n");
    }
    note(Audited.LINK_MADE, who.name());
    return new OneTimeLink(address, mailed);
  }

  @PostMapping("/{id}/deactivation")
  @Transactional
  HandedOver deactivate(
      @PathVariable long id,
      @Valid @RequestBody Heir heir,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.PEOPLE);
    check(seen, id);
    if (id == AccountService.current().id()) {
      throw Problem.unusable("Somebody else has to deactivate you.");
    }
    Account who = accounts.get(id).toAccount();
    int items = accounts.deactivate(id, heir.to);
    note(
        Audited.PERSON_DEACTIVATED,
        who.name() + "; " + items + " items are now of " + accounts.get(heir.to).name);
    return new HandedOver(items);
  }

  @PostMapping("/{id}/activation")
  @Transactional
  Person activate(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.PEOPLE);
    check(seen, id);
    Account who = accounts.activate(id);
    note(Audited.PERSON_ACTIVATED, who.name());
    return Person.of(who);
  }

  /** Where somebody is signed in. */
  @GetMapping("/{id}/sign-ins")
  List<SignIns.SignInView> signIns(@PathVariable long id) {
    AccountService.needs(Right.PEOPLE);
    return signIns.of(accounts.get(id).id, null);
  }

  /** Signs somebody out everywhere. */
  @DeleteMapping("/{id}/sign-ins")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  void end(@PathVariable long id) {
    AccountService.needs(Right.PEOPLE);
    signIns.endAllBut(accounts.get(id).id, null);
    note(Audited.SIGN_IN_ENDED, "all of " + accounts.get(id).name);
  }

  /** Turns somebody's second factor off, who has lost it and every recovery code. */
  @DeleteMapping("/{id}/second-factor")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void secondOff(@PathVariable long id) {
    AccountService.needs(Right.PEOPLE);
    second.turnOff(accounts.get(id).id, AccountService.current().name());
  }

  /** What was done, and by whom: the rows before one, the latest first. */
  record Trail(List<AuditService.TrailRow> rows) {}

  @GetMapping("/trail")
  Trail trail(@RequestParam(defaultValue = "9223372036854775807") long before) {
    AccountService.needs(Right.PEOPLE);
    return new Trail(audit.trailBefore(before));
  }
}

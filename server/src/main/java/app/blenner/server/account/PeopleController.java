package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people who work on the site. */
@RestController
@RequestMapping("/editor/api/people")
class PeopleController {

  record NewPerson(
      @NotNull String signIn, @NotNull String name, @NotNull Role role, @NotNull String password) {}

  private final AccountService accounts;

  PeopleController(AccountService accounts) {
    this.accounts = accounts;
  }

  @GetMapping
  List<SessionController.Person> all() {
    return accounts.all().stream().map(SessionController.Person::of).toList();
  }

  @PostMapping
  SessionController.Person add(@Valid @RequestBody NewPerson person) {
    AccountService.editorsOnly("Only an editor can add people.");
    return SessionController.Person.of(
        accounts.add(person.signIn, person.name, person.role, person.password));
  }
}

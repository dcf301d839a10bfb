package app.blenner.server.account;

import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says and sets what the site asks of people who sign in. */
@RestController
@RequestMapping("/editor/api/sign-in-policy")
class SignInPolicyController {

  /**
   * Whom the site asks for a second factor.
   *
   * @param roles all roles
   * @param secondFor those that need one
   */
  record PolicyView(List<RoleView> roles, List<Role> secondFor) implements Revised {}

  /** A role with its name as people read it. */
  record RoleView(Role role, String label) {}

  record PolicyInput(
      @NotNull @Size(max = 20, message = "There are not so many roles.")
          List<@NotNull Role> secondFor) {}

  private final SignInPolicy policy;
  private final AccountService accounts;
  private final AuditService audit;

  SignInPolicyController(SignInPolicy policy, AccountService accounts, AuditService audit) {
    this.policy = policy;
    this.accounts = accounts;
    this.audit = audit;
  }

  @GetMapping
  PolicyView policy() {
    return new PolicyView(
        List.of(Role.values()).stream().map(r -> new RoleView(r, r.label())).toList(),
        policy.secondFor().stream().sorted().toList());
  }

  @PutMapping
  @Transactional
  PolicyView change(
      @Valid @RequestBody PolicyInput given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.PEOPLE);
    seen.check("who needs a second factor", policy());
    Account by = AccountService.current();
    policy.change(given.secondFor, accounts.get(by.id()));
    audit.note(
        by.name(),
        Audited.SECOND_FACTOR_ASKED,
        given.secondFor.isEmpty()
            ? "of nobody"
            : given.secondFor.stream()
                .distinct()
                .map(r -> "of every " + r.label().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", ")));
    return policy();
  }
}

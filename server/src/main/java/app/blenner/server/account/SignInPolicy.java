package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import app.blenner.server.problem.Problem;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the site asks of people who sign in, besides their password. */
@Service
@Transactional
class SignInPolicy {
  private final SignInPolicyRepository rows;
  private final PasskeyRepository passkeys;

  SignInPolicy(SignInPolicyRepository rows, PasskeyRepository passkeys) {
    this.rows = rows;
    this.passkeys = passkeys;
  }

  /** The roles whose people need a second factor. */
  @Transactional(readOnly = true)
  public Set<Role> secondFor() {
    return rolesOf(rows.findById(SignInPolicyEntity.ONLY).orElseThrow());
  }

  private static Set<Role> rolesOf(SignInPolicyEntity row) {
    return Stream.of(row.secondFor.split(","))
        .filter(name -> !name.isEmpty())
        .map(Role::valueOf)
        .collect(Collectors.toSet());
  }

  /** Whether somebody has to turn a second factor on, or add a passkey, before they can go on. */
  @Transactional(readOnly = true)
  public boolean isOwedBy(AccountEntity account) {
    return !account.hasSecond() && secondFor().contains(account.role) && !hasPasskey(account);
  }

  /** Whether somebody has to sign in with a passkey, since their password alone is not enough. */
  @Transactional(readOnly = true)
  public boolean needsPasskey(AccountEntity account) {
    return !account.hasSecond() && secondFor().contains(account.role) && hasPasskey(account);
  }

  private boolean hasPasskey(AccountEntity account) {
    return passkeys.existsByAccountId(account.id);
  }

  /**
   * Asks the people of these roles for a second factor, and nobody else.
   *
   * @throws Problem where whoever does it would have to turn one on first
   */
  void change(List<Role> roles, AccountEntity by) {
    if (roles.contains(by.role) && !by.hasSecond() && !hasPasskey(by)) {
      throw Problem.unusable(
          "You have this role too. Turn on your own second factor first, or add a passkey, under your name.");
    }
    SignInPolicyEntity row = rows.findById(SignInPolicyEntity.ONLY).orElseThrow();
    row.secondFor = new TreeSet<>(roles).stream().map(Role::name).collect(Collectors.joining(","));
    rows.saveAndFlush(row);
  }
}

package app.blenner.server.account;

import app.blenner.core.archive.PackedPerson;
import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import app.blenner.server.problem.Problem;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The people who work on the site. */
@Service
@Transactional
public class AccountService {
  private static final int LONGEST_NAME = 200;

  /** No password, which nobody can type: bcrypt never gives it. */
  static final String NO_PASSWORD = "!";

  private final AccountRepository accounts;
  private final SignIns signIns;
  private final Passwords passwords;
  private final List<OwnershipTransfer> belongings;
  private final TransactionTemplate transaction;

  AccountService(
      AccountRepository accounts,
      SignIns signIns,
      Passwords passwords,
      @org.springframework.context.annotation.Lazy List<OwnershipTransfer> belongings,
      TransactionTemplate transaction) {
    this.accounts = accounts;
    this.signIns = signIns;
    this.passwords = passwords;
    this.belongings = belongings;
    this.transaction = transaction;
  }

  /** Whether there is nobody yet. */
  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return accounts.count() == 0;
  }

  /** Everybody, by name, those who work here no more included. */
  @Transactional(readOnly = true)
  public List<Account> all() {
    return accounts.findAllByOrderByName().stream().map(AccountEntity::toAccount).toList();
  }

  /** The person with this sign-in name. */
  @Transactional(readOnly = true)
  public Optional<Account> bySignIn(String signIn) {
    return accounts.findBySignIn(normal(signIn)).map(AccountEntity::toAccount);
  }

  /**
   * Makes an account. The password is hashed first, which takes a while, and no connection to the database is held meanwhile.
   *
   * @param password null for somebody who sets their own by a link
   * @throws Problem where the name is taken or the password will not do
   */
  @Transactional(propagation = org.springframework.transaction.annotation.Propagation.SUPPORTS)
  public Account add(String signIn, String name, Role role, String password) {
    String wanted = normal(signIn);
    if (!PackedPerson.isSignIn(wanted)) {
      throw Problem.unusable(
          "A sign-in name has 2 to 80 letters, digits, dots, hyphens or @, and no spaces.");
    }
    String called = named(name);
    String kept = password == null ? NO_PASSWORD : passwords.encoded(password, wanted);
    return transaction.execute(
        status -> {
          if (accounts.findBySignIn(wanted).isPresent()) {
            throw Problem.unusable("“" + wanted + "” is taken. Choose another sign-in name.");
          }
          AccountEntity account = new AccountEntity();
          account.signIn = wanted;
          account.name = called;
          account.role = role;
          account.password = kept;
          return accounts.saveAndFlush(account).toAccount();
        });
  }

  private static String named(String name) {
    String called = app.blenner.core.document.PlainText.toLine(name);
    if (called.isEmpty()) {
      throw Problem.unusable("Say the name that others should see.");
    }
    if (called.length() > LONGEST_NAME) {
      throw Problem.unusable("A name has at most 200 characters.");
    }
    return called;
  }

  AccountEntity get(long id) {
    return accounts
        .findById(id)
        .orElseThrow(() -> Problem.notThere("There is no such person here."));
  }

  /** Gives somebody another name, and another role. */
  Account change(long id, String name, Role role) {
    AccountEntity account = get(id);
    if (account.role == Role.EDITOR && role != Role.EDITOR) {
      othersMustEdit(account, "take this role from");
    }
    account.name = named(name);
    account.role = role;
    return accounts.saveAndFlush(account).toAccount();
  }

  /** Gives somebody another password, which ends all their sign-ins but the one of this session. */
  @Transactional(propagation = org.springframework.transaction.annotation.Propagation.SUPPORTS)
  void password(long id, String password, String secret) {
    password(id, password, secret, () -> {});
  }

  /**
   * Gives somebody another password.
   *
   * @param first what has to hold in the moment it is changed, or nothing is
   */
  @Transactional(propagation = org.springframework.transaction.annotation.Propagation.SUPPORTS)
  void password(long id, String password, String secret, Runnable first) {
    String kept = passwords.encoded(password, get(id).signIn);
    transaction.executeWithoutResult(
        status -> {
          first.run();
          AccountEntity account = get(id);
          account.password = kept;
          accounts.saveAndFlush(account);
          signIns.endAllBut(id, secret);
        });
  }

  /** Lets somebody in no more; what is theirs becomes another's. Says how much that was. */
  int deactivate(long id, long to) {
    AccountEntity account = get(id);
    if (!account.active) {
      throw Problem.conflict(account.name + " was deactivated already.", Map.of());
    }
    AccountEntity heir = get(to);
    if (to == id || !heir.active) {
      throw Problem.unusable("Choose somebody else, who works here, to have their items.");
    }
    if (account.role == Role.EDITOR) {
      othersMustEdit(account, "deactivate");
    }
    account.active = false;
    accounts.saveAndFlush(account);
    signIns.endAllBut(id, null);
    return belongings.stream().mapToInt(b -> b.handOver(id, heir.toAccount())).sum();
  }

  /** Lets somebody in again. */
  Account activate(long id) {
    AccountEntity account = get(id);
    account.active = true;
    return accounts.saveAndFlush(account).toAccount();
  }

  private void othersMustEdit(AccountEntity account, String what) {
    boolean others =
        accounts.findAll().stream()
            .anyMatch(a -> a.active && a.role == Role.EDITOR && !a.id.equals(account.id));
    if (!others) {
      throw Problem.unusable(
          "You cannot "
              + what
              + " "
              + account.name
              + ", the only editor: nobody could let anybody in again.");
    }
  }

  /**
   * Lets only those go on who have a right.
   *
   * @throws Problem with what others are told
   */
  public static void needs(Right right) {
    if (!current().role().hasRight(right)) {
      throw new Problem(HttpStatus.FORBIDDEN, right.refusal());
    }
  }

  /** The person whose request this is. */
  public static Account current() {
    return (Account) SecurityContextHolder.getContext().getAuthentication().getPrincipal();
  }

  /** The person whose request this is; empty where the server does something by itself. */
  public static Optional<Account> present() {
    Authentication now = SecurityContextHolder.getContext().getAuthentication();
    return now != null && now.getPrincipal() instanceof Account a
        ? Optional.of(a)
        : Optional.empty();
  }

  /** A sign-in name as it is kept. */
  static String normal(String signIn) {
    return signIn.strip().toLowerCase(Locale.ROOT);
  }
}

package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import app.blenner.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people who work on the site. */
@Service
@Transactional
public class AccountService {
  private static final int SHORTEST_PASSWORD = 10;

  private final AccountRepository accounts;
  private final PasswordEncoder encoder;
  private final String nobodysPassword;

  AccountService(AccountRepository accounts, PasswordEncoder encoder) {
    this.accounts = accounts;
    this.encoder = encoder;
    this.nobodysPassword = encoder.encode("nobody has this password");
  }

  /** Whether there is nobody yet. */
  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return accounts.count() == 0;
  }

  /** Everybody, by name. */
  @Transactional(readOnly = true)
  public List<Account> all() {
    return accounts.findAllByOrderByName().stream().map(AccountEntity::toAccount).toList();
  }

  /** The person with this sign-in name. */
  @Transactional(readOnly = true)
  public Optional<Account> bySignIn(String signIn) {
    return accounts.findBySignIn(normal(signIn)).map(AccountEntity::toAccount);
  }

  /** The person, if the password is theirs. */
  @Transactional(readOnly = true)
  public Optional<Account> check(String signIn, String password) {
    Optional<AccountEntity> found = accounts.findBySignIn(normal(signIn));
    // The same work whether or not there is such a person, so that the time taken tells nothing.
    boolean right = encoder.matches(password, found.map(a -> a.password).orElse(nobodysPassword));
    return found.filter(a -> right).map(AccountEntity::toAccount);
  }

  /**
   * Makes an account.
   *
   * @throws Problem where the name is taken or the password too short
   */
  public Account add(String signIn, String name, Role role, String password) {
    String wanted = normal(signIn);
    if (!wanted.matches("[\\p{L}\\p{N}._@-]{2,80}")) {
      throw Problem.unusable(
          "A sign-in name has 2 to 80 letters, digits, dots, hyphens or @, and no spaces.");
    }
    if (name.isBlank()) {
      throw Problem.unusable("Say the name that others should see.");
    }
    if (password.length() < SHORTEST_PASSWORD
        || password.getBytes(StandardCharsets.UTF_8).length > 72) {
      throw Problem.unusable(
          "A password has at least " + SHORTEST_PASSWORD + " characters, and at most 72.");
    }
    if (accounts.findBySignIn(wanted).isPresent()) {
      throw Problem.unusable("“" + wanted + "” is taken. Choose another sign-in name.");
    }
    AccountEntity account = new AccountEntity();
    account.signIn = wanted;
    account.name = name.strip();
    account.role = role;
    account.password = encoder.encode(password);
    return accounts.save(account).toAccount();
  }

  /**
   * Lets only an editor go on.
   *
   * @param sentence what others are told
   */
  public static void editorsOnly(String sentence) {
    if (current().role() != Role.EDITOR) {
      throw new Problem(HttpStatus.FORBIDDEN, sentence);
    }
  }

  /** The person whose request this is. */
  public static Account current() {
    return (Account) SecurityContextHolder.getContext().getAuthentication().getPrincipal();
  }

  private static String normal(String signIn) {
    return signIn.strip().toLowerCase(Locale.ROOT);
  }
}

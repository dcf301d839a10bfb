package app.blenner.server.start;

import app.blenner.server.BlennerSettings;
import app.blenner.server.account.AccountService;
import app.blenner.server.account.FirstAccount;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Tells in the terminal where to go. */
@Component
class StartMessage implements ApplicationRunner {
  private final BlennerSettings settings;
  private final AccountService accounts;
  private final FirstAccount firstAccount;
  private final Environment environment;

  StartMessage(
      BlennerSettings settings,
      AccountService accounts,
      FirstAccount firstAccount,
      Environment environment) {
    this.settings = settings;
    this.accounts = accounts;
    this.firstAccount = firstAccount;
    this.environment = environment;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    String home = "http://localhost:" + environment.getProperty("local.server.port");
    tell("");
    tell("Blenner is ready.");
    tell("  The site      " + home + "/");
    tell("  The editor    " + home + "/editor/");
    if (settings.isDemo()) {
      tell(
          "  Demo sign-ins, to be picked by a click or typed with the password "
              + DemoSeeder.DEMO_PASSWORD);
      accounts
          .all()
          .forEach(
              a -> tell("    " + a.signIn() + "  (" + a.name() + ", " + a.role().label() + ")"));
    } else if (accounts.isEmpty()) {
      tell("  Nobody has an account yet. Make the first one here; the address works once:");
      tell("    " + home + firstAccount.path());
    }
    String database = environment.getProperty("blenner.database", "");
    tell(
        database.isEmpty()
            ? "  Data is kept in " + settings.dataFolder()
            : "  Data is kept in "
                + ServerDatabase.addressShown(database)
                + ", files in "
                + settings.dataFolder());
    tell("  Stop with Ctrl+C.");
  }

  private static void tell(String line) {
    System.out.println(line);
  }
}

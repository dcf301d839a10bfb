package app.blenner.server.demo;

import app.blenner.core.archive.SitePackage;
import app.blenner.server.BlennerSettings;
import app.blenner.server.account.AccountService;
import app.blenner.server.account.FirstAccount;
import app.blenner.server.archive.SiteArchive;
import java.io.IOException;
import java.time.Clock;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Fills the demo on its first start, and tells in the terminal where to go. */
@Component
class Opening implements ApplicationRunner {
  /** The password of every demo sign-in; there are none outside the demo. */
  private static final String DEMO_PASSWORD = "tarnlow-nights";

  private final BlennerSettings settings;
  private final AccountService accounts;
  private final FirstAccount firstAccount;
  private final SiteArchive archive;
  private final Clock clock;
  private final Environment environment;

  Opening(
      BlennerSettings settings,
      AccountService accounts,
      FirstAccount firstAccount,
      SiteArchive archive,
      Clock clock,
      Environment environment) {
    this.settings = settings;
    this.accounts = accounts;
    this.firstAccount = firstAccount;
    this.archive = archive;
    this.clock = clock;
    this.environment = environment;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (settings.isDemo() && accounts.isEmpty()) {
      archive.fill(SitePackage.read(settings.demoFolder(), clock.instant()), DEMO_PASSWORD);
    }
    String home = "http://localhost:" + environment.getProperty("local.server.port");
    tell("");
    tell("Blenner is ready.");
    tell("  The site      " + home + "/");
    tell("  The editor    " + home + "/editor/");
    if (settings.isDemo()) {
      tell("  Demo sign-ins, to be picked by a click or typed with the password " + DEMO_PASSWORD);
      accounts
          .all()
          .forEach(
              a -> tell("    " + a.signIn() + "  (" + a.name() + ", " + a.role().label() + ")"));
    } else if (accounts.isEmpty()) {
      tell("  Nobody has an account yet. Make the first one here; the address works once:");
      tell("    " + home + firstAccount.path());
    }
    tell("  Data is kept in " + settings.dataFolder());
    tell("  Stop with Ctrl+C.");
  }

  private static void tell(String line) {
    System.out.println(line);
  }
}

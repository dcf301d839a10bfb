package app.blenner.server.start;

import app.blenner.core.archive.SitePackage;
import app.blenner.server.BlennerSettings;
import app.blenner.server.account.AccountService;
import app.blenner.server.archive.SiteArchive;
import app.blenner.server.disk.DataFolderPermissions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.stream.Stream;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Fills the demo on its first start, before the port is open: nobody sees a site that is not there yet. */
@Component
class DemoSeeder implements SmartLifecycle {
  /** The password of every demo sign-in; there are none outside the demo. */
  static final String DEMO_PASSWORD = "tarnlow-nights";

  /** Long before the web server, which comes nearly last. */
  private static final int PHASE = 0;

  private final BlennerSettings settings;
  private final AccountService accounts;
  private final SiteArchive archive;
  private final Clock clock;
  private boolean done;

  DemoSeeder(BlennerSettings settings, AccountService accounts, SiteArchive archive, Clock clock) {
    this.settings = settings;
    this.accounts = accounts;
    this.archive = archive;
    this.clock = clock;
  }

  @Override
  public void start() {
    closeToOthers();
    if (settings.isDemo() && accounts.isEmpty()) {
      try {
        archive.fill(SitePackage.read(settings.demoFolder(), clock.instant()), DEMO_PASSWORD);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (IllegalArgumentException e) {
        throw new StartRefused(
            "The demo site in " + settings.demoFolder() + " cannot be read: " + e.getMessage(), e);
      }
    }
    closeToOthers(); // what the fill has made, too
    done = true;
  }

  /** What lies in the data folder is its owner's alone: texts, messages of visitors, and the hashes of passwords. */
  private void closeToOthers() {
    Path folder = settings.dataFolder();
    try (Stream<Path> all = Files.walk(folder, 1)) {
      for (Path path : all.toList()) {
        DataFolderPermissions.close(path);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void stop() {
    done = false;
  }

  @Override
  public boolean isRunning() {
    return done;
  }

  @Override
  public int getPhase() {
    return PHASE;
  }
}

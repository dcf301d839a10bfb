package app.blenner.server.verify;

import app.blenner.server.BlennerSettings;
import app.blenner.server.asset.AssetService;
import app.blenner.server.disk.Compaction;
import app.blenner.server.file.StoreCheck;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says what is missing, changed or left over in the store, and ends: with 0 where all is sound or was put right. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnProperty("blenner.verify")
class Verify implements ApplicationRunner {
  private final StoreCheck store;
  private final AssetService assets;
  private final Environment environment;
  private final ConfigurableApplicationContext context;
  private final BlennerSettings settings;

  Verify(
      StoreCheck store,
      AssetService assets,
      Environment environment,
      ConfigurableApplicationContext context,
      BlennerSettings settings) {
    this.settings = settings;
    this.store = store;
    this.assets = assets;
    this.environment = environment;
    this.context = context;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    boolean repair = "repair".equals(environment.getProperty("blenner.verify"));
    StoreCheck.Result found = store.check(repair);
    tell(found.missing(), "The bytes of this file are not in the store");
    tell(found.changed(), "The bytes of this file are others than they were");
    String done = repair ? "; thrown away" : "; --repair throws them away";
    if (!found.orphans().isEmpty()) {
      say(found.orphans().size() + " files in the store belong to nothing" + done + ".");
    }
    if (found.lost() > 0) {
      say(
          found.lost()
              + " sizes of pictures were lost; they are made again when they are asked for.");
    }
    boolean sound = found.missing().isEmpty() && found.changed().isEmpty();
    boolean right = found.isSound() || (repair && sound);
    say(right ? "The store is sound." : "The store is not sound.");
    int code = right ? 0 : 1;
    int ended = SpringApplication.exit(context, () -> code);
    if (environment.getProperty("blenner.database") == null) {
      compact();
    }
    System.exit(ended);
  }

  /** Nobody has the database open any more. */
  private void compact() throws IOException {
    Path file = settings.dataFolder().resolve("blenner.mv.db");
    long before = Files.size(file);
    try {
      Compaction.run(settings.dataFolder());
      say(
          "The database file has %.1f MB; before it was rewritten it had %.1f MB."
              .formatted(Files.size(file) / 1e6, before / 1e6));
    } catch (SQLException e) {
      say("The database file could not be rewritten: " + e.getMessage());
    }
  }

  /** What cannot be put right here is told with the assets it is of. */
  private void tell(Set<String> hashes, String what) {
    for (String hash : hashes) {
      say(
          what
              + ": "
              + String.join(", ", assets.namesOf(hash))
              + " ("
              + hash.substring(0, 16)
              + ")."
              + " Bring the file in again, or put a backup of it back.");
    }
  }

  private static void say(String line) {
    System.out.println(line);
  }
}

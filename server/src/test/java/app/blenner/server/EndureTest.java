package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

/**
 * A short round of {@link Endure}; {@code ./blenner endure} goes on for as long as it is told: {@code -Dblenner.minutes} or
 * {@code -Dblenner.kills}. The seed is told, and {@code -Dblenner.seed} brings it back.
 */
@Test(groups = TestDatabase.OF_THE_FILE)
public class EndureTest {
  private static final int SHORT_KILLS = 2;

  @Test
  public void whatWasConfirmedIsThere() throws Exception {
    long seed = Long.getLong("blenner.seed", System.currentTimeMillis() % 100_000);
    int kills = Integer.getInteger("blenner.kills", 0);
    int minutes = Integer.getInteger("blenner.minutes", 0);
    Path disk = Files.createTempDirectory("blenner-endure");
    boolean small = mounted(disk);
    try {
      long until =
          minutes == 0
              ? Long.MAX_VALUE
              : System.currentTimeMillis() + TimeUnit.MINUTES.toMillis(minutes);
      int most = kills > 0 ? kills : minutes > 0 ? Integer.MAX_VALUE : SHORT_KILLS;
      Endure.Counts counts = new Endure(disk.resolve("data"), seed).run(until, most, small);
      System.out.println("endure, seed " + seed + ": " + counts.line());
      counts.told().forEach(System.out::println);
      assertTrue(counts.answers() > 0, "nothing was going on");
      assertEquals(counts.told().toString(), "[]");
      assertTrue(counts.isGood(), counts.line());
    } finally {
      if (small) {
        new ProcessBuilder("umount", "-l", disk.toString()).start().waitFor();
      }
    }
  }

  /** A small disk of its own, that can be filled; where nobody may mount one, the disk stays as it is. */
  private static boolean mounted(Path disk) throws IOException, InterruptedException {
    return "root".equals(System.getProperty("user.name"))
        && new ProcessBuilder(
                    "mount",
                    "-t",
                    "tmpfs",
                    "-o",
                    "size=700m,mode=777",
                    "blenner-endure",
                    disk.toString())
                .start()
                .waitFor()
            == 0;
  }
}

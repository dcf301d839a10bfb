package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** A start is whole or refused: in one sentence, with what to do, an exit code, and nothing made or changed. */
@Test(groups = TestDatabase.OF_THE_FILE)
public class StartTest {
  /** A data folder with a site in it. */
  private static Path copy() throws IOException {
    Path to = Files.createTempDirectory("blenner-copy").resolve("data");
    DemoData.into(to);
    return to;
  }

  private static Map<String, String> bytes(Path folder) throws IOException {
    Map<String, String> out = new TreeMap<>();
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        if (!file.toString().contains("/log/")) {
          out.put(file.toString(), Arrays.hashCode(Files.readAllBytes(file)) + "");
        }
      }
    }
    return out;
  }

  private static void isRefused(Server server, String... words) throws Exception {
    assertNotEquals(server.ended(), 0);
    String said = server.said();
    for (String word : words) {
      assertTrue(said.contains(word), said);
    }
    assertEquals(said.strip().lines().count(), 1, "one sentence, no stack: " + said);
  }

  @Test
  public void aPortInUse() throws Exception {
    Path data = Files.createTempDirectory("blenner-port").resolve("data");
    try (ServerSocket other = new ServerSocket(0)) {
      int port = other.getLocalPort();
      isRefused(Server.begin(data, port), "Port " + port + " is in use", "--port");
    }
    assertFalse(Files.exists(data), "nothing was made");
  }

  @Test
  public void aFolderThatIsInUse() throws Exception {
    Path data = copy();
    try (Running first = Running.at("demo", data)) {
      isRefused(Server.begin(data, 0), "in use by another Blenner", "--data");
      assertEquals(first.visitor().get("/").status(), 200);
      String log = Files.readString(data.resolve("log/blenner.log"));
      assertTrue(log.contains("in use by another Blenner"), "the details are in the log");
      assertTrue(log.contains("StartRefused"), log);
    }
  }

  /** Whoever keeps data in order reads what it says by a program, too: beside success stands no error. */
  @Test
  public void verifyTellsWhatItFoundAndNothingElse() throws Exception {
    Path data = copy();
    Server verify = Server.begin(data, 0, "--blenner.verify=check");
    int ended = verify.ended();
    String said = verify.said();
    assertEquals(ended, 0, said);
    assertTrue(said.contains("The store is sound."), said);
    assertFalse(said.matches("(?s).*(ERROR|WARN|could not|closed).*"), said);
    try (Running again = Running.at("demo", data)) {
      assertEquals(again.visitor().get("/").status(), 200);
    }
  }

  @Test
  public void aFileWhereTheFolderShouldBe() throws Exception {
    Path file = Files.createTempFile("blenner", ".txt");
    isRefused(Server.begin(file.resolve("data"), 0), "cannot be made", "is a file");
    assertEquals(Files.size(file), 0);
  }

  @Test
  public void aDatabaseOfANewerBlenner() throws Exception {
    Path data = copy();
    try (Connection c =
        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("blenner"), "blenner", "")) {
      c.createStatement()
          .execute(
              "insert into \"flyway_schema_history\" select max(\"installed_rank\") + 1, '999', 'later', 'SQL',"
                  + " 'V999__later.sql', 1, 'blenner', now(), 1, true from \"flyway_schema_history\"");
    }
    Map<String, String> before = bytes(data);
    isRefused(Server.begin(data, 0), "of a newer Blenner", "left as it is");
    assertEquals(bytes(data), before);
  }

  @Test
  public void aDatabaseWithDamage() throws Exception {
    Path data = copy();
    Path file = data.resolve("blenner.mv.db");
    byte[] bytes = Files.readAllBytes(file);
    Arrays.fill(bytes, 0, bytes.length, (byte) 7);
    Files.write(file, bytes);
    Map<String, String> before = bytes(data);
    isRefused(Server.begin(data, 0), "is damaged or cannot be read", "backup");
    assertEquals(bytes(data), before);
  }

  @Test
  public void aPortThatIsNone() throws Exception {
    Path data = Files.createTempDirectory("blenner-port").resolve("data");
    isRefused(Server.begin(data, 70_000), "There is no port 70000");
    assertFalse(Files.exists(data));
  }

  /** A first start of the demo takes seconds; whoever asks meanwhile is answered by the whole site or not at all. */
  @Test
  public void nothingIsAnsweredBeforeTheSiteIsReady() throws Exception {
    Path data = Files.createTempDirectory("blenner-first");
    int port = Server.freePort();
    Server server = Server.begin(data, port);
    try {
      for (int i = 0; i < 3_000; i++) {
        try {
          Answer first = Running.elsewhere(port).visitor().get("/editor/api/session");
          assertEquals(first.status(), 200);
          assertFalse(first.json().path("needsFirstAccount").asBoolean(), first.text());
          assertTrue(first.text().contains("ilse"), first.text());
          return;
        } catch (IllegalStateException notYet) {
          Waiting.letPass(Duration.ofMillis(20), "between two looks");
        }
      }
      throw new AssertionError(server.said());
    } finally {
      server.kill();
    }
  }

  /** Under load H2's file grows far beyond what is in it; a start after a kill writes it again, and nothing is missing. */
  @Test
  public void aDatabaseThatGrewIsWrittenAnew() throws Exception {
    Path data = copy();
    int port = Server.freePort();
    Server server = Server.started(data, port);
    java.util.Random random = new java.util.Random(5);
    Running.Visitor who = Running.elsewhere(port).signedIn("ilse");
    String key = Items.begin(who);
    Path file = data.resolve("blenner.mv.db");
    String last = "";
    for (int i = 0; i < 600 && Files.size(file) < 10_000_000; i++) {
      StringBuilder words = new StringBuilder("<p>" + i);
      for (int n = 0; n < 60_000; n++) {
        words.append(' ').append(Integer.toString(random.nextInt(1 << 20), 36));
      }
      last = words.append("</p>").toString();
      assertEquals(Items.save(who, key, Items.content("Grows", "s", last, "", null)).status(), 200);
    }
    server.kill();
    long before = Files.size(file);
    Server again = Server.started(data, port);
    try {
      long after = Files.size(file);
      assertTrue(before < 8_000_000 || after < before / 2, before + " became " + after);
      assertEquals(
          Items.view(Running.elsewhere(port).signedIn("ilse"), key)
              .path("content")
              .path("body")
              .asString(),
          last);
    } finally {
      again.kill();
    }
  }

  /** Whoever ends it in order finds lists at the next start as they were, and nothing to be compared. */
  @Test
  public void anOrderlyEndLeavesAnIndexThatIsBelieved() throws Exception {
    Path data = Files.createTempDirectory("blenner-orderly").resolve("data");
    Server server = Server.started(data, Server.freePort());
    server.endInOrder();
    assertTrue(Files.exists(data.resolve("index/orderly")), server.said());
    assertFalse(server.said().contains("will be compared"), server.said());
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.file.ScannerStandIn;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** How much may be kept, and who looks at files that come in. */
public class StorageTest {
  private static final String STORAGE = "/editor/api/storage";
  private static final String API = "/editor/api/assets";

  private ScannerStandIn scanner;
  private Running running;
  private Visitor editor;
  private Visitor writer;

  @BeforeClass
  public void start() throws IOException {
    scanner = new ScannerStandIn();
    running =
        Running.at(
            "demo",
            Files.createTempDirectory("blenner-test"),
            "--blenner.scanner=localhost:" + scanner.port());
    editor = running.signedIn("ilse");
    writer = running.signedIn("bram");
  }

  @AfterMethod
  public void noLimits() {
    scanner.says("");
    assertEquals(limit(0, 0).status(), 200);
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws IOException {
    running.close();
    scanner.close();
  }

  private Answer limit(long site, long person) {
    return editor.put(STORAGE, "{\"site\":" + site + ",\"person\":" + person + "}");
  }

  /** A text of so many bytes that nobody has sent before. */
  private Answer send(Visitor by, String name, int bytes, String words) {
    String text = words + " ".repeat(Math.max(0, bytes - words.length()));
    return by.bringIn(API, name, text.getBytes(StandardCharsets.UTF_8), false);
  }

  @Test
  public void aPersonsShareIsToldBeforeItIsFullAndRefusedAfterwards() {
    long before = writer.get(STORAGE).json().path("usedByYou").asLong();
    assertEquals(before, 0);
    assertEquals(limit(0, 1).status(), 200);
    assertEquals(send(writer, "one.txt", 500_000, "one").status(), 201);
    assertEquals(writer.get(STORAGE).json().path("warning").asString(), "");
    assertEquals(send(writer, "two.txt", 350_000, "two").status(), 201);
    JsonNode now = writer.get(STORAGE).json();
    assertEquals(now.path("usedByYou").asLong(), 850_000);
    assertEquals(
        now.path("warning").asString(),
        "Your share of the storage is nearly full: 850 kB of 1.0 MB are used.");
    Answer refused = send(writer, "three.txt", 200_000, "three");
    assertEquals(refused.status(), 507, refused.text());
    assertTrue(
        refused.sentence().startsWith("Your share of the storage is full: 850 kB of 1.0 MB"),
        refused.sentence());
    // What is there already needs no room, and others have their own share.
    assertEquals(writer.get(STORAGE).json().path("usedByYou").asLong(), 850_000);
    assertEquals(send(editor, "three.txt", 200_000, "three").status(), 201);
    assertEquals(limit(0, 0).status(), 200);
    assertEquals(send(writer, "four.txt", 300_000, "four").status(), 201);
  }

  @Test
  public void theSiteHasALimitToo() {
    long used = editor.get(STORAGE).json().path("usedBySite").asLong();
    assertTrue(used > 100_000, "the demo's pictures");
    long limit = (used / 1_000_000 + 2) * 1_000_000;
    assertEquals(limit(limit / 1_000_000, 0).status(), 200);
    int more = (int) (limit * 85 / 100 - used);
    if (more > 0) {
      assertEquals(send(editor, "fill.txt", more, "fill").status(), 201);
    }
    assertTrue(writer.get(STORAGE).json().path("warning").asString().startsWith("The site’s"));
    Answer refused = send(writer, "large.txt", 2_000_001, "large");
    assertEquals(refused.status(), 507);
    assertTrue(refused.sentence().startsWith("The site’s storage is full"), refused.sentence());
  }

  @Test
  public void onlyWhoMaySetsIt() {
    assertEquals(writer.put(STORAGE, "{\"site\":1,\"person\":1}").status(), 403);
    Answer wrong = editor.put(STORAGE, "{\"site\":-1,\"person\":0}");
    assertEquals(wrong.status(), 422, wrong.text());
    assertTrue(wrong.sentence().contains("from 0"), wrong.sentence());
  }

  /** The test file that makers of scanners agreed on. */
  @Test
  public void whatTheScannerFindsIsNotTakenIn() {
    int asked = scanner.asked();
    Answer refused = send(writer, "invoice.txt", 0, ScannerStandIn.EICAR);
    assertEquals(refused.status(), 422, refused.text());
    assertEquals(
        refused.sentence(),
        "“invoice.txt” was not taken in: the scanner found malicious software in it.");
    assertTrue(scanner.asked() > asked);
    assertEquals(editor.get(API + "/found?words=invoice").json().path("total").asInt(), 0, "kept");
    assertEquals(send(writer, "clean.txt", 200_000, "clean").status(), 201);
  }

  @Test
  public void aScannerThatDoesNotSayLetsNothingIn() {
    for (String said : new String[] {"nothing", "INSTREAM size limit exceeded. ERROR"}) {
      scanner.says(said);
      Answer refused = send(writer, "later.txt", 10, "later " + said);
      assertEquals(refused.status(), 503, said);
      assertTrue(refused.sentence().contains("Try again later"), refused.sentence());
    }
    scanner.says("");
    assertEquals(send(writer, "later.txt", 10, "later").status(), 201);
  }
}

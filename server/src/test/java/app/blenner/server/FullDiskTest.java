package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.file.StoreCheck;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A disk of its own for the files, small enough to be full. Mounting one takes root, or sudo. */
public class FullDiskTest {
  private static final String API = "/editor/api/assets";

  private Path files;
  private Running running;

  private static void run(String... command) throws Exception {
    List<String> all = new ArrayList<>(List.of(command));
    if (!"root".equals(System.getProperty("user.name"))) {
      all.add(0, "sudo");
    }
    Process process = new ProcessBuilder(all).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes());
    assertEquals(process.waitFor(), 0, String.join(" ", all) + ": " + said);
  }

  @BeforeClass
  public void start() throws Exception {
    Path data = Files.createTempDirectory("blenner-full");
    files = Files.createDirectories(data.resolve("files"));
    try {
      run("mount", "-t", "tmpfs", "-o", "size=16m,mode=777", "blenner-files", files.toString());
    } catch (AssertionError | IOException mayNot) {
      throw new SkipException("Nobody may mount a disk here: " + mayNot.getMessage());
    }
    running = Running.at("demo", data);
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws Exception {
    if (running != null) {
      running.close();
      run("umount", files.toString());
    }
  }

  @Test
  public void itIsToldInWordsNothingIsHalfKeptAndWithRoomItGoesOn() throws Exception {
    Visitor editor = running.signedIn("ilse");
    Visitor reader = running.visitor();
    Path filler = files.resolve("filler");
    try (OutputStream out = Files.newOutputStream(filler)) {
      byte[] much = new byte[64 * 1024];
      while (true) {
        out.write(much);
      }
    } catch (IOException full) {
      // Until it is.
    }
    byte[] words = new byte[700_000];
    Random random = new Random(4);
    for (int i = 0; i < words.length; i++) {
      words[i] = (byte) ('a' + random.nextInt(26));
    }
    int before = total(editor);
    for (int i = 0; i < 3; i++) {
      Answer refused = editor.bringIn(API, "many words.txt", words, false);
      assertEquals(refused.status(), 507, refused.text());
      assertTrue(refused.sentence().contains("disk is full"), refused.sentence());
    }
    Answer replaced =
        editor.bringIn(API + "/red-torch.jpg/file", "other.png", Pngs.of(1200, 900, 7), false);
    assertEquals(replaced.status(), 507, replaced.text());
    assertEquals(total(editor), before);
    assertEquals(reader.get("/").status(), 200);
    String key = Items.begin(editor);
    assertEquals(
        Items.save(editor, key, Items.content("Goes on", "s", "<p>x</p>", "visit", "goes-on"))
            .status(),
        200);
    Files.delete(filler);
    StoreCheck check = running.bean(StoreCheck.class);
    assertTrue(check.check(false).isSound(), check.check(false).toString());
    try (Stream<Path> left = Files.list(files.resolve("coming"))) {
      assertEquals(left.count(), 0, "what was half there is gone");
    }
    assertEquals(editor.bringIn(API, "many words.txt", words, false).status(), 201);
    assertTrue(check.check(false).isSound());
  }

  private static int total(Visitor editor) {
    return editor.get(API + "/found").json().path("total").asInt();
  }
}

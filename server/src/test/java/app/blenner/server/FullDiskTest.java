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
@Test(groups = TestDatabase.OF_THE_FILE)
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

  @BeforeClass(alwaysRun = true)
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
      run("umount", "-l", files.toString());
    }
  }

  @Test
  public void itIsToldInWordsNothingIsHalfKeptAndWithRoomItGoesOn() throws Exception {
    Visitor editor = running.signedIn("ilse");
    Visitor reader = running.visitor();
    Path filler = files.resolve("filler");
    fill(filler);
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

  private static void fill(Path filler) throws IOException {
    try (OutputStream out = Files.newOutputStream(filler)) {
      byte[] much = new byte[4096];
      while (true) {
        out.write(much);
      }
    } catch (IOException full) {
      // Until it is.
    }
  }

  private Path disk(String size) throws Exception {
    Path disk = Files.createTempDirectory("blenner-disk");
    try {
      run(
          "mount",
          "-t",
          "tmpfs",
          "-o",
          "size=" + size + ",mode=777",
          "blenner-disk",
          disk.toString());
    } catch (AssertionError | IOException mayNot) {
      throw new SkipException("Nobody may mount a disk here: " + mayNot.getMessage());
    }
    return disk;
  }

  /** The database has to stop writing, and to begin again, without anybody starting the server again. */
  @Test
  public void aDatabaseWithoutRoomIsToldInWordsAndGoesOnWithRoom() throws Exception {
    Path disk = disk("96m");
    try (Running own = Running.at("demo", disk.resolve("data"))) {
      writesAgain(
          own, () -> fill(disk.resolve("filler")), () -> Files.delete(disk.resolve("filler")), 507);
    } finally {
      run("umount", "-l", disk.toString());
    }
  }

  /** While there is still room to save, and once there is none. */
  @Test
  public void thoseWhoLookAfterTheSiteAreWarnedBefore() throws Exception {
    Path disk = disk("96m");
    try (Running own = Running.at("demo", disk.resolve("data"))) {
      Visitor editor = own.signedIn("ilse");
      assertEquals(warning(editor), "");
      long free = Files.getFileStore(disk).getUsableSpace();
      Files.write(disk.resolve("much"), new byte[(int) (free - 6_000_000)]);
      assertTrue(warning(editor).contains("nearly full: "), warning(editor));
      String key = Items.begin(editor);
      assertEquals(
          Items.save(editor, key, Items.content("Still", "s", "<p>x</p>", "visit", null)).status(),
          200);
      fill(disk.resolve("filler"));
      assertTrue(warning(editor).contains("disk is full"), warning(editor));
      Files.delete(disk.resolve("filler"));
      Files.delete(disk.resolve("much"));
      assertEquals(warning(editor), "");
    } finally {
      run("umount", "-l", disk.toString());
    }
  }

  private static String warning(Visitor editor) {
    return editor.get("/editor/api/warning").json().path("sentence").asString();
  }

  @Test
  public void aFolderThatTurnsReadOnlyIsToldInWordsAndGoesOnWhenItIsNot() throws Exception {
    Visitor editor = running.signedIn("ilse");
    byte[] words = "Words of a file.".getBytes();
    int before = total(editor);
    run("mount", "-o", "remount,ro", files.toString());
    try {
      Answer refused = editor.bringIn(API, "read only.txt", words, false);
      assertEquals(refused.status(), 507, refused.text());
      assertEquals(total(editor), before);
      assertEquals(running.visitor().get("/").status(), 200);
    } finally {
      run("mount", "-o", "remount,rw", files.toString());
    }
    assertEquals(editor.bringIn(API, "read only.txt", words, false).status(), 201);
  }

  private interface Step {
    void take() throws Exception;
  }

  private static void writesAgain(Running own, Step close, Step open, int status) throws Exception {
    Visitor editor = own.signedIn("ilse");
    Visitor reader = own.visitor();
    assertEquals(reader.get("/").status(), 200);
    String key = Items.begin(editor);
    close.take();
    int refused = 0;
    for (int i = 0; i < 60; i++) {
      String body = "<p>" + ("word " + i + " ").repeat(20_000) + "</p>";
      Answer save = Items.save(editor, key, Items.content("T" + i, "s", body, "visit", "t-" + i));
      if (save.status() != 200) {
        refused++;
        assertEquals(save.status(), status, save.text());
        assertTrue(save.sentence().contains("disk is full"), save.sentence());
      }
      assertEquals(reader.get("/").status(), 200);
      assertEquals(reader.get("/research/thirty-years-of-readings").status(), 200);
    }
    assertTrue(refused > 0, "the disk was never full");
    open.take();
    String written = key;
    Waiting.until(
        "it writes again",
        () ->
            Items.save(
                        editor,
                        written,
                        Items.content("With room", "s", "<p>x</p>", "visit", "room"))
                    .status()
                == 200);
    assertEquals(
        own.signedIn("ilse")
            .get("/editor/api/items/" + key)
            .json()
            .path("content")
            .path("title")
            .asString(),
        "With room");
  }

  private static int total(Visitor editor) {
    return editor.get(API + "/found").json().path("total").asInt();
  }
}

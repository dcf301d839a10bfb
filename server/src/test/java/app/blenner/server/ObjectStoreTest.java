package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.file.StoreCheck;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Files in an object store: S3Proxy, which speaks S3 and keeps objects in a folder. */
public class ObjectStoreTest {
  private Path folder;
  private Path bucket;
  private Process proxy;
  private Running running;
  private int port;

  @BeforeClass
  public void start() throws Exception {
    folder = Files.createTempDirectory("blenner-objects");
    bucket = Files.createDirectories(folder.resolve("objects/site"));
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    startProxy();
    running = started();
  }

  private void startProxy() throws Exception {
    Path settings = folder.resolve("s3proxy.conf");
    Files.writeString(
        settings,
        """
        s3proxy.endpoint=http://127.0.0.1:%d
        s3proxy.authorization=aws-v2-or-v4
        s3proxy.identity=us
        s3proxy.credential=secret
        jclouds.provider=filesystem
        jclouds.identity=any
        jclouds.credential=any
        jclouds.filesystem.basedir=%s
        """
            .formatted(port, folder.resolve("objects")));
    proxy =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                "-jar",
                "target/s3proxy.jar",
                "--properties",
                settings.toString())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("s3proxy.log").toFile())
            .start();
    for (int i = 0; i < 300; i++) {
      try {
        new Socket("127.0.0.1", port).close();
        return;
      } catch (IOException e) {
        Waiting.letPass(Duration.ofMillis(100), "between two looks");
      }
    }
    throw new AssertionError(Files.readString(folder.resolve("s3proxy.log")));
  }

  private Running started() {
    return Running.at(
        "demo",
        folder.resolve("data"),
        "--blenner.store=s3",
        "--blenner.s3.endpoint=http://127.0.0.1:" + port,
        "--blenner.s3.bucket=site",
        "--blenner.s3.key=us",
        "--blenner.s3.secret=secret");
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws Exception {
    if (running != null) {
      running.close();
    }
    proxy.destroy();
    proxy.waitFor(10, TimeUnit.SECONDS);
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path p : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(p);
      }
    }
  }

  private List<String> objects() throws IOException {
    try (Stream<Path> all = Files.list(bucket)) {
      return all.map(p -> p.getFileName().toString()).filter(n -> n.length() == 64).toList();
    }
  }

  @Test
  public void filesGoIntoTheBucketAndComeOutOfItAfterEverythingHereIsGone() throws Exception {
    assertTrue(objects().size() >= 10, "the demo's files are there");
    Visitor editor = running.signedIn("ilse");
    byte[] words = "name,depth\nwall,3\n".getBytes();
    Answer added = editor.bringIn("/editor/api/assets", "depths.csv", words, false);
    assertEquals(added.status(), 201, added.text());
    String url = added.json().path("asset").path("url").asString();
    String torch =
        editor.get("/editor/api/assets/red-torch.jpg").json().path("asset").path("tile").asString();
    assertEquals(editor.get(torch).status(), 200);
    assertTrue(running.bean(StoreCheck.class).check(false).isSound());
    running.close();
    Path near = folder.resolve("data/near");
    try (Stream<Path> all = Files.list(near)) {
      for (Path p : all.toList()) {
        Files.delete(p);
      }
    }
    running = started();
    editor = running.signedIn("ilse");
    assertEquals(editor.bytes(url), words);
    assertEquals(editor.get(torch).status(), 200);
  }

  @Test(dependsOnMethods = "filesGoIntoTheBucketAndComeOutOfItAfterEverythingHereIsGone")
  public void whatIsLostThereIsToldAndWhatIsLeftOverThrownAway() throws Exception {
    StoreCheck check = running.bean(StoreCheck.class);
    String orphan = "f".repeat(64);
    Files.writeString(bucket.resolve(orphan), "left over");
    StoreCheck.Result found = check.check(true);
    assertEquals(found.orphans().toString(), "[" + orphan + "]");
    assertFalse(objects().contains(orphan));
    assertTrue(check.check(false).isSound());
  }

  @Test(dependsOnMethods = "whatIsLostThereIsToldAndWhatIsLeftOverThrownAway")
  public void whileTheStoreIsAwayNothingIsHalfKept() throws Exception {
    Visitor editor = running.signedIn("ilse");
    proxy.destroy();
    proxy.waitFor();
    int before = objects().size();
    Answer refused =
        editor.bringIn("/editor/api/assets", "while away.csv", "a,b\n".getBytes(), false);
    assertTrue(refused.status() >= 500, refused.text());
    assertEquals(
        editor.get("/editor/api/assets/found?words=while").json().path("total").asInt(), 0);
    startProxy();
    assertEquals(objects().size(), before);
    assertEquals(
        editor.bringIn("/editor/api/assets", "while away.csv", "a,b\n".getBytes(), false).status(),
        201);
    assertTrue(running.bean(StoreCheck.class).check(false).isSound());
  }
}

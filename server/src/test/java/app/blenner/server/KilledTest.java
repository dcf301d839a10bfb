package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import app.blenner.server.file.StoreCheck;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A server that is killed at any moment leaves a store that agrees with its database. */
public class KilledTest {
  private static final String API = "/editor/api/assets";

  private interface Work {
    void once(Visitor who, int n) throws Exception;
  }

  @Test
  public void whateverWasGoingOnTheStoreIsSound() throws Exception {
    // Another moment each time; it is told.
    int millis = 200 + new Random().nextInt(1500);
    System.out.println("killed after " + millis + " ms");
    Path data = Files.createTempDirectory("blenner-killed");
    int port = Server.freePort();
    Server server = Server.started(data, port);
    byte[] whole = Running.elsewhere(port).signedIn("ilse").bytes("/editor/api/archive/site");
    AtomicInteger done = new AtomicInteger();
    Random random = new Random(millis);
    List<Work> works =
        List.of(
            (who, n) ->
                who.bringIn(
                    API, "stone " + n + ".png", Pngs.of(500 + n, 400, random.nextInt()), false),
            (who, n) ->
                who.bringIn(
                    API + "/red-torch.jpg/file",
                    "other.png",
                    Pngs.of(900 + n % 7, 600, random.nextInt()),
                    false),
            (who, n) -> {
              JsonNode found = who.get(API + "/found?kind=PICTURE").json().path("assets");
              for (JsonNode f : found) {
                who.bytes(f.path("asset").path("square").asString());
              }
            },
            (who, n) -> {
              JsonNode earlier = who.get(API + "/red-torch.jpg").json().path("earlier");
              if (!earlier.isEmpty()) {
                who.post(API + "/red-torch.jpg/earlier/" + earlier.get(0).path("id").asInt(), "{}");
              }
            },
            (who, n) -> {
              if (n % 3 == 1) {
                who.file("/editor/api/archive/site", "site.zip", whole);
              }
            });
    List<Thread> hands = new ArrayList<>();
    for (Work work : works) {
      Visitor who = Running.elsewhere(port).signedIn("ilse");
      Thread hand =
          new Thread(
              () -> {
                try {
                  for (int n = 0; ; n++) {
                    work.once(who, n);
                    done.incrementAndGet();
                  }
                } catch (Exception | AssertionError gone) {
                  // The server was killed.
                }
              });
      hand.start();
      hands.add(hand);
    }
    Waiting.letPass(Duration.ofMillis(millis), "a kill comes at any moment");
    server.kill();
    for (Thread hand : hands) {
      hand.join(10_000);
    }
    assertTrue(done.get() > 0, "nothing was going on");
    try (Running again = Running.at("demo", data)) {
      StoreCheck check = again.bean(StoreCheck.class);
      StoreCheck.Result found = check.check(true);
      assertEquals(found.missing().toString(), "[]");
      assertEquals(found.changed().toString(), "[]");
      assertTrue(check.check(false).isSound());
      Visitor who = again.signedIn("ilse");
      for (JsonNode f : who.get(API + "/found").json().path("assets")) {
        String url = f.path("asset").path("url").asString();
        assertEquals(who.get(url).status(), 200, url);
      }
    }
  }
}

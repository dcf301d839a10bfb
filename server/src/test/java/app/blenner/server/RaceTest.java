package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every changing operation of the interface's own description, by two and by ten people in the same moment. Nobody is told
 * that Blenner made a mistake, and no more of them are told "done" than did it.
 */
public class RaceTest {
  private final Running running = Running.fresh("demo");
  private final RaceTable prepared = new ItemRaces(running);
  private final Visitor editor = running.signedIn("ilse");
  private final List<Visitor> people = new ArrayList<>();
  private final ExecutorService hands = Executors.newFixedThreadPool(10);
  private final Map<String, RaceTable.Race> races = new LinkedHashMap<>();

  @BeforeClass
  public void prepare() {
    races.putAll(prepared.all());
    races.putAll(new SiteRaces(running).all());
    races.putAll(new WritingRaces(running).all());
    for (int i = 0; i < 10; i++) {
      people.add(running.signedIn("ilse"));
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    hands.shutdownNow();
    running.close();
  }

  /** Those that send a file, or are of one person's own session, have their tests elsewhere: Restore-, Import-, Account-, PasskeyTest. */
  private static final Set<String> ELSEWHERE =
      Set.of(
          "POST /editor/api/archive/site",
          "POST /editor/api/intake/file",
          "POST /editor/api/session",
          "DELETE /editor/api/session",
          "POST /editor/api/session/passkey",
          "POST /editor/api/session/passkey/offer",
          "POST /editor/api/me/passkeys",
          "POST /editor/api/me/passkeys/offer",
          "POST /editor/api/me/passkeys/removal",
          "DELETE /editor/api/me/sign-ins");

  @Test
  public void noOperationIsForgotten() {
    Set<String> missing = new TreeSet<>(Described.changing());
    missing.removeAll(races.keySet());
    missing.removeAll(ELSEWHERE);
    assertEquals(missing.toString(), "[]");
  }

  /** The revision that all of them see before they begin: a change that builds on another is told what there is. */
  private static String seen(String operation, Visitor who, RaceTable.Call call) {
    return Described.ifMatch().contains(operation)
        ? who.on("none")
            .send(call.method(), call.path(), call.body())
            .json()
            .path("revision")
            .asString("none")
        : "";
  }

  @DataProvider
  Object[][] byTwoAndTen() {
    List<Object[]> out = new ArrayList<>();
    for (String operation : races.keySet()) {
      out.add(new Object[] {operation, 2});
      out.add(new Object[] {operation, 10});
    }
    return out.toArray(Object[][]::new);
  }

  @Test(dataProvider = "byTwoAndTen")
  public void nobodyIsToldAMistakeOrAnUntruth(String operation, int many) throws Exception {
    RaceTable.Race race = races.get(operation);
    RaceTable.Hand hand = race.start().begin();
    CyclicBarrier barrier = new CyclicBarrier(many);
    List<Future<Answer>> answers = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      Visitor who = people.get(i);
      RaceTable.Call call = hand.of(i);
      String seen = seen(operation, who, call);
      answers.add(
          hands.submit(
              () -> {
                barrier.await();
                return (seen.isEmpty() ? who : who.on(seen))
                    .send(call.method(), call.path(), call.body());
              }));
    }
    int done = 0;
    for (Future<Answer> f : answers) {
      Answer a = f.get();
      assertTrue(a.status() < 500, operation + ": " + a.status() + " " + a.text());
      if (a.status() < 300) {
        done++;
      } else if (operation.startsWith("POST /editor") || operation.startsWith("PUT")) {
        assertTrue(a.sentence().length() > 15, operation + ": " + a.text());
      }
    }
    if (race.winners() != RaceTable.ANY) {
      assertEquals(done, race.winners(), operation + " by " + many);
    }
  }

  @Test
  public void anAddressIsHadByOne() throws Exception {
    List<String> keys = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      keys.add(prepared.item());
    }
    String slug = prepared.fresh().replace(' ', '-');
    CyclicBarrier barrier = new CyclicBarrier(10);
    List<Future<Answer>> answers = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      Visitor who = people.get(i);
      String key = keys.get(i);
      String body = prepared.save(key, "T", slug);
      answers.add(
          hands.submit(
              () -> {
                barrier.await();
                return who.send("PUT", RaceTable.API + "/items/" + key, body);
              }));
    }
    int had = 0;
    for (Future<Answer> f : answers) {
      Answer a = f.get();
      assertEquals(a.status(), 200, a.text());
      JsonNode state = a.json();
      had += state.toString().contains("is taken by") ? 0 : 1;
    }
    assertEquals(had, 1, "the others are told who has it");
  }

  /** Two change different settings of the site at once, and both are kept. */
  @Test
  public void whatTwoSetIsBothKept() throws Exception {
    ObjectNode external = (ObjectNode) editor.get(RaceTable.API + "/site/external").json();
    for (int round = 0; round < 5; round++) {
      String name = "Name " + round;
      external.put("contactAddress", "round" + round + "@example.org");
      CyclicBarrier barrier = new CyclicBarrier(2);
      Future<Answer> one =
          hands.submit(
              () -> {
                barrier.await();
                return people
                    .get(0)
                    .put(
                        RaceTable.API + "/site",
                        RaceTable.with("name", name, "tagline", "", "language", "en").toString());
              });
      Future<Answer> other =
          hands.submit(
              () -> {
                barrier.await();
                return people.get(1).put(RaceTable.API + "/site/external", external.toString());
              });
      assertEquals(one.get().status(), 200, one.get().text());
      assertEquals(other.get().status(), 200, other.get().text());
      assertEquals(editor.get(RaceTable.API + "/site").json().path("name").asString(), name);
      assertEquals(
          editor.get(RaceTable.API + "/site/external").json().path("contactAddress").asString(),
          "round" + round + "@example.org");
    }
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Whoever changes what is there says which state they saw, and is told what it has become where it is another. Source: RFC
 * 9110, section 13.1.1 (If-Match), and RFC 6585, section 3 (428).
 */
public class RevisionTest {
  /** Operations that build on no state that others could change meanwhile, and why. */
  private static final Map<String, String> NONE_NEEDED = new LinkedHashMap<>();

  static {
    for (String item :
        new String[] {
          "PUT /editor/api/items/{key}",
          "POST /editor/api/items/{key}/actions/{action}",
          "POST /editor/api/items/{key}/fixes",
          "POST /editor/api/items/{key}/resolution"
        }) {
      NONE_NEEDED.put(item, "An item’s revision counts, and is in what is sent.");
    }
    for (String sentence :
        new String[] {
          "PUT /editor/api/me/password: Whoever knows the one there is may give another.",
          "PUT /editor/api/me/second-factor: It is turned on with a code of the secret itself.",
          "PUT /editor/api/me/settings/{setting}: How one person arranged their screen last.",
          "DELETE /editor/api/me/settings/{setting}: How one person arranged their screen last.",
          "DELETE /editor/api/me/settings: How one person arranged their screen last.",
          "DELETE /editor/api/me/sign-ins: They have all ended.",
          "DELETE /editor/api/me/sign-ins/{id}: It has ended, or had already.",
          "DELETE /editor/api/people/{id}/sign-ins: They have all ended.",
          "DELETE /editor/api/people/{id}/second-factor: It is off, or it was off already.",
          "POST /editor/api/people/{id}/link: A link of its own each time.",
          "DELETE /editor/api/session: One’s own.",
          "PUT /editor/api/looking: A switch of what runs now; each says how it is to be.",
          "DELETE /editor/api/report: It has stopped, or had already.",
          "DELETE /editor/api/rules/trials/{id}: It has stopped, or had already.",
          "POST /editor/api/bulk/{id}/stop: It has stopped, or had already.",
          "POST /editor/api/bulk/{id}/undo: Taken back once.",
          "POST /editor/api/archive/standing/{id}/stop: It has stopped, or had already.",
          "POST /editor/api/archive/before/{name}: The whole site, after a question.",
          "POST /editor/api/outside/{id}/asked: Asks once more.",
          "POST /editor/api/outlines/{id}/copy: Makes another.",
          "POST /editor/api/items/{key}/copy: Makes another.",
          "POST /editor/api/items/{key}/leaving: Takes away what is empty, and nothing else.",
          "POST /editor/api/items/{key}/comparison: Changes nothing.",
          "POST /editor/api/items/{key}/rules-tried: Changes nothing.",
          "POST /editor/api/items/{key}/notebook: Adds a line.",
          "POST /editor/api/items/{key}/notebook/terms: Changes nothing.",
          "POST /editor/api/items/{key}/dismissals: The first reason stays; whoever is second is told.",
          "DELETE /editor/api/items/{key}/dismissals/{finding}: Nothing is left out any more.",
          "POST /editor/api/site/sections/{slug}/giving-up: The first says where to; others are told.",
          "POST /site/contact/{key}/{number}: Adds a message.",
        }) {
      String[] parts = sentence.split(": ", 2);
      NONE_NEEDED.put(parts[0], parts[1]);
    }
  }

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Map<String, RaceTable.Race> calls = new LinkedHashMap<>();

  @BeforeClass
  public void prepare() {
    calls.putAll(new ItemRaces(running).all());
    calls.putAll(new SiteRaces(running).all());
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  /** Whatever is added later has to say it too, or why not. What is begun new, at an address without a name in it, need not. */
  @Test
  public void everyChangeOfSomethingSaysOnWhichStateItBuilds() {
    Set<String> open = new TreeSet<>();
    for (String operation : Described.changing()) {
      if (operation.contains("{") || operation.startsWith("PUT") || operation.startsWith("DEL")) {
        open.add(operation);
      }
    }
    open.removeAll(Described.ifMatch());
    Set<String> forgotten = new TreeSet<>(open);
    forgotten.removeAll(NONE_NEEDED.keySet());
    assertEquals(forgotten.toString(), "[]", "they wipe out what others did");
    Set<String> needless = new TreeSet<>(NONE_NEEDED.keySet());
    needless.removeAll(open);
    assertEquals(needless.toString(), "[]", "there is no such operation, or it says so");
  }

  @DataProvider
  Object[][] thatSay() {
    return Described.ifMatch().stream()
        // They need a file that was sent; UploadTest has theirs.
        .filter(o -> !o.equals("POST /editor/api/assets/chosen") && !o.endsWith("{name}/file"))
        .map(o -> new Object[] {o})
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "thatSay")
  public void anOldStateIsToldTheNewOne(String operation) {
    RaceTable.Hand hand = calls.get(operation).start().begin();
    RaceTable.Call first = hand.of(0);
    Answer silent = send(editor.on(""), first);
    assertEquals(silent.status(), 428, silent.text());
    assertTrue(silent.sentence().contains("which revision"), silent.sentence());
    Answer weak = editor.on("x").send(first.method(), first.path(), first.body());
    assertEquals(weak.status(), 409, weak.text());
    String now = weak.json().path("revision").asString();
    assertEquals(weak.json().at("/theirs/revision").asString(), now, weak.text());
    assertTrue(weak.sentence().startsWith("Somebody else changed "), weak.sentence());
    Answer done = send(editor.on(now), first);
    assertTrue(done.status() < 300, done.status() + done.text());
    Answer late = send(editor.on(now), hand.of(1));
    assertTrue(late.status() == 409 || late.status() == 404, late.status() + late.text());
  }

  private static Answer send(Visitor who, RaceTable.Call call) {
    return who.send(call.method(), call.path(), call.body());
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Rules set for the site: what writers then see, who may go on in spite of them, and what they mean for what is live. */
public class RulesSetTest {
  private static final String RULES = "/editor/api/rules";

  private final Running running = Running.fresh("demo");
  private final Visitor ilse = running.signedIn("ilse");
  private final Visitor tove = running.signedIn("tove");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @AfterMethod(alwaysRun = true)
  public void asTheyCome() {
    set("");
  }

  private static String rule(String id, String weight, String overrule) {
    return rule(id, weight, "{}", "[]", "", overrule);
  }

  private static String rule(
      String id, String weight, String numbers, String words, String wording, String overrule) {
    String said = weight == null ? "null" : "\"" + weight + "\"";
    return "{\"rule\":\"%s\",\"weight\":%s,\"numbers\":%s,\"words\":%s,\"wording\":\"%s\",\"overrule\":\"%s\"}"
        .formatted(id, said, numbers, words, wording, overrule);
  }

  private String input(String... rules) {
    return "{\"kinds\":[{\"kind\":\"article\",\"rules\":[%s]}]}".formatted(String.join(",", rules));
  }

  private Answer set(String... rules) {
    return ilse.put(RULES, rules.length == 1 && rules[0].isEmpty() ? input() : input(rules));
  }

  private static String item(Visitor who, String title, String body) {
    String key = Items.begin(who);
    Items.save(who, key, Items.content(title, "A summary.", body, "visit", null));
    return key;
  }

  private static JsonNode found(Visitor who, String key, String rule) {
    for (JsonNode f : Items.view(who, key).at("/state/findings")) {
      if (f.at("/rule").asString().equals(rule)) {
        return f;
      }
    }
    return null;
  }

  private static Answer leave(Visitor who, String key, JsonNode finding, String reason) {
    return who.post(
        "/editor/api/items/" + key + "/dismissals",
        "{\"finding\":\"" + finding.at("/id").asString() + "\",\"reason\":\"" + reason + "\"}");
  }

  @Test
  public void whatIsRequiredHoldsAnItemUntilWhoeverMayPutsUpWithIt() {
    String key = item(tove, "Held", "<ul><li>alone</li></ul>");
    assertEquals(found(tove, key, "list-of-one").at("/level").asString(), "LOOK");
    assertTrue(found(tove, key, "list-of-one").at("/mayLeave").asBoolean());
    String own = "Our lists have two points at least.";
    assertEquals(set(rule("list-of-one", "REQUIRED", "{}", "[]", own, "EDITORS")).status(), 200);
    JsonNode held = found(tove, key, "list-of-one");
    assertEquals(held.at("/level").asString(), "MUST_FIX");
    assertEquals(held.at("/why").asString(), own);
    assertFalse(held.at("/mayLeave").asBoolean());
    assertEquals(
        leave(tove, key, held, "because").sentence(), "Only an editor can leave this as it is.");
    Items.act(tove, key, "HAND_ON");
    Answer refused = Items.act(ilse, key, "PUT_LIVE");
    assertEquals(refused.status(), 409, refused.text());
    assertTrue(leave(ilse, key, held, " ").sentence().contains("in a few words"));
    long revision = Items.revision(ilse, key);
    JsonNode left = leave(ilse, key, held, "The second comes tomorrow").json();
    assertEquals(left.at("/revision").asLong(), revision, "whoever has it open can go on");
    assertEquals(Items.revision(ilse, key), revision);
    assertEquals(left.at("/findings/0/dismissed/by").asString(), "Ilse Marten");
    assertEquals(Items.act(ilse, key, "PUT_LIVE").status(), 200, "nothing holds it any more");

    // Where nobody may any more, what was put up with counts again.
    set(rule("list-of-one", "REQUIRED", "NOBODY"));
    assertTrue(found(ilse, key, "list-of-one").at("/dismissed").isNull());
    set(rule("list-of-one", "REQUIRED", "EVERYBODY"));
    assertFalse(found(ilse, key, "list-of-one").at("/dismissed").isNull());
    assertTrue(found(tove, key, "list-of-one").at("/mayLeave").asBoolean());
  }

  /** What somebody left while it was only advice is not put up with once it is required. */
  @Test
  public void leavingAdviceIsNoOverruling() {
    String key = item(ilse, "Advice", "<p>a</p><h3>Too low</h3>");
    leave(ilse, key, found(ilse, key, "heading-skipped"), "");
    set(rule("heading-skipped", "REQUIRED", "EVERYBODY"));
    JsonNode again = found(ilse, key, "heading-skipped");
    assertEquals(again.at("/level").asString(), "MUST_FIX");
    assertTrue(again.at("/dismissed").isNull());
    set(rule("heading-skipped", "OFF", "NOBODY"));
    assertEquals(found(ilse, key, "heading-skipped"), null);
  }

  @Test
  public void numbersHoldForTheirKindAlone() {
    String body = "<p>" + "word ".repeat(60) + "</p>";
    String article = item(ilse, "Counted", body);
    set(rule("paragraph-long", null, "{\"most\":50}", "[]", "", "NOBODY"));
    assertTrue(found(ilse, article, "paragraph-long").at("/message").asString().contains("60"));
    String post =
        ilse.post("/editor/api/items", "{\"kind\":\"POST\"}").json().at("/state/key").asString();
    Items.save(ilse, post, Items.content("Not counted", "s", body, "visit", null));
    assertEquals(found(ilse, post, "paragraph-long"), null);
  }

  @Test
  public void whatMakesNoSenseIsRefusedAndNothingChanges() {
    String[][] wrong = {
      {rule("no-such-rule", "OFF", "NOBODY"), "no rule “no-such-rule”"},
      {rule("title-required", "OFF", "NOBODY"), "on every site"},
      {rule("paragraph-long", null, "{\"most\":1}", "[]", "", "NOBODY"), "lies between"},
      {rule("paragraph-long", null, "{\"depth\":1}", "[]", "", "NOBODY"), "no number called"},
      {rule("paragraph-long", null, "{}", "[\"word\"]", "", "NOBODY"), "no list of words"},
      {rule("paragraph-long", null, "{}", "[]", "x".repeat(301), "NOBODY"), "at most 300"},
    };
    for (String[] each : wrong) {
      Answer refused = set(each[0]);
      assertEquals(refused.status(), 422, each[0]);
      assertTrue(refused.text().contains(each[1]), refused.text());
    }
    assertEquals(ilse.get(RULES).json().at("/kinds").size(), 0);
    String seen = ilse.get(RULES).json().at("/revision").asString();
    set(rule("list-of-one", "ADVISED", "NOBODY"));
    String late = input(rule("list-of-one", "OFF", "NOBODY"));
    assertEquals(ilse.on(seen).put(RULES, late).status(), 409, "somebody else was quicker");
    assertEquals(tove.put(RULES, input()).status(), 403);
  }

  @Test
  public void rulesGoWithTheSetUpAsAFile() {
    set(
        rule("list-of-one", "OFF", "NOBODY"),
        rule("paragraph-long", "REQUIRED", "{\"most\":90}", "[]", "Short, please.", "EDITORS"));
    JsonNode before = ilse.get(RULES).json().at("/kinds");
    String yaml = ilse.get("/editor/api/set-up/file").text();
    assertTrue(yaml.contains("rules:"), yaml);
    set("");
    ObjectNode file = JsonMapper.shared().createObjectNode().put("yaml", yaml);
    assertEquals(ilse.post("/editor/api/set-up/file", file.toString()).status(), 200);
    assertEquals(ilse.get(RULES).json().at("/kinds"), before);
    file.put("yaml", "rules: {article: {list-of-one: {weight: heavy}}}");
    assertEquals(ilse.post("/editor/api/set-up/file", file.toString()).status(), 422);
    // A bare “off” is no text in YAML.
    file.put("yaml", "rules: {every kind: {list-of-one: {weight: off}}}");
    assertEquals(ilse.post("/editor/api/set-up/file", file.toString()).status(), 200);
    assertEquals(ilse.get(RULES).json().at("/kinds/0/rules/0/weight").asString(), "OFF");
  }

  private static JsonNode waited(Visitor who, String path, String at) {
    return Waiting.until(
        "it has ended", () -> who.get(path).json(), now -> !now.at(at + "/running").asBoolean());
  }

  @Test
  public void rulesAreTriedBeforeTheyHold() throws Exception {
    String live = item(ilse, "Tried on", "<ul><li>alone</li></ul>");
    assertEquals(Items.act(ilse, live, "PUT_LIVE").status(), 200);
    String given = input(rule("list-of-one", "REQUIRED", "NOBODY"));
    JsonNode tried = ilse.post("/editor/api/items/" + live + "/rules-tried", given).json();
    assertEquals(tried.at("/0/level").asString(), "MUST_FIX");
    long id = ilse.post(RULES + "/trials", given).json().at("/id").asLong();
    JsonNode report = waited(ilse, RULES + "/trials/" + id, "").at("/found");
    assertTrue(report.at("/items").asInt() > 1, "all that is live was looked at");
    boolean told = false;
    for (JsonNode s : report.at("/some")) {
      told |= s.at("/key").asString().equals(live) && s.at("/needs").asString().startsWith("Needs");
    }
    assertTrue(told, report.at("/some").toString());
    assertEquals(found(ilse, live, "list-of-one").at("/level").asString(), "LOOK", "not kept");
    assertEquals(ilse.get(RULES + "/trials/" + (id + 1000)).status(), 404);
    assertEquals(tove.post(RULES + "/trials", given).status(), 403);
  }

  @Test
  public void theReportCountsWhatIsLiveAndItsFaultsAreMendedInOneStep() throws Exception {
    List<String> keys = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      String key = item(ilse, "Reported " + i, "<p>a</p><h3>Too low</h3>");
      assertEquals(Items.act(ilse, key, "PUT_LIVE").status(), 200);
      keys.add(key);
    }
    // Readers do not see what was written since.
    Items.save(ilse, keys.get(2), Items.content("Reported 2", "s", "<p>b</p>", "visit", null));
    ilse.post("/editor/api/report", "{}");
    JsonNode report = waited(ilse, "/editor/api/report", "/underWay");
    JsonNode skipped = null;
    for (JsonNode r : report.at("/made/report/rules")) {
      skipped = r.at("/rule").asString().equals("heading-skipped") ? r : skipped;
    }
    List<String> named = new ArrayList<>();
    skipped.at("/keys").forEach(k -> named.add(k.asString()));
    assertTrue(named.containsAll(keys), named.toString());
    assertEquals(report.at("/made/by").asString(), "Ilse Marten");
    int points = report.at("/trend").size();
    assertTrue(points > 0);
    int bySection = 0;
    for (JsonNode p : report.at("/made/report/parts")) {
      bySection += p.at("/by").asString().equals("SECTION") ? p.at("/items").asInt() : 0;
    }
    assertEquals(bySection, report.at("/made/report/items").asInt());

    ObjectNode mending = JsonMapper.shared().createObjectNode();
    keys.forEach(mending.putArray("keys")::add);
    mending.put("told", "Mend.").put("forReaders", true);
    mending
        .putObject("mending")
        .put("rule", "heading-skipped")
        .put("label", skipped.at("/repair").asString());
    JsonNode looked = ilse.post("/editor/api/bulk/look", mending.toString()).json();
    assertEquals(looked.at("/0/outcome").asString(), "CHANGED");
    assertEquals(looked.at("/2/outcome").asString(), "SAME", "nothing of it is left there");
    JsonNode done = BulkTest.wait(ilse, ilse.post("/editor/api/bulk", mending.toString()));
    assertEquals(done.at("/counts/CHANGED").asInt(), 2);
    assertEquals(found(ilse, keys.get(0), "heading-skipped"), null);
    ilse.post("/editor/api/report", "{}");
    waited(ilse, "/editor/api/report", "/underWay");
    assertEquals(ilse.get("/editor/api/report").json().at("/trend").size(), points + 1);
    BulkTest.wait(ilse, ilse.post("/editor/api/bulk/" + done.at("/id").asLong() + "/undo", "{}"));
    assertTrue(Items.view(ilse, keys.get(0)).at("/content/body").asString().contains("<h3>"));
  }
}

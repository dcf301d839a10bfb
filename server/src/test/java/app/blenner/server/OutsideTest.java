package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.LinkHost.Asked;
import app.blenner.server.Running.Visitor;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What lies beyond single items: places elsewhere that are asked in the background, other items, and assets. */
public class OutsideTest {
  private static final Duration PAUSE = Duration.ofMillis(300);

  private final LinkHost host = new LinkHost();
  private final Running running = started();
  private final Visitor ilse = running.signedIn("ilse");
  private final Visitor tove = running.signedIn("tove");

  private static Running started() {
    try {
      return Running.at(
          "demo",
          Files.createTempDirectory("blenner-test"),
          "--blenner.links.pause=" + PAUSE.toMillis() + "ms",
          "--blenner.links.longest=2s",
          "--blenner.links.first=PT0.5S");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() throws IOException {
    running.close();
    host.close();
  }

  private static void until(String what, BooleanSupplier done) {
    Waiting.until(what, done::getAsBoolean);
  }

  private void wanted(String weight) {
    String version = ilse.get("/editor/api/rules").json().at("/version").asString();
    ObjectNode given = JsonMapper.shared().createObjectNode().put("version", version);
    ArrayNode rules = given.putArray("kinds").addObject().put("kind", "").putArray("rules");
    for (String rule : List.of("link-broken", "link-doubtful", "link-moved", "link-not-secure")) {
      ObjectNode one = rules.addObject().put("rule", rule).put("weight", weight);
      one.putObject("numbers");
      one.putArray("words");
      one.put("wording", "").put("overrule", "NOBODY");
    }
    assertEquals(ilse.put("/editor/api/rules", given.toString()).status(), 200);
  }

  private void named(List<String> hosts) {
    ObjectNode external = (ObjectNode) ilse.get("/editor/api/site/external").json();
    ArrayNode list = external.putArray("fetchHosts").add("*").add("localhost");
    hosts.forEach(list::add);
    assertEquals(ilse.put("/editor/api/site/external", external.toString()).status(), 200);
  }

  private static String item(Visitor who, String title, String body) {
    String key = Items.begin(who);
    Items.save(who, key, Items.content(title, "Summary of " + title, body, "visit", null));
    return key;
  }

  private Map<String, JsonNode> places() {
    Map<String, JsonNode> out = new TreeMap<>();
    for (JsonNode place : ilse.get("/editor/api/outside").json().at("/places")) {
      out.put(place.at("/address").asString(), place);
    }
    return out;
  }

  private static List<String> found(Visitor who, String key) {
    List<String> out = new ArrayList<>();
    for (JsonNode f : Items.view(who, key).at("/state/findings")) {
      out.add(f.at("/rule").asString());
    }
    return out;
  }

  private String linkTo(String address) {
    return "<p>See <a href=\""
        + address
        + "\">the page of "
        + address.hashCode()
        + "</a> there.</p>";
  }

  @Test
  public void placesElsewhereAreAskedPolitelyAndOnlyWhereSomebodyWantsToKnow() throws Exception {
    named(host.hosts());
    String good = item(ilse, "Good", linkTo(host.at("/there")) + linkTo(host.at("/there#low")));
    Map<String, String> wanted = new TreeMap<>();
    wanted.put(host.at("/gone"), "BROKEN");
    wanted.put(host.at("/lies"), "THERE");
    wanted.put(host.at("/closed"), "DOUBTFUL");
    wanted.put(host.at("/moved"), "THERE");
    wanted.put(host.at("/round"), "DOUBTFUL");
    wanted.put(host.at("/inwards"), "DOUBTFUL");
    wanted.put(host.at("/endless"), "THERE");
    wanted.put(host.at("/dawdles"), "DOUBTFUL");
    wanted.put(host.dripping(), "DOUBTFUL");
    wanted.put("http://127.0.0.1:9/", "DOUBTFUL");
    StringBuilder body = new StringBuilder();
    wanted.keySet().forEach(a -> body.append(linkTo(a)));
    String bad = item(ilse, "Bad", body.toString());
    Waiting.letPass(Duration.ofMillis(2500), "places are asked every second");
    assertEquals(host.asked(), List.of(), "no rule wants to know");

    wanted("ADVISED");
    until(
        "all are asked: " + places(),
        () -> places().values().stream().noneMatch(p -> p.at("/verdict").isNull()));
    Map<String, JsonNode> places = places();
    wanted.forEach(
        (address, verdict) ->
            assertEquals(
                places.get(address).at("/verdict").asString(), verdict, places.get(address) + ""));
    assertEquals(places.get(host.at("/moved")).at("/leadsTo").asString(), host.at("/there"));
    assertTrue(places.get(host.at("/dawdles")).at("/said").asString().contains("in time"));
    assertTrue(places.get(host.dripping()).at("/said").asString().contains("in time"));
    assertTrue(
        places.get(host.at("/inwards")).at("/said").asString().contains("not for everybody"));
    assertEquals(places.get(host.at("/gone")).at("/items/0/title").asString(), "Bad");

    List<Asked> asked = host.asked();
    for (int i = 1; i < asked.size(); i++) {
      long between = Duration.between(asked.get(i - 1).at(), asked.get(i).at()).toMillis();
      assertTrue(between > PAUSE.toMillis() * 2 / 3, "asked again after " + between + " ms");
    }
    assertTrue(asked.get(0).agent().startsWith("Blenner"), asked.get(0).agent());
    assertEquals(
        asked.stream().filter(a -> a.path().equals("/there") && a.method().equals("GET")).count(),
        0,
        "what answers is not loaded");

    assertTrue(found(ilse, bad).contains("link-broken"), found(ilse, bad) + "");
    assertTrue(found(ilse, bad).contains("link-moved"));
    assertEquals(found(ilse, good), List.of());
    until(
        "the worklist knows too",
        () ->
            ilse.get("/editor/api/worklist?rule=link-broken&stage=DRAFT&words=Bad")
                .text()
                .contains(bad));
  }

  @Test(dependsOnMethods = "placesElsewhereAreAskedPolitelyAndOnlyWhereSomebodyWantsToKnow")
  public void whatIsAskedAnewIsToldAnew() {
    String key = item(tove, "Moody", linkTo(host.at("/moody")));
    until(
        "asked", () -> places().get(host.at("/moody")).at("/verdict").asString("").equals("THERE"));
    assertEquals(found(tove, key), List.of());
    host.moody(410);
    String id = places().get(host.at("/moody")).at("/id").asString();
    assertEquals(tove.post("/editor/api/outside/" + id + "/asked", "{}").status(), 200);
    until("found", () -> found(tove, key).contains("link-broken"));
    assertEquals(tove.post("/editor/api/outside/none/asked", "{}").status(), 404);
    assertEquals(tove.post("/editor/api/outside/asked", "{}").status(), 403);
    assertEquals(ilse.post("/editor/api/outside/asked", "{}").status(), 200);
    wanted("OFF");
    assertEquals(found(tove, key), List.of(), "what nobody wants to know is not told");
  }

  private static String finding(Visitor who, String key, String rule) {
    for (JsonNode f : Items.view(who, key).at("/state/findings")) {
      if (f.at("/rule").asString().equals(rule)) {
        return f.at("/message").asString();
      }
    }
    return "";
  }

  @Test
  public void twoItemsOfOneTitleAreToldOfEachOther() {
    String one = item(ilse, "The same  title", "<p>One.</p>");
    String two = item(ilse, "the same title", "<p>Two.</p>");
    assertEquals(finding(ilse, two, "title-twice"), "", "neither is on the site");
    Items.act(ilse, one, "PUT_LIVE");
    assertEquals(
        finding(ilse, two, "title-twice"),
        "“The same  title” has the same title.".replace("  ", " "));
    until(
        "the worklist knows of the second",
        () -> ilse.get("/editor/api/worklist?rule=title-twice&stage=DRAFT").text().contains(two));
    assertEquals(finding(ilse, one, "title-twice"), "", "the other is not on the site");
    Items.act(ilse, one, "WITHDRAW");
    assertEquals(finding(ilse, two, "title-twice"), "");
    until(
        "the worklist knows that it is alone",
        () -> !ilse.get("/editor/api/worklist?rule=title-twice&stage=DRAFT").text().contains(two));
  }

  @Test
  public void aTitleOfStarsIsKeptHoweverLong() {
    String key = item(ilse, "x" + "🌌".repeat(200), "<p>One.</p>");
    assertEquals(Items.view(ilse, key).at("/content/title").asString(), "x" + "🌌".repeat(200));
  }

  @Test
  public void whatAnItemLeadsToIsLookedAt() {
    String target = item(ilse, "To be live", "<p>Words.</p>");
    String key =
        item(
            ilse,
            "Leads",
            "<p>See <a href=\"../items/" + target + ".html\">what is to be live</a>.</p>");
    assertEquals(
        finding(ilse, key, "link-item-hidden"),
        "“To be live” is not live; readers cannot see it yet.");
    Items.act(ilse, target, "PUT_LIVE");
    assertEquals(finding(ilse, key, "link-item-hidden"), "");
    Items.act(ilse, target, "WITHDRAW");
    Items.act(ilse, target, "BIN");
    assertTrue(finding(ilse, key, "link-item-gone").contains("in the bin"));
    until(
        "the worklist knows",
        () ->
            ilse.get("/editor/api/worklist?rule=link-item-gone&stage=DRAFT").text().contains(key));
  }

  /** Nobody who brings a picture in waits for it to be looked at, and whoever shows it is told then. */
  @Test
  public void whatIsSeenInAPictureIsToldWhereItIsShown() throws Exception {
    BufferedImage sign = new BufferedImage(900, 600, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = sign.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setFont(new Font(Font.SERIF, Font.BOLD, 60));
    g.drawString("Closed on Mondays", 80, 300);
    g.dispose();
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(sign, "png", png);
    Path wheel = Files.createTempFile("wheel", ".gif");
    String[] turning = {"convert", "-delay", "20", "-size", "40x20", "xc:red", "xc:blue"};
    List<String> command = new ArrayList<>(List.of(turning));
    command.addAll(List.of("-loop", "0", wheel.toString()));
    assertEquals(new ProcessBuilder(command).inheritIO().start().waitFor(), 0);

    String assets = "/editor/api/assets";
    assertEquals(ilse.bringIn(assets, "sign.png", png.toByteArray(), true).status(), 201);
    assertEquals(ilse.bringIn(assets, "wheel.gif", Files.readAllBytes(wheel), true).status(), 201);
    Files.delete(wheel);
    String body =
        "<figure><img src=\"../assets/sign.png\" alt=\"The door\"></figure>"
            + "<p>Words between the two.</p>"
            + "<figure><img src=\"../assets/wheel.gif\" alt=\"A wheel\"></figure>";
    String key = item(ilse, "A door and a wheel", body);
    until(
        "both are told of",
        () -> found(ilse, key).containsAll(List.of("picture-with-words", "picture-moves")));
    assertEquals(
        found(ilse, key).stream().filter("picture-with-words"::equals).count(),
        1,
        "there are no words on the wheel");
  }

  @Test
  public void whatTheNotebookNamesIsMissedUntilTheTextSpeaksOfIt() {
    String key = item(ilse, "A text on lamps", "<p>Lamps with hoods cost little.</p>");
    String terms = "/editor/api/items/" + key + "/notebook/target-terms";
    assertEquals(ilse.put(terms, "{\"terms\":[\"hooded lamp\",\"comets\"]}").status(), 200);
    until("both are missed", () -> found(ilse, key).contains("terms-covered"));
    String whole = "<p>A hooded lamp costs little. A comet is seen for nothing.</p>";
    Items.save(ilse, key, Items.content("A text on lamps", "A summary", whole, "visit", null));
    assertEquals(found(ilse, key).contains("terms-covered"), false);
    assertEquals(ilse.put(terms, "{\"terms\":[\"owl\"]}").status(), 200);
    until("another is missed", () -> found(ilse, key).contains("terms-covered"));
    assertEquals(ilse.put(terms, "{\"terms\":[]}").status(), 200);
    until("nothing is missed", () -> !found(ilse, key).contains("terms-covered"));
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.file.StoreCheck;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A restore is whole or absent, whatever is wrong with the package or happens beside it. */
public class RestoreTest {
  private static final String SITE = "/editor/api/archive/site";
  private static final String TORCH = "items/red-torch.html";

  private Path data;
  private Running running;
  private Visitor editor;
  private Map<String, byte[]> whole;

  @BeforeClass
  public void start() throws IOException {
    data = Files.createTempDirectory("blenner-restore");
    running = Running.at("demo", data);
    editor = running.signedIn("ilse");
    editor.post("/editor/api/items/red-torch/notebook", "{\"words\":\"A note of mine\"}");
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("Left so", "s", "<h3>Too low</h3>", "visit", null));
    String found = Items.view(editor, key).at("/state/findings/0/id").asString();
    editor.post(
        "/editor/api/items/" + key + "/dismissals",
        "{\"finding\":\"" + found + "\",\"reason\":\"A reason of mine\"}");
    whole = Zips.files(editor.bytes(SITE));
    String packed = new String(whole.get("items/" + key + ".html"), StandardCharsets.UTF_8);
    assertTrue(packed.contains("A reason of mine"), packed);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static String texts(Map<String, byte[]> files) {
    Map<String, Integer> out = new TreeMap<>();
    files.forEach((name, bytes) -> out.put(name, java.util.Arrays.hashCode(bytes)));
    return out.toString();
  }

  private void isRefused(byte[] zip, String word) throws IOException {
    Answer refused = editor.file(SITE, "site.zip", zip);
    assertEquals(refused.status(), 422, refused.text());
    assertTrue(refused.sentence().contains(word), refused.sentence());
    assertTrue(refused.sentence().endsWith("Nothing was changed."), refused.sentence());
    isAsBefore();
  }

  private void isAsBefore() throws IOException {
    assertEquals(texts(Zips.files(editor.bytes(SITE))), texts(whole));
    assertTrue(running.bean(StoreCheck.class).check(false).missing().isEmpty());
    // The archive that was read right above is whole before the server has swept up after it.
    Waiting.until("what was unpacked is gone", () -> unpacked() == 0);
  }

  private long unpacked() {
    try (Stream<Path> left = Files.list(data.resolve("unpacked"))) {
      return left.count();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @DataProvider
  Object[][] tooMuch() {
    String five = "x".repeat(60_000);
    return new Object[][] {
      {"site.yaml", "\nname: ", "\nname: " + five, "name of the site"},
      {"site.yaml", "\ntagline: ", "\ntagline: " + five, "line below the name"},
      {"site.yaml", "\nlanguage: en", "\nlanguage: en-" + five, "language"},
      {"site.yaml", "\nlanguage: ", "\naddress: nowhere\nlanguage: ", "no address of a site"},
      {"site.yaml", "\nlanguage: ", "\naddress: https://x.example/\nlanguage: ", "no address"},
      {"site.yaml", "contact-address: ", "contact-address: " + five, "address for messages"},
      {"site.yaml", "  description: ", "  description: " + five, "description"},
      {"site.yaml", "- slug: visit", "- slug: Visit Us", "cannot be the end of an address"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  parent: visit", "is a part of itself"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  parent: none", "which is not there"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  step: events", "two sections at"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  step: editor", "belongs to Blenner"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  picture: " + five, "name of a picture"},
      {"site.yaml", "- slug: visit", "- slug: visit\n  order: random", "no order that"},
      {"site.yaml", "\nlanguage: ", "\nfront: " + five + "\nlanguage: ", "key of an item"},
      {"site.yaml", "- slug: visit", "- slug: editor", "belongs to Blenner"},
      {"site.yaml", "sign-in: ilse", "sign-in: 'a b'", "no sign-in name"},
      {"site.yaml", "sign-in: ilse", "sign-in: bram", "twice"},
      {TORCH, "title: ", "title: " + five, "title has 60"},
      {TORCH, "\nslug: ", "\nslug: ../../etc/", "cannot be the end of an address"},
      {TORCH, "\nslug: ", "\nslug: A b ", "cannot be the end of an address"},
      {TORCH, "\nsection: visit", "\nsection: nowhere", "site.yaml does not have"},
      {TORCH, "summary: ", "summary: " + five, "summary"},
      {TORCH, "author: ", "author: " + five, "author"},
      {TORCH, "lead-picture: ", "lead-picture: " + five, "lead picture"},
      {TORCH, "words: A note", "words: " + five + " A note", "note"},
      {TORCH, "owner: ", "owner: nobody-", "not among the people"},
      {TORCH, "kind: ", "kind: no", "no kind that this site has"},
      {"assets.yaml", "title: ", "title: " + five, "title"},
      {"assets.yaml", "alternative: ", "alternative: " + five, "alternative text"},
      {"assets.yaml", "credit: ", "credit: " + five, "credit"},
    };
  }

  @Test(dataProvider = "tooMuch")
  public void whatASiteCannotHoldIsRefusedBeforeAnythingIsWritten(
      String file, String was, String is, String word) throws IOException {
    isRefused(Zips.of(Zips.with(whole, file, was, is)), word);
  }

  /** Every column a package fills is as long as what is checked; the schema is the source. */
  @Test
  public void theDatabaseRefusesNothingThatTheCheckLetsThrough() {
    var database = running.bean(org.springframework.jdbc.core.JdbcTemplate.class);
    Map<String, Integer> checked =
        Map.ofEntries(
            Map.entry("ITEM.TITLE", 2000),
            Map.entry("LIVE_COPY.TOPICS", 4000),
            Map.entry("ITEM.LANGUAGE", 40),
            Map.entry("ITEM.AUTHOR", 200),
            Map.entry("ITEM.CHANGED_BY", 200),
            Map.entry("SITE_SETTING.NAME", 200),
            Map.entry("SITE_SETTING.TAGLINE", 500),
            Map.entry("SITE_SETTING.LANGUAGE", 40),
            Map.entry("SITE_SETTING.ADDRESS", 250),
            Map.entry("SITE_SETTING.CONTACT_ADDRESS", 300),
            Map.entry("SECTION.PARENT", 80),
            Map.entry("SECTION.STEP", 80),
            Map.entry("SECTION.PICTURE", 250),
            Map.entry("SECTION.COMPOSED", 80),
            Map.entry("SITE_SETTING.FRONT", 80),
            Map.entry("SECTION.NAME", 200),
            Map.entry("SECTION.DESCRIPTION", 1000),
            Map.entry("ACCOUNT.NAME", 200),
            Map.entry("ASSET.TITLE", 300),
            Map.entry("ASSET.ALTERNATIVE", 1000),
            Map.entry("ASSET.CAPTION", 2000),
            Map.entry("ASSET.CREDIT", 300),
            Map.entry("ASSET.SOURCE", 1000),
            Map.entry("ASSET.LICENCE", 300),
            Map.entry("ASSET.DESCRIPTION", 4000),
            Map.entry("ASSET.KEYWORDS", 6000),
            Map.entry("NOTE.WORDS", 8000),
            Map.entry("OUTLINE.NAME", 200),
            Map.entry("OUTLINE.ABOUT", 500),
            Map.entry("OUTLINE.SHELF", 100),
            Map.entry("MESSAGE.ITEM_TITLE", 2000),
            Map.entry("SITE_ADDRESS.PATH", 200));
    checked.forEach(
        (column, most) -> {
          String[] parts = column.split("\\.");
          Integer length =
              database.queryForObject(
                  "select character_maximum_length from information_schema.columns where lower(table_name) = ? and lower(column_name) = ?",
                  Integer.class,
                  parts[0].toLowerCase(Locale.ROOT),
                  parts[1].toLowerCase(Locale.ROOT));
          assertTrue(length >= most, column + " holds " + length);
        });
  }

  /** What is under way is told, and can be stopped; then all is as it was. */
  @Test
  public void bringingInIsFollowedAndStopped() throws Exception {
    Map<String, byte[]> files = new TreeMap<>(whole);
    String text = "---\ntitle: Many\nkind: article\nstage: draft\nowner: ilse\n---\n<p>x</p>\n";
    for (int i = 0; i < 1_500; i++) {
      files.put("items/many-" + i + ".html", text.getBytes(StandardCharsets.UTF_8));
    }
    byte[] zip = Zips.of(files);
    String standing = "/editor/api/archive/standing";
    assertEquals(editor.get(standing).json().size(), 0);
    Visitor other = running.signedIn("ilse");
    CompletableFuture<Answer> answer =
        CompletableFuture.supplyAsync(() -> other.file(SITE, "site.zip", zip));
    JsonNode now =
        Waiting.until(
            "it is being brought in",
            () -> editor.get(standing).json(),
            n -> answer.isDone() || n.at("/0/doing").asString().equals("Bringing in"));
    assertEquals(now.at("/0/total").asInt(), itemsIn(files), now.toString());
    int id = now.at("/0/id").asInt();
    assertEquals(running.signedIn("bram").post(standing + "/" + id + "/stop", "{}").status(), 404);
    assertEquals(editor.post(standing + "/" + id + "/stop", "{}").status(), 204);
    Answer stopped = answer.get();
    assertEquals(stopped.status(), 409, stopped.text());
    assertEquals(stopped.sentence(), "Stopped. Nothing was changed.");
    assertEquals(editor.get(standing).json().size(), 0);
    isAsBefore();
  }

  private static int itemsIn(Map<String, byte[]> files) {
    return (int) files.keySet().stream().filter(f -> f.startsWith("items/")).count();
  }

  /** 143 kB that unpack to 150 MB. */
  /** Nothing leads on from “cleared” and “scheduled” yet: what comes so far is decided about again, and that is said. */
  @Test
  public void whatWasClearedOrScheduledElsewhereIsInReviewHere() throws Exception {
    Map<String, byte[]> files = new TreeMap<>(whole);
    for (String stage : new String[] {"cleared", "scheduled", "draft"}) {
      String text = "---\ntitle: %1$s\nkind: article\nstage: %1$s\nowner: ilse\n---\n<p>x</p>\n";
      files.put(
          "items/was-" + stage + ".html", text.formatted(stage).getBytes(StandardCharsets.UTF_8));
    }
    Answer done = editor.file(SITE, "site.zip", Zips.of(files));
    assertEquals(done.status(), 200, done.text());
    assertEquals(done.json().path("inReview").asInt(), 2);
    for (String stage : new String[] {"cleared", "scheduled"}) {
      assertEquals(Items.view(editor, "was-" + stage).at("/state/stage").asString(), "IN_REVIEW");
    }
    assertEquals(Items.view(editor, "was-draft").at("/state/stage").asString(), "DRAFT");
    assertEquals(editor.file(SITE, "site.zip", Zips.of(whole)).json().path("inReview").asInt(), 0);
  }

  @Test
  public void aBombIsRefusedInWords() throws IOException {
    Map<String, byte[]> files = new TreeMap<>(whole);
    byte[] much = new byte[150_000_000];
    byte[] head = files.get(TORCH);
    java.util.Arrays.fill(much, (byte) 'a');
    System.arraycopy(head, 0, much, 0, head.length);
    files.put(TORCH, much);
    isRefused(Zips.of(files), "20 megabytes");
  }

  @Test
  public void whatIsNotUtf8IsRefused() throws IOException {
    Map<String, byte[]> files = new TreeMap<>(whole);
    byte[] bytes = files.get(TORCH).clone();
    bytes[bytes.length - 3] = (byte) 0xC3;
    bytes[bytes.length - 2] = (byte) 0x28;
    files.put(TORCH, bytes);
    isRefused(Zips.of(files), "UTF-8");
  }

  @Test
  public void aPackageThatWouldEmptyTheSiteAsks() throws IOException {
    Map<String, byte[]> empty = new TreeMap<>(whole);
    empty.keySet().removeIf(n -> n.startsWith("items/") || n.equals("messages.yaml"));
    Answer asks = editor.file(SITE, "site.zip", Zips.of(empty));
    assertEquals(asks.status(), 409, asks.text());
    assertTrue(asks.json().path("empties").asBoolean());
    isAsBefore();
    Answer done = editor.file(SITE + "?emptying=true", "site.zip", Zips.of(empty));
    assertEquals(done.status(), 200, done.text());
    assertEquals(done.json().path("items").asInt(), 0);
    Answer back =
        editor.post("/editor/api/archive/before/" + done.json().path("before").asString(), "{}");
    assertEquals(back.status(), 200, back.text());
    isAsBefore();
  }

  /** In one second, and at the same moment: each has a backup of its own, and one goes at a time. */
  @Test
  public void restoresDoNotGetIntoEachOthersWay() throws Exception {
    byte[] zip = Zips.of(whole);
    ExecutorService hands = Executors.newFixedThreadPool(4);
    List<Callable<Answer>> work = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Visitor who = running.signedIn("ilse");
      work.add(() -> who.file(SITE, "site.zip", zip));
    }
    Set<String> backups = new HashSet<>();
    int done = 0;
    for (Future<Answer> f : hands.invokeAll(work)) {
      Answer a = f.get();
      if (a.status() == 200) {
        done++;
        assertTrue(backups.add(a.json().path("before").asString()), "a backup was overwritten");
      } else {
        assertEquals(a.status(), 409, a.text());
        assertTrue(a.sentence().contains("is bringing in an archive at this moment"), a.text());
      }
    }
    for (int i = 0; i < 3; i++) {
      Answer a = editor.file(SITE, "site.zip", zip);
      assertTrue(backups.add(a.json().path("before").asString()), "a backup was overwritten");
      done++;
    }
    hands.shutdown();
    assertTrue(done >= 4);
    for (String name : backups) {
      assertEquals(
          texts(Zips.files(Files.readAllBytes(data.resolve("backups").resolve(name)))),
          texts(whole));
    }
    isAsBefore();
  }

  /** The old site has lost a file; it goes out without it and says so, and a new one comes in. */
  @Test
  public void missingFilesStopNothing() throws IOException {
    try (Running own = Running.fresh("demo")) {
      Visitor who = own.signedIn("ilse");
      String hash =
          own.bean(org.springframework.jdbc.core.JdbcTemplate.class)
              .queryForObject("select file from asset where name = 'red-torch.jpg'", String.class);
      Files.delete(own.bean(app.blenner.server.file.FileService.class).bytesOf(hash));
      assertEquals(
          who.get("/editor/api/archive/missing").json().path("assets").toString(),
          "[\"red-torch.jpg\"]");
      Map<String, byte[]> out = Zips.files(who.bytes(SITE));
      assertFalse(out.containsKey("assets/red-torch.jpg"));
      assertTrue(
          new String(out.get("missing.txt"), StandardCharsets.UTF_8).contains("red-torch.jpg"));
      Answer restored = who.file(SITE, "site.zip", Zips.of(whole));
      assertEquals(restored.status(), 200, restored.text());
      assertEquals(restored.json().path("missing").toString(), "[\"red-torch.jpg\"]");
      assertEquals(who.get("/editor/api/archive/missing").json().path("assets").size(), 0);
      assertTrue(own.bean(StoreCheck.class).check(false).missing().isEmpty());
    }
  }

  /** Killed at another moment each time, the site is the one before or the one after, and nothing lies about. */
  @Test
  public void killedHalfWayItIsTheOneOrTheOther() throws Exception {
    Path folder = Files.createTempDirectory("blenner-half");
    int port = Server.freePort();
    int items = 0;
    for (int round = 0; round < 1; round++) {
      Server server = Server.started(folder, port);
      Visitor who = Running.elsewhere(port).signedIn("ilse");
      Map<String, byte[]> other =
          Zips.with(Zips.files(who.bytes(SITE)), TORCH, "title: ", "title: Round " + round + " ");
      byte[] zip = Zips.of(other);
      items = itemsIn(other);
      Thread hand =
          new Thread(
              () -> {
                try {
                  who.file(SITE, "site.zip", zip);
                } catch (RuntimeException gone) {
                  // The server was killed.
                }
              });
      hand.start();
      Waiting.letPass(
          Duration.ofMillis(150 + new Random().nextInt(700)), "a kill comes at any moment");
      server.kill();
      hand.join();
    }
    try (Running again = Running.at("demo", folder)) {
      assertFalse(Files.exists(folder.resolve("unpacked")), "what was unpacked is swept");
      StoreCheck.Result check = again.bean(StoreCheck.class).check(false);
      assertTrue(check.missing().isEmpty() && check.changed().isEmpty(), check.toString());
      assertEquals(itemsIn(Zips.files(again.signedIn("ilse").bytes(SITE))), items);
    }
  }

  /** Nothing but a sentence: what is said of an unknown backup has no path in it. */
  @Test
  public void aBackupThatIsNoneIsNotThere() {
    ObjectNode nothing = JsonMapper.shared().createObjectNode();
    for (String name : new String[] {"..%2f..%2fetc", "before-1", "before-99.zip", "x.zip"}) {
      Answer answer = editor.post("/editor/api/archive/before/" + name, nothing.toString());
      assertTrue(answer.status() == 404 || answer.status() == 400, name + answer.text());
      assertFalse(answer.text().contains(data.toString()));
    }
  }
}

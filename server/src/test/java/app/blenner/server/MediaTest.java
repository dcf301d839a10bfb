package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.site.SiteAsset;
import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import app.blenner.server.asset.AssetService;
import app.blenner.server.file.StoreCheck;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Files, their addresses, and who gets them. */
public class MediaTest {
  private Path data;
  private Running running;
  private Visitor reader;
  private Visitor editor;

  @BeforeClass
  public void start() throws Exception {
    data = Files.createTempDirectory("blenner-media");
    running = Running.at("demo", data);
    reader = running.visitor();
    editor = running.signedIn("ilse");
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private SiteAsset asset(String name) {
    return running.bean(AssetService.class).find(name).orElseThrow();
  }

  private static List<String> offered(String page) {
    Matcher m = Pattern.compile("(/media/[^\\s\"]+)").matcher(page);
    return m.results().map(r -> r.group(1)).distinct().toList();
  }

  @Test
  public void everyAddressAPageOffersAnswersAndIsKeptForAYear() {
    int checked = 0;
    for (String page : List.of("/", "/night-sky", "/night-sky/why-a-red-torch")) {
      for (String path : offered(reader.get(page).text())) {
        Answer answer = reader.get(path);
        assertEquals(answer.status(), 200, path);
        String type =
            path.endsWith("webp")
                ? "image/webp"
                : path.endsWith("png") ? "image/png" : "image/jpeg";
        assertEquals(answer.header("Content-Type"), type, path);
        assertEquals(answer.header("Cache-Control"), "max-age=31536000, public, immutable", path);
        assertEquals(answer.header("X-Content-Type-Options"), "nosniff");
        checked++;
      }
    }
    assertTrue(checked > 30, checked + " addresses");
  }

  @Test
  public void addressesOfBeforeLeadToWhatIsThereNow() {
    SiteAsset torch = asset("red-torch.jpg");
    String old = torch.path().replace(torch.tag(), "0000000000000000");
    Answer answer = reader.get(old);
    assertEquals(answer.status(), 302);
    assertEquals(answer.header("Location"), torch.path());
    assertEquals(answer.header("Cache-Control"), "no-cache");
    assertEquals(reader.get("/media/red-torch.jpg").header("Location"), torch.path());
  }

  @Test
  public void onlyWhatPagesAskForIsMade() {
    SiteAsset torch = asset("red-torch.jpg");
    String base = "/media/" + torch.tag() + "/";
    for (String path :
        List.of(
            "641/red-torch.webp",
            "99999/red-torch.webp",
            "480-3x7/red-torch.webp",
            "480/red-torch.png",
            "480/red-torch.exe",
            "480/red-torch",
            "480/nothing.webp",
            "..%2F480/red-torch.webp")) {
      assertEquals(reader.get(base + path).status() / 100, 4, path);
    }
    assertEquals(reader.get(base + "480/red-torch.webp").status(), 200);
  }

  @Test
  public void whatOnlyDraftsUseIsForSignedInPeople() {
    byte[] dot =
        "R0lGODlhBAAEAPAAAAAAAP///ywAAAAABAAEAEACBISPCQUAOw==".getBytes(StandardCharsets.US_ASCII);
    Answer added =
        editor.bringIn(
            "/editor/api/assets",
            "a lone dot.gif",
            java.util.Base64.getDecoder().decode(dot),
            false);
    String url = added.json().path("asset").path("url").asString();
    assertEquals(reader.get(url).status(), 404);
    assertEquals(reader.get("/media/a-lone-dot.gif").status(), 404);
    assertEquals(editor.get(url).status(), 200);
    assertTrue(editor.get(url).header("Cache-Control").contains("private"));
    String key = Items.begin(editor);
    Items.save(
        editor,
        key,
        Items.content(
            "A dot",
            "A dot, for everybody to see.",
            "<figure class=\"picture\"><img src=\"../assets/a-lone-dot.gif\" alt=\"A dot\"></figure><p>x</p>",
            "visit",
            "a-dot"));
    assertEquals(reader.get(url).status(), 404, "a draft shows it to nobody");
    assertEquals(Items.act(editor, key, "PUT_LIVE").status(), 200);
    assertEquals(reader.get(url).status(), 200);
    assertEquals(Items.act(editor, key, "WITHDRAW").status(), 200);
    assertEquals(reader.get(url).status(), 404, "it was withdrawn with its item");
  }

  @Test
  public void tenOfOneNameAtOnceAreTenPictures() throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(10);
    List<Callable<Answer>> uploads = new java.util.ArrayList<>();
    for (int i = 0; i < 10; i++) {
      byte[] png = Pngs.of(20 + i, 10, 0x203040 + i * 999);
      Visitor somebody = running.signedIn("ilse");
      uploads.add(() -> somebody.bringIn("/editor/api/assets", "same name.png", png, false));
    }
    Set<String> names = new TreeSet<>();
    int i = 0;
    for (Future<Answer> done : pool.invokeAll(uploads)) {
      Answer answer = done.get();
      assertEquals(answer.status(), 201, answer.text());
      assertEquals(
          answer.json().path("asset").path("width").asInt(),
          20 + i++,
          "its own picture, not another's");
      names.add(answer.json().path("asset").path("name").asString());
    }
    pool.shutdown();
    assertEquals(names.size(), 10, names.toString());
    for (String name : names) {
      assertEquals(editor.get(asset(name).path()).status(), 200, name);
    }
  }

  @Test
  public void badFilesAreToldInWordsAndLeaveNothing() throws Exception {
    long before = stored();
    byte[] png = Pngs.of(40, 30, 0x808080);
    for (byte[] bad :
        List.of(
            new byte[0],
            "MZ\u0000\u0000 a program".getBytes(StandardCharsets.ISO_8859_1),
            "<!doctype html><script>alert(1)</script>".getBytes(StandardCharsets.UTF_8),
            java.util.Arrays.copyOf(png, png.length / 2),
            Pngs.saying(60_000, 60_000))) {
      Answer answer = editor.bringIn("/editor/api/assets", "bad.png", bad, false);
      assertEquals(answer.status(), 422, answer.text());
      assertTrue(answer.sentence().startsWith("“bad.png”"), answer.sentence());
    }
    assertEquals(stored(), before);
  }

  private long stored() throws Exception {
    try (Stream<Path> all = Files.walk(data.resolve("files"))) {
      return all.filter(Files::isRegularFile).count();
    }
  }

  @Test
  public void namesOfAllSortsBecomeLastingNames() throws Exception {
    int i = 0;
    for (String name :
        List.of(
            "../../etc/passwd.png",
            "a\u202Egnp.exe.png",
            "x".repeat(300) + ".png",
            "صورة.png",
            "….png",
            "a/b\\c.png")) {
      Answer answer = editor.bringIn("/editor/api/assets", name, Pngs.of(11 + i++, 9, 77), false);
      assertEquals(answer.status(), 201, name + answer.text());
      String made = answer.json().path("asset").path("name").asString();
      assertTrue(made.matches("[a-z0-9][a-z0-9-]{0,70}\\.png"), made);
      assertEquals(
          editor.get(answer.json().path("asset").path("url").asString()).status(), 200, made);
    }
  }

  @Test
  public void aLostRenditionIsMadeAgain() throws Exception {
    SiteAsset lodge = asset("keepers-lodge.jpg");
    String path = lodge.pathOf(240, null, app.blenner.core.picture.Rendition.Format.WEBP);
    String first = reader.get(path).text();
    Set<String> originals =
        new TreeSet<>(
            List.of(
                app.blenner.server.digest.Sha256.of(
                    running.bean(AssetService.class).fileOf(lodge.name()))));
    try (Stream<Path> all = Files.walk(data.resolve("files"))) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        if (Files.size(file)
                == reader.get(path).whole().headers().firstValueAsLong("Content-Length").orElse(-1)
            && !originals.contains(file.getFileName().toString())) {
          Files.delete(file);
        }
      }
    }
    assertEquals(reader.get(path).text(), first);
  }

  @Test
  public void verifyFindsWhatIsMissingChangedAndLeftOverAndRepairsWhatItCan() throws Exception {
    Path folder = Files.createTempDirectory("blenner-verify");
    try (Running demo = Running.at("demo", folder)) {
      StoreCheck check = demo.bean(StoreCheck.class);
      assertTrue(check.check(false).isSound());
      Visitor somebody = demo.visitor();
      offered(somebody.get("/").text()).forEach(somebody::get);
      assertTrue(check.check(false).isSound());
      AssetService assets = demo.bean(AssetService.class);
      Path torch = assets.fileOf("red-torch.jpg");
      Path path = assets.fileOf("winter-path.jpg");
      byte[] kept = Files.readAllBytes(torch);
      Files.delete(torch);
      Files.writeString(path, "something else");
      Path left = folder.resolve("files").resolve("ab").resolve("ab" + "0".repeat(62));
      Files.createDirectories(left.getParent());
      Files.writeString(left, "left over");
      StoreCheck.Result found = check.check(true);
      assertEquals(found.missing(), Set.of(torch.getFileName().toString()));
      assertEquals(found.changed(), Set.of(path.getFileName().toString()));
      assertEquals(found.orphans(), Set.of(left.getFileName().toString()));
      assertFalse(Files.exists(left), "it was thrown away");
      Files.write(torch, kept);
      assertTrue(check.check(false).missing().isEmpty());
    }
  }

  /** An old data folder: pictures in a folder by their names, and no word of what is used. */
  @Test
  public void aDataFolderOfBeforeOpensWithTheSamePictures() throws Exception {
    Path old = Files.createTempDirectory("blenner-old");
    byte[] torch;
    try (Running demo = Running.at("demo", old)) {
      AssetService assets = demo.bean(AssetService.class);
      Files.createDirectories(old.resolve("assets"));
      for (var packed : assets.packAll(null).assets()) {
        Files.copy(packed.file(), old.resolve("assets").resolve(packed.name()));
      }
      torch = Files.readAllBytes(assets.fileOf("red-torch.jpg"));
      var sql = demo.bean(org.springframework.jdbc.core.JdbcTemplate.class);
      sql.update("update asset set file = null, kind = 'PICTURE'");
      sql.update("delete from rendition");
      sql.update("delete from stored_file");
      sql.update("delete from asset_use");
    }
    org.springframework.util.FileSystemUtils.deleteRecursively(old.resolve("files"));
    try (Running demo = Running.at("demo", old)) {
      assertEquals(
          Files.readAllBytes(demo.bean(AssetService.class).fileOf("red-torch.jpg")), torch);
      Visitor somebody = demo.visitor();
      String page = somebody.get("/").text();
      assertFalse(offered(page).isEmpty());
      for (String path : offered(page).subList(0, 4)) {
        assertEquals(somebody.get(path).status(), 200, path);
      }
    }
  }

  @Test
  public void tagsChangeWithWhatReadersGet() {
    assertNotEquals(asset("red-torch.jpg").tag(), asset("milky-way.jpg").tag());
    assertTrue(asset("red-torch.jpg").tag().matches("[0-9a-f]{16}"));
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The whole site out and in again, and texts in other forms. */
public class ArchiveTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private static void same(Map<String, byte[]> a, Map<String, byte[]> b) {
    assertEquals(a.keySet(), b.keySet());
    a.forEach(
        (name, bytes) ->
            assertEquals(
                new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1),
                new String(b.get(name), java.nio.charset.StandardCharsets.ISO_8859_1),
                name));
  }

  @Test
  public void theWholeSiteComesBackTheSame() throws IOException {
    // What only use brings forth: a change of what is live, notes, terms, another address.
    String key = "red-torch";
    editor.post("/editor/api/items/" + key + "/notebook", "{\"words\":\"Ask Tove: red?\\nDone\"}");
    editor.put(
        "/editor/api/items/" + key + "/notebook/target-terms",
        "{\"terms\":[\"red light\",\"torch\"]}");
    JsonNode view = Items.view(editor, key).path("content");
    Items.save(
        editor,
        key,
        Items.content(
            "A torch, anew",
            view.path("summary").asString(),
            view.path("body").asString(),
            "visit",
            "torch-anew"));
    Items.act(editor, key, "UPDATE_LIVE");

    byte[] first = editor.bytes("/editor/api/archive/site");
    Map<String, byte[]> before = Zips.files(first);
    String page = running.visitor().get("/visit/torch-anew").text();
    String front = running.visitor().get("/").text();

    for (JsonNode row : editor.get("/editor/api/worklist?size=100").json().path("rows")) {
      Items.save(
          editor,
          row.path("key").asString(),
          Items.content("Wiped", "", "", "", "w-" + row.path("key").asString()));
    }
    assertFalse(running.visitor().get("/").text().isEmpty());

    Answer answer = editor.file("/editor/api/archive/site", "site.zip", first);
    assertEquals(answer.status(), 200, answer.text());
    same(Zips.files(editor.bytes("/editor/api/archive/site")), before);
    assertEquals(running.visitor().get("/visit/torch-anew").text(), page);
    assertEquals(running.visitor().get("/").text(), front);

    // And what was there before it can be brought back.
    String name = answer.json().path("before").asString();
    Answer back = editor.post("/editor/api/archive/before/" + name, "{}");
    assertEquals(back.status(), 200, back.text());
    assertEquals(Items.view(editor, "red-torch").path("content").path("title").asString(), "Wiped");
    editor.file("/editor/api/archive/site", "site.zip", first);
  }

  @Test
  public void aBrokenPackageChangesNothing() throws IOException {
    byte[] before = editor.bytes("/editor/api/archive/site");
    Answer noZip = editor.file("/editor/api/archive/site", "x.zip", new byte[] {1, 2, 3});
    assertEquals(noZip.status(), 422);
    assertTrue(noZip.sentence().contains("no zip archive"), noZip.sentence());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("readme.txt"));
    }
    Answer noSite = editor.file("/editor/api/archive/site", "x.zip", out.toByteArray());
    assertTrue(noSite.sentence().contains("no site.yaml. Nothing was changed."), noSite.sentence());
    same(Zips.files(editor.bytes("/editor/api/archive/site")), Zips.files(before));
  }

  @Test
  public void someItemsGoIntoOneArchiveWithTheirPictures() throws IOException {
    Map<String, byte[]> files =
        Zips.files(editor.bytes("/editor/api/archive/items?keys=about-the-reserve,star-trails"));
    assertTrue(files.containsKey("items/about-the-reserve.html"), files.keySet().toString());
    assertTrue(files.containsKey("items/star-trails.html"));
    assertTrue(files.containsKey("assets/reservoir-wall.jpg"));
    assertEquals(files.keySet().stream().filter(n -> n.startsWith("items/")).count(), 2);
    assertEquals(editor.get("/editor/api/archive/items?keys=gone").status(), 404);
  }

  @Test
  public void onlyAnEditorTakesTheSiteOut() {
    assertEquals(running.signedIn("bram").get("/editor/api/archive/site").status(), 403);
    assertEquals(running.visitor().get("/editor/api/archive/site").status(), 401);
  }

  @Test
  public void aTextGoesOutInEveryForm() throws IOException {
    String out = "/editor/api/items/about-the-reserve/out/";
    assertTrue(editor.get(out + "BODY").text().startsWith("<p>Tarnlow is 214"));
    assertTrue(editor.get(out + "MARKDOWN").text().startsWith("# About the reserve\n\nTarnlow is"));
    assertTrue(
        editor.get(out + "TEXT").text().contains("- We measure the sky on every clear night."));
    Answer page = editor.get(out + "PAGE");
    assertTrue(
        page.text().contains("<meta name=\"description\" content=\"Who looks after the dark"),
        page.text());
    assertTrue(page.text().contains("src=\"data:image/jpeg;base64,"));
    assertEquals(
        page.header("Content-Disposition"),
        "attachment; filename=\"about-the-reserve.html\"; filename*=UTF-8''about-the-reserve.html");
    String formatted = editor.get(out + "FORMATTED").text();
    assertFalse(formatted.contains("src=\"/"), formatted);
    assertTrue(Zips.files(editor.bytes(out + "DOCX")).containsKey("word/media/reservoir-wall.jpg"));
    assertTrue(Zips.files(editor.bytes(out + "ODT")).containsKey("Pictures/reservoir-wall.jpg"));
    assertEquals(editor.get("/editor/api/items/nobody/out/TEXT").status(), 404);
  }

  @Test
  public void aCopyHasAllThatIsWritten() {
    Answer copy = editor.post("/editor/api/items/about-the-reserve/copy", "{}");
    JsonNode content = copy.json().path("content");
    JsonNode from = Items.view(editor, "about-the-reserve").path("content");
    assertEquals(content.path("title").asString(), "Copy of " + from.path("title").asString());
    for (String field :
        new String[] {
          "body", "summary", "section", "topics", "keywords", "leadPicture", "language"
        }) {
      assertEquals(content.path(field), from.path(field), field);
    }
  }
}

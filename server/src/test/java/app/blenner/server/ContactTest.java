package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Messages of visitors, from the form on the public site to the inbox. */
public class ContactTest {
  private static final String FORM = "/site/contact/about-the-reserve/1";
  private static final Pattern HIDDEN =
      Pattern.compile("<input type=\"hidden\" name=\"([^\"]*)\" value=\"([^\"]*)\"");

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final Visitor reader = running.visitor();

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Answer send(Map<String, String> fields) {
    return reader.form(
        FORM,
        fields.entrySet().stream()
            .map(e -> encode(e.getKey()) + "=" + encode(e.getValue()))
            .collect(Collectors.joining("&")));
  }

  private static String encode(String s) {
    return URLEncoder.encode(s, StandardCharsets.UTF_8);
  }

  private static Map<String, String> message(String words) {
    Map<String, String> fields = new LinkedHashMap<>();
    fields.put("name-1", "Ada");
    fields.put("email-2", "ada@example.org");
    fields.put("choice-3", "Lamps");
    fields.put("message-4", words);
    return fields;
  }

  /** What the page that is looked over would send next. */
  private static Map<String, String> next(Answer lookedOver) {
    Map<String, String> fields = new LinkedHashMap<>();
    Matcher m = HIDDEN.matcher(lookedOver.text());
    while (m.find()) {
      fields.put(m.group(1), m.group(2).replace("&lt;", "<").replace("&gt;", ">"));
    }
    return fields;
  }

  private JsonNode inbox() {
    return editor.get("/editor/api/messages").json();
  }

  private boolean arrived(String words) {
    return inbox().path("messages").toString().contains(words);
  }

  /** What is sent on sooner was not looked over by a person. */
  private static void lookItOver() {
    Waiting.letPass(Duration.ofMillis(1300), "a message is looked over for a second at least");
  }

  @Test
  public void aMessageIsLookedOverAndArrives() {
    assertTrue(reader.get("/community/about-the-reserve").text().contains("action=\"" + FORM));
    Answer shown = send(message("<b>Which lamps</b> are left?"));
    assertEquals(shown.status(), 200);
    assertTrue(shown.text().contains("<h1>Look over your message</h1>"));
    assertTrue(shown.text().contains("&lt;b&gt;Which lamps&lt;/b&gt;"), "escaped");
    assertFalse(arrived("Which lamps"), "nothing arrives before it was looked over");
    lookItOver();
    assertTrue(send(next(shown)).text().contains("<h1>Sent</h1>"));
    JsonNode first = inbox().path("messages").path(0);
    assertEquals(first.path("itemTitle").asString(), "About the reserve");
    assertFalse(first.path("read").asBoolean());
    assertTrue(
        first
            .path("letter")
            .asString()
            .startsWith(
                "To: lodge@tarnlow.example\nReply-To: ada@example.org\nSubject: Message from"),
        first.path("letter").asString());
    String id = first.path("id").asString();
    editor.put("/editor/api/messages/" + id, "{\"read\":true}");
    assertTrue(inbox().path("messages").path(0).path("read").asBoolean());
    assertEquals(editor.delete("/editor/api/messages/" + id).status(), 204);
    assertFalse(arrived("Which lamps"));
  }

  @Test
  public void whatIsWrongIsSaidAndWhatWasWrittenIsKept() {
    Map<String, String> fields = message("Keep <this> text");
    fields.put("email-2", "nomail");
    Answer answer = send(fields);
    assertEquals(answer.status(), 422);
    assertTrue(answer.text().contains("A mail address looks like name@example.org."));
    assertTrue(answer.text().contains("Keep &lt;this&gt; text</textarea>"), answer.text());
    assertTrue(answer.text().contains("aria-invalid=\"true\""));
  }

  @Test
  public void robotsDoNotArrive() {
    Map<String, String> fields = message("spam-one");
    Answer shown = send(fields);
    assertTrue(
        send(next(shown)).text().contains("Look over your message"),
        "what comes back at once was not looked over");
    Map<String, String> forged = next(shown);
    lookItOver();
    forged.put("message-4", "spam-two, changed after it was shown");
    assertTrue(send(forged).text().contains("Look over your message"));
    fields.put("website", "https://spam.example");
    Answer trapped = send(fields);
    lookItOver();
    assertTrue(send(next(trapped)).text().contains("<h1>Sent</h1>"), "it is not told");
    assertFalse(arrived("spam"));
  }

  @Test
  public void aFormThatIsNotThereSaysSo() {
    assertEquals(reader.form("/site/contact/about-the-reserve/7", "a=b").status(), 404);
    assertEquals(reader.form("/site/contact/no-such-item/1", "a=b").status(), 404);
  }

  @Test
  public void onlySignedInPeopleReadTheInbox() {
    assertEquals(reader.get("/editor/api/messages").status(), 401);
  }

  @Test
  public void theListOfHostsIsKeptByEditors() {
    Visitor writer = running.signedIn("bram");
    String list =
        "{\"hosts\":[{\"host\":\"film.example.org\",\"name\":\"Film\",\"page\":\"/v/{id}\","
            + "\"frame\":\"https://player.example.org/{id}\"}],\"contactAddress\":\"a@example.org\",\"fetchHosts\":[\"*\"]}";
    assertEquals(writer.put("/editor/api/site/external", list).status(), 403);
    assertEquals(editor.put("/editor/api/site/external", list).status(), 200);
    assertTrue(
        reader
            .get("/")
            .header("Content-Security-Policy")
            .endsWith("frame-src 'self' https://player.example.org"));
    assertEquals(
        editor
            .put("/editor/api/site/external", list.replace("https://player", "http://player"))
            .status(),
        422);
    assertTrue(
        editor
            .get("/editor/api/writing/embed?given=https://film.example.org/v/abc")
            .text()
            .contains("https://player.example.org/abc"));
  }
}

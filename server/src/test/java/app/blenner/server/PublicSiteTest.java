package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.net.http.HttpHeaders;
import org.testng.annotations.Test;

public class PublicSiteTest {
  private final Visitor reader = Running.demo().visitor();

  @Test
  public void pagesAllowNoScriptAtAll() {
    HttpHeaders headers = reader.get("/visit/getting-here").whole().headers();
    String policy = headers.firstValue("Content-Security-Policy").orElseThrow();
    assertTrue(policy.startsWith("default-src 'none'"), policy);
    assertTrue(!policy.contains("script-src"), policy);
    assertEquals(headers.firstValue("X-Content-Type-Options").orElseThrow(), "nosniff");
  }

  @Test
  public void anUnknownAddressIsToldKindly() {
    Answer answer = reader.get("/no/such/page");
    assertEquals(answer.status(), 404);
    assertTrue(answer.text().contains("There is no page here"));
    assertEquals(reader.get("/media/nothing.png").status(), 404);
    assertEquals(reader.get("/media/..%2Fblenner.mv.db").status() / 100, 4);
  }

  @Test
  public void aSlashAtTheEndLeadsToThePage() {
    Answer answer = reader.get("/visit/");
    assertEquals(answer.status(), 301);
    assertEquals(answer.whole().headers().firstValue("Location").orElseThrow(), "/visit");
    assertEquals(
        reader
            .get("//evil.example/")
            .whole()
            .headers()
            .firstValue("Location")
            .orElse("/evil.example"),
        "/evil.example");
  }

  @Test
  public void draftsAreNowhere() {
    assertEquals(
        reader.get("/night-sky/reading-the-summer-milky-way-in-ten-minutes").status(), 404);
    assertTrue(!reader.get("/night-sky").text().contains("summer Milky Way"));
    assertEquals(reader.get("/visit/parking-at-the-old-quarry").status(), 410);
  }

  @Test
  public void picturesComeWithTheirTypeAndCannotRunAnything() {
    String torch =
        reader.get("/media/red-torch.jpg").whole().headers().firstValue("Location").orElseThrow();
    HttpHeaders headers = reader.get(torch).whole().headers();
    assertEquals(headers.firstValue("Content-Type").orElseThrow(), "image/jpeg");
    assertTrue(headers.firstValue("Content-Security-Policy").orElseThrow().contains("sandbox"));
  }

  @Test
  public void anUnchangedPageIsNotSentTwice() throws Exception {
    String tag = reader.get("/visit").whole().headers().firstValue("ETag").orElseThrow();
    assertEquals(reader.get("/visit").whole().headers().firstValue("ETag").orElseThrow(), tag);
  }
}

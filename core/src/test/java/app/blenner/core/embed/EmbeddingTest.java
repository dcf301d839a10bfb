package app.blenner.core.embed;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is let in from other hosts. */
public class EmbeddingTest {
  private static final List<EmbedHost> HOSTS =
      List.of(
          new EmbedHost(
              "media.tarnlow.example",
              "Tarnlow media",
              "/watch/{id}",
              "/site/stand-in/player/{id}"),
          new EmbedHost(
              "film.example.org", "Film", "/v/{id}", "https://player.film.example.org/frame/{id}"));

  @DataProvider
  public Object[][] known() {
    String page = "https://media.tarnlow.example/watch/meteor-night";
    return new Object[][] {
      {page, page, "16 / 9", ""},
      {"media.tarnlow.example/watch/meteor-night", page, "16 / 9", ""},
      {"http://media.tarnlow.example/watch/meteor-night?t=30", page, "16 / 9", ""},
      // common practice: code comes with a fixed width of 560 pixels
      {
        "<iframe width=\"560\" height=\"315\" src=\"https://media.tarnlow.example/player/meteor-night\""
            + " title=\"Meteors\" onload=\"alert(1)\"></iframe>",
        page,
        "16 / 9",
        "Meteors"
      },
      {
        "<p>x</p><iframe src='//media.tarnlow.example/embed/meteor-night' width=400 height=300>",
        page,
        "4 / 3",
        ""
      },
      {
        "https://player.film.example.org/frame/abc_1",
        "https://film.example.org/v/abc_1",
        "16 / 9",
        ""
      },
    };
  }

  @Test(dataProvider = "known")
  public void whatIsOnTheListIsTakenInOneSpelling(
      String given, String address, String shape, String title) {
    Embedding judged = Embedding.judge(given, HOSTS);
    assertEquals(judged.problem(), "");
    assertEquals(judged.address(), address);
    assertEquals(judged.shape(), shape);
    assertEquals(judged.title(), title);
  }

  @DataProvider
  public Object[][] refused() {
    return new Object[][] {
      {"https://elsewhere.example/watch/1", "elsewhere.example is not on the site’s list"},
      {"https://media.tarnlow.example.evil.example/watch/1", "is not on the site’s list"},
      {
        "https://evil.example/?x=https://media.tarnlow.example/watch/1", "is not on the site’s list"
      },
      {"https://media.tarnlow.example/account", "is not one of the things that can be shown"},
      {"https://media.tarnlow.example/watch/a/../../x", "is not one of the things"},
      {"javascript:alert(1)", "Links that begin with “javascript:” are not taken"},
      {"<iframe src=\"javascript:alert(1)\"></iframe>", "Links that begin with “javascript:”"},
      {"<script>alert(1)</script>", "There is no frame in this code"},
      {"", "Paste an address"},
    };
  }

  @Test(dataProvider = "refused")
  public void whatIsNotIsRefusedWithTheReason(String given, String reason) {
    Embedding judged = Embedding.judge(given, HOSTS);
    assertTrue(judged.problem().contains(reason), judged.problem());
    assertEquals(judged.frame(), "");
  }

  @Test
  public void aLinkIsOfferedForWhatIsRefused() {
    assertEquals(
        Embedding.judge("elsewhere.example/a", HOSTS).link(), "https://elsewhere.example/a");
    assertEquals(Embedding.judge("javascript:alert(1)", HOSTS).link(), "");
  }

  @Test
  public void aHostMustSayWhereItsFramesAre() {
    assertThrows(
        IllegalArgumentException.class,
        () -> new EmbedHost("a.example", "A", "/watch/{id}", "http://a.example/{id}"));
    assertThrows(
        IllegalArgumentException.class,
        () -> new EmbedHost("not a host", "A", "/watch/{id}", "https://a.example/{id}"));
    assertThrows(
        IllegalArgumentException.class,
        () -> new EmbedHost("a.example", "A", "/watch", "https://a.example/{id}"));
    assertEquals(HOSTS.get(1).frameOrigin(), "https://player.film.example.org");
    assertEquals(HOSTS.get(0).frameOrigin(), "");
  }

  @DataProvider
  Object[][] attacks() {
    return new Object[][] {
      {"https://a.example; script-src *//{id}"},
      {"https://a.example;script-src 'unsafe-inline'/{id}"},
      {"https://a.example\t*/{id}"},
      {"https://*/{id}"},
      {"https://*.example/{id}"},
      {"https:///{id}"},
      {"https://{id}"},
      {"https://{id}.example/x"},
      {"https://a.example,b.example/{id}"},
      {"https://user@a.example/{id}"},
      {"https://a.example:99999999/{id}"},
      {"https://localhost/{id}"},
      {"https://a.example'none'/{id}"},
      {"https://a.example\"/{id}"},
      {"data:text/html,{id}"},
      {"HTTPS:a.example/{id}"},
    };
  }

  /** What is typed never becomes a part of the Content Security Policy but a whole host (CSP 3, section 2.3.1). */
  @Test(dataProvider = "attacks")
  public void nothingTypedExtendsThePolicy(String frame) {
    try {
      String origin = new EmbedHost("a.example", "A", "/watch/{id}", frame).frameOrigin();
      assertTrue(origin.matches("https://[a-z0-9.-]+\\.[a-z0-9-]+(:\\d{1,5})?"), origin);
    } catch (IllegalArgumentException refused) {
      assertTrue(refused.getMessage().contains("begins with https://"), refused.getMessage());
    }
  }
}

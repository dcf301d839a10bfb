package app.blenner.core.embed;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What pages call themselves: The Open Graph protocol (og:title) and the title element of the HTML Living Standard. */
public class PageTitleTest {
  @DataProvider
  Object[][] pages() {
    return new Object[][] {
      {"<title>Night over the moor</title>", "Night over the moor"},
      {
        "<title>Night over the moor | Films</title><meta property='og:title' content='Night over the moor'>",
        "Night over the moor"
      },
      {
        "<meta property='og:title' content=''><title>  One\n two &amp; three </title>",
        "One two & three"
      },
      {"<title></title><p>No title</p>", ""},
      {"", ""},
      {"<title>" + "x".repeat(301) + "</title>", ""},
      {"<svg><title>A drawing</title></svg>", ""},
      {"<title>Nuit sur la lande : étoiles</title>", "Nuit sur la lande : étoiles"},
    };
  }

  @Test(dataProvider = "pages")
  public void itIsOneLine(String html, String title) {
    assertEquals(PageTitle.of(html), title);
  }
}

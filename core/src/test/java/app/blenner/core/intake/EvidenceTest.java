package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Lines that play heading, lists in plain text, and the main text of a page. */
public class EvidenceTest {
  private static final String BODY =
      "<p>The meter needs ten minutes to cool, and so does whoever holds it up.</p>";

  private static String found(String html) {
    return Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW)
        .offers()
        .stream()
        .filter(o -> o.kind() == Offer.Kind.HEADINGS)
        .flatMap(o -> o.lines().stream())
        .map(l -> l.about().replaceAll("\\D", "") + " " + l.words())
        .collect(Collectors.joining(", "));
  }

  /** A line in bold, of a size, in capitals; what stands around it is the body text. */
  @DataProvider
  public Object[][] lines() {
    return new Object[][] {
      {"bold, short, followed by text", "<p><b>What to bring</b></p>" + BODY, "2 What to bring"},
      {"bold and last of all", BODY + "<p><b>What to bring</b></p>", ""},
      {"bold and a sentence", "<p><b>Bring a torch.</b></p>" + BODY, ""},
      {"bold in part", "<p><b>What</b> to bring</p>" + BODY, ""},
      {
        "larger than the text",
        "<p><span style='font-size:18pt'>What to bring</span></p>" + BODY,
        "2 What to bring"
      },
      {
        "a little larger only",
        "<p><span style='font-size:13pt'>What to bring</span></p>" + BODY,
        ""
      },
      {"capitals, short, followed by text", "<p>WHAT TO BRING</p>" + BODY, "2 WHAT TO BRING"},
      {
        "capitals, twice",
        "<p>WHAT TO BRING</p>" + BODY + "<p>WHERE TO STAND</p>" + BODY,
        "2 WHAT TO BRING, 2 WHERE TO STAND"
      },
      {
        "a whole paragraph in bold",
        "<p><b>" + "The night is long. ".repeat(9) + "</b></p>" + BODY,
        ""
      },
      {"numbers only", "<p><b>21.75</b></p>" + BODY, ""},
      {
        "two sizes are two levels",
        "<p style='font-size:20pt'><b>Visit</b></p>"
            + BODY
            + "<p style='font-size:15pt'><b>By bus</b></p>"
            + BODY,
        "2 Visit, 3 By bus"
      },
      {
        "below a real heading it is one level deeper",
        "<h2>Visit</h2>" + BODY + "<p><b>By bus</b></p>" + BODY,
        "3 By bus"
      },
      {"bold before a list", "<p><b>To bring</b></p><ul><li>a torch</li></ul>", "2 To bring"},
      {"nothing but bold lines", "<p><b>One</b></p><p><b>Two</b></p><p><b>Three</b></p>", ""},
    };
  }

  @Test(dataProvider = "lines")
  public void linesAreWeighed(String why, String html, String expected) {
    assertEquals(found(html), expected, why);
  }

  private static String plain(String text) {
    return HtmlWriter.write(
        Intake.read(IntakeSource.ofText(text), PasteMode.CLEAN, Pictures.NONE, Destination.NEW)
            .document());
  }

  /** What viewers of PDF put on the clipboard of a list, as pdftotext gives it in the corpus. */
  @DataProvider
  public Object[][] signed() {
    return new Object[][] {
      {"• one\n• two", "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"},
      {"•\none\n\n•\ntwo", "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"},
      {
        "Bring:\n• a lamp\n◦ with cells\n• a hood\nThen wait.",
        "<p>Bring:</p>\n<ul>\n<li>a lamp\n<ul>\n<li>with cells</li>\n</ul>\n</li>\n<li>a hood</li>\n</ul>\n<p>Then wait.</p>"
      },
      {
        "• a lamp that is\nred and dim\n• a hood",
        "<ul>\n<li>a lamp that is red and dim</li>\n<li>a hood</li>\n</ul>"
      },
      {
        "• a lamp\n  • with cells\n• a hood",
        "<ul>\n<li>a lamp\n<ul>\n<li>with cells</li>\n</ul>\n</li>\n<li>a hood</li>\n</ul>"
      },
      {"Only one • sign\nin here", "<p>Only one • sign</p>\n<p>in here</p>"},
      {"• alone\nand more", "<p>• alone</p>\n<p>and more</p>"},
    };
  }

  @Test(dataProvider = "signed")
  public void signedLinesOfPlainTextAreLists(String text, String expected) {
    assertEquals(plain(text), expected);
  }

  private static final String STORY =
      "<p>Three years ago the lamps of the valley burnt until morning, and nobody thought much of it.</p>"
          + "<p>Today most of them go out at eleven, and the rest look at the ground as lamps should.</p>";

  @DataProvider
  public Object[][] pages() {
    return new Object[][] {
      {"<article><h1>Lamps</h1>" + STORY + "</article><aside><p>Most read of all</p></aside>"},
      {"<main><h1>Lamps</h1>" + STORY + "<nav>Next, Before</nav></main>"},
      {
        "<div class='top-nav'><a href=/>Home of the valley</a></div><h1>Lamps</h1><div id=c1><div>"
            + STORY
            + "</div></div><div class='share-buttons'>Share this with everybody you know</div>"
      },
      {
        "<h1>Lamps</h1><div>"
            + STORY
            + "</div><div class=cookie-banner><p>We use cookies to see what you do here, all day long.</p></div>"
      },
      {
        "<h1>Lamps</h1><article>"
            + STORY
            + "</article><footer><p>Printed by the valley, for the valley, every other week.</p></footer>"
      },
    };
  }

  @Test(dataProvider = "pages")
  public void theMainTextIsFoundAmongWhatStandsAround(String html) {
    MainText found = MainText.find(org.jsoup.Jsoup.parse(html)).orElseThrow();
    assertEquals(found.title(), "Lamps");
    String text = found.body().text();
    assertTrue(text.startsWith("Three years ago"), text);
    assertTrue(text.endsWith("as lamps should."), text);
  }

  @Test
  public void aPageOfTeasersHasNoMainText() {
    String teaser = "<article><h2>One</h2><p>A few words of it.</p></article>";
    assertEquals(MainText.find(org.jsoup.Jsoup.parse(teaser.repeat(3))).isPresent(), false);
    assertEquals(List.of(), MainText.find(org.jsoup.Jsoup.parse("")).stream().toList());
  }
}

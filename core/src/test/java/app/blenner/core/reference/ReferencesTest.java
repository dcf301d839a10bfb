package app.blenner.core.reference;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Codes in a text become links, in linear time and nowhere they should not. */
public class ReferencesTest {
  private static final ReferenceLink STATION =
      new ReferenceLink("Station", "TL-(\\d{4})", "https://example.com/stations/{1}?as={0}");

  private static String linked(String html, ReferenceLink... links) {
    return HtmlWriter.write(new References(List.of(links)).linkAll(HtmlReader.read(html)));
  }

  @Test
  public void aCodeIsALinkWhereItIsAWordOfItsOwn() {
    assertEquals(
        linked("<p>At TL-1042, not TL-10421 or XTL-1042.</p>", STATION),
        "<p>At <a href=\"https://example.com/stations/1042?as=TL-1042\" title=\"Station\">TL-1042</a>,"
            + " not TL-10421 or XTL-1042.</p>");
  }

  @Test
  public void linksCodeAndFormattingStayAsTheyAre() {
    String apart =
        "<p><a href=\"https://example.org\">TL-1042</a> and <code>TL-1042</code></p>\n<pre><code>TL-1042</code></pre>";
    assertEquals(linked(apart, STATION), apart);
    assertTrue(
        linked("<ul>\n<li><strong>TL-0007</strong></li>\n</ul>", STATION)
            .contains("/stations/0007"));
    assertEquals(linked("<p>TL-1042</p>"), "<p>TL-1042</p>");
  }

  @Test
  public void whatStandsInAnAddressCannotLeaveItsPlace() {
    ReferenceLink any = new ReferenceLink("Any", "#(\\S+)", "https://example.com/{1}");
    assertTrue(
        linked("<p>#a/../b?c&amp;d\"e</p>", any)
            .contains("https://example.com/a%2F..%2Fb%3Fc%26d%22e"));
    ReferenceLink first = new ReferenceLink("First", "TL-\\d+", "https://example.com/first");
    assertEquals(new References(List.of(first, STATION)).findAll("TL-1042").get(0).name(), "First");
  }

  @DataProvider
  public Object[][] faults() {
    return new Object[][] {
      {"", "a", "https://example.com", "needs a name"},
      {"N", "", "https://example.com", "needs a pattern"},
      {"N", "(a", "https://example.com", "cannot be used"},
      {"N", "(a+)\\1", "https://example.com", "could run for ever"},
      {"N", "(?<=a)b", "https://example.com", "could run for ever"},
      {"N", "a*", "https://example.com", "stand everywhere"},
      {"N", "a(b)", "https://example.com/{2}", "no such group"},
      {"N", "ab", "java script:x", "leads to no address"},
      {"N", "x".repeat(501), "https://example.com", "too long"},
    };
  }

  @Test(dataProvider = "faults")
  public void whatCannotBeUsedIsRefusedInWords(
      String name, String pattern, String address, String said) {
    String problem = References.problemWith(new ReferenceLink(name, pattern, address));
    assertTrue(problem.contains(said), problem);
    assertTrue(
        new References(List.of(new ReferenceLink(name, pattern, address)))
            .findAll("aab")
            .isEmpty());
  }

  /** What takes other machines exponential time is linear in RE2. Source: the RE2 documentation. */
  @Test(timeOut = 180_000)
  public void aPatternMadeToRunForEverDoesNot() {
    ReferenceLink evil = new ReferenceLink("N", "(a+)+b", "https://example.com");
    assertEquals(References.problemWith(evil), "");
    assertTrue(new References(List.of(evil)).findAll("a".repeat(20_000)).isEmpty());
  }
}

package app.blenner.core.tidy;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TidyTest {

  private static Map<String, Set<String>> all(List<Tidy.Matches> found) {
    return found.stream()
        .collect(
            Collectors.toMap(
                Tidy.Matches::rule,
                f -> f.traces().stream().map(CleanUpMatch::key).collect(Collectors.toSet())));
  }

  private static String tidied(String html, String language) {
    Document document = HtmlReader.read(html);
    return HtmlWriter.write(Tidy.apply(document, language, all(Tidy.find(document, language))));
  }

  @DataProvider
  public Object[][] rules() {
    return new Object[][] {
      {"<p>One</p><p>&nbsp;</p><p>Two</p>", "<p>One</p>\n<p>Two</p>"},
      {"<p>One &nbsp;two&nbsp;&nbsp;three&nbsp;</p>", "<p>One two three</p>"},
      {"<p>10&nbsp;km</p>", "<p>10&nbsp;km</p>"},
      {"<p><code>a&nbsp;&nbsp;b</code></p>", "<p><code>a&nbsp;&nbsp;b</code></p>"},
      {"<p>- one</p><p>- two</p>", "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"},
      {
        "<p>3. one</p><p>&nbsp;</p><p>4. <b>two</b></p>",
        "<ol start=\"3\">\n<li>one</li>\n<li><strong>two</strong></li>\n</ol>"
      },
      {"<p>• one<br>• two</p>", "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"},
      {"<p>a) one</p><p>b) two</p>", "<ol type=\"a\">\n<li>one</li>\n<li>two</li>\n</ol>"},
      // Years and lone dashes are no lists.
      {
        "<p>1987. It froze.</p><p>1991. It thawed.</p>",
        "<p>1987. It froze.</p>\n<p>1991. It thawed.</p>"
      },
      // Marks typed before the language was set. Those of this language stand as the CLDR has them.
      {"<p>„Heute nicht“, sagte sie.</p>", "<p>“Heute nicht”, sagte sie.</p>"},
      {"<p>«Pas ce soir», dit-elle.</p>", "<p>“Pas ce soir”, dit-elle.</p>"},
      {"<p>«&nbsp;Pas ce soir&nbsp;», dit-elle.</p>", "<p>“Pas ce soir”, dit-elle.</p>"},
      {
        "<p>She said “it’s the dogs’ night” and left.</p>",
        "<p>She said “it’s the dogs’ night” and left.</p>"
      },
      {"<p>„Sag ‚nein‘ dazu“, ging’s weiter.</p>", "<p>“Sag ‘nein’ dazu”, ging’s weiter.</p>"},
      {
        "<p><span lang=\"de\">„so“</span> and „so“</p>",
        "<p><span lang=\"de\">„so“</span> and “so”</p>"
      },
      {"<p>- alone</p><p>Text.</p>", "<p>- alone</p>\n<p>Text.</p>"},
      {"<p>1. one</p><p>3. three</p>", "<p>1. one</p>\n<p>3. three</p>"},
      {"<p><b>Visit</b></p><p>Come up the hill.</p>", "<h2>Visit</h2>\n<p>Come up the hill.</p>"},
      {"<p>WAIT FOR THE DARK. BRING A LAMP.</p>", "<p>Wait for the dark. Bring a lamp.</p>"},
      {
        "<p>The NASA and ESA teams met at the BBC.</p>",
        "<p>The NASA and ESA teams met at the BBC.</p>"
      },
      {
        "<p>She said <span style=\"color:#ff0000\">red</span> <b style=\"font-size:20px\">big</b>.</p>",
        "<p>She said red <strong>big</strong>.</p>"
      },
      {
        "<p>We walked along the long wall of the reservoir until it was<br>quite dark, and then<br>we waited.</p>",
        "<p>We walked along the long wall of the reservoir until it was quite dark, and then<br>we waited.</p>"
      },
      {
        "<p>We walked along the long wall of the reservoir all night.<br>Then we slept.</p>",
        "<p>We walked along the long wall of the reservoir all night.</p>\n<p>Then we slept.</p>"
      },
      {
        "<p>Keeper’s Lodge<br>Upper Lane<br>Tarnlow</p>",
        "<p>Keeper’s Lodge<br>Upper Lane<br>Tarnlow</p>"
      },
    };
  }

  @Test(dataProvider = "rules")
  public void eachHabitIsMended(String given, String expected) {
    assertEquals(tidied(given, "en"), expected);
  }

  /**
   * Quotation marks of the languages: the Unicode CLDR's, as published in its delimiters; the
   * sentences are made up.
   */
  @DataProvider
  public Object[][] quotes() {
    return new Object[][] {
      {
        "en",
        "\"Don't,\" she said, \"it's the wardens' gate.\"",
        "“Don’t,” she said, “it’s the wardens’ gate.”"
      },
      {"en", "He said: \"She said 'no' to me.\"", "He said: “She said ‘no’ to me.”"},
      {
        "en",
        "In the winter of '87 it was 5' 11\" deep.",
        "In the winter of ’87 it was 5' 11\" deep."
      },
      {"de", "\"Nacht\", sagte sie, \"ist 'dunkel'.\"", "„Nacht“, sagte sie, „ist ‚dunkel‘.“"},
      {"fr", "Elle dit \"oui\" a l'homme.", "Elle dit «\u00A0oui\u00A0» a l’homme."},
      {"sv", "Hon sa \"ja\".", "Hon sa ”ja”."},
    };
  }

  @Test(dataProvider = "quotes")
  public void straightQuotesBecomeThoseOfTheLanguage(
      String language, String given, String expected) {
    Document document = HtmlReader.read("<p></p>");
    document = new Document(List.of(app.blenner.core.document.Paragraph.of(given)));
    Document out = Tidy.apply(document, language, all(Tidy.find(document, language)));
    assertEquals(RunningText.of(out).get(0), expected);
  }

  @Test
  public void whatIsLeftStaysAndWhatIsTakenGoes() {
    Document document =
        HtmlReader.read(
            "<p><b>WHAT WE SAW</b></p><p>\"One\"&nbsp; and \"two\".</p><p>&nbsp;</p><p>- a</p><p>- b</p>");
    List<Tidy.Matches> found = Tidy.find(document, "en");
    assertEquals(
        found.stream().map(f -> f.rule() + " " + f.traces().size()).toList(),
        List.of(
            "bold-headings 1",
            "capitals 1",
            "straight-quotes 4",
            "spaces 1",
            "typed-lists 1",
            "empty-paragraphs 1"));
    Map<String, Set<String>> chosen = all(found);
    // The second pair of quotes and the capitals are left.
    String third = found.get(2).traces().get(2).key();
    String fourth = found.get(2).traces().get(3).key();
    chosen.get("straight-quotes").removeAll(Set.of(third, fourth));
    chosen.remove("capitals");
    assertEquals(
        HtmlWriter.write(Tidy.apply(document, "en", chosen)),
        "<h2>WHAT WE SAW</h2>\n<p>“One” and \"two\".</p>\n<ul>\n<li>a</li>\n<li>b</li>\n</ul>");
  }

  /** Whatever the text: nothing chosen changes nothing, and no letter goes when everything is. */
  @Test
  public void noLetterIsLost() {
    Trees trees = new Trees(4);
    for (int i = 0; i < 400; i++) {
      Document document = trees.document();
      assertEquals(Tidy.apply(document, "en", Map.of()), document);
      Map<String, Set<String>> chosen = all(Tidy.find(document, "en"));
      // Of two equal words one goes, and that is what was chosen.
      chosen.remove("doubled-words");
      Document after = Tidy.apply(document, "en", chosen);
      assertEquals(letters(after), letters(document), HtmlWriter.write(document));
      assertTrue(HtmlReader.read(HtmlWriter.write(after)).equals(after));
    }
  }

  /** Letters but single ones, which may have been the signs of typed lists. */
  private static String letters(Document document) {
    return String.join(" ", RunningText.of(document))
        .replaceAll("(?<!\\p{L})\\p{L}(?!\\p{L})|\\P{L}", "")
        .toLowerCase(Locale.ROOT);
  }
}

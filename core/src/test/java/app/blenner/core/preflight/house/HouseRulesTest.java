package app.blenner.core.preflight.house;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Repairs;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.WaiverPolicy;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules that hold where a house sets them. */
public class HouseRulesTest {

  private static Content content(String title, String language, String html) {
    return Content.builder()
        .title(title)
        .summary("A summary")
        .body(HtmlReader.read(html))
        .language(language)
        .build();
  }

  private static List<Finding> found(Content content, String rule, Setting setting) {
    return Preflight.check(
            Checked.subject(content, Kinds.STANDARD.get(0)), new Settings(Map.of(rule, setting)))
        .stream()
        .filter(f -> f.rule().equals(rule))
        .toList();
  }

  private static List<String> messages(Content content, String rule, Setting setting) {
    return found(content, rule, setting).stream().map(Finding::message).toList();
  }

  private static Setting words(String... lines) {
    return Setting.of(RuleSeverity.ADVISED).with(List.of(lines));
  }

  private static String mended(Content content, String rule, Setting setting) {
    Finding f = found(content, rule, setting).get(0);
    Fix fix = f.fixes().get(0);
    return HtmlWriter.write(
        Repairs.all(content, c -> found(c, rule, setting), rule, fix.label()).body());
  }

  @DataProvider
  public Object[][] unwanted() {
    return new Object[][] {
      // line, text, what is there that is not wanted
      {
        "utilise → use",
        "We utilise it. Utilise it! UTILISE",
        List.of("utilise", "Utilise", "UTILISE")
      },
      {"utilise", "We utilised it, and reutilise it.", List.of()},
      {"e-mail = email", "An e‑mail? An e-mail, an E-mail.", List.of("e-mail", "E-mail")},
      {
        "health  care -> healthcare",
        "health\u00A0care and health-care",
        List.of("health\u00A0care")
      },
      {"well → good", "A well-known well.", List.of("well")},
      {"reserve → dark sky reserve", "The reserve, our Dark Sky Reserve.", List.of("reserve")},
      {"Internet → internet", "The Internet. Internet cafés: the internet.", List.of("Internet")},
      {"naïve", "A naïve NAÏVE naive", List.of("naïve", "NAÏVE")},
      {"Straße → Weg", "Die Straße, STRASSE", List.of("Straße")},
      {"使用 → 用", "我们使用它，使用户", List.of("使用", "使用")},
      {"дом", "Этот дом, домик, Дом", List.of("дом", "Дом")},
      {"קר", "הקר קר", List.of("קר")},
      {"", "anything", List.of()},
      {"→", "anything →", List.of()},
      {"don't → do not", "We don’t and don't", List.of("don’t", "don't")},
      {"İ", "İ i I", List.of("İ")},
    };
  }

  @Test(dataProvider = "unwanted")
  public void unwantedWordsAreFoundWhereTheyStand(String line, String text, List<String> there) {
    List<String> hits =
        new WordBook(List.of(line))
            .hitsIn(text).stream().map(h -> text.substring(h.from(), h.to())).toList();
    assertEquals(hits, there);
  }

  @Test
  public void wantedWordsAreWrittenInTheirPlace() {
    Content content =
        content(
            "T",
            "en",
            "<p>Utilise <strong>it</strong>: to <em>utilise</em>. <code>utilise</code></p>");
    Setting set = words("utilise → use");
    assertEquals(
        messages(content, "house-words", set).get(0),
        "Instead of “Utilise” the house writes “Use”.");
    assertEquals(
        mended(content, "house-words", set),
        "<p>Use <strong>it</strong>: to <em>utilise</em>. <code>utilise</code></p>");
    assertEquals(messages(content("We utilise", "en", "<p>a</p>"), "house-words", set).size(), 1);
    assertEquals(found(content, "house-words", words()), List.of(), "a house without words");
  }

  /** A whole dictionary costs what is asked of it, not what it holds. */
  @Test(timeOut = 180_000)
  public void aDictionaryOfTwoHundredThousandWordsIsNoBurden() {
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < 200_000; i++) {
      lines.add("word" + i + " → better" + i);
    }
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 1000; i++) {
      text.append("<p>word").append(i * 7).append(" and other things</p>");
    }
    assertEquals(
        found(
                content("T", "en", text.toString()),
                "house-words",
                Setting.of(RuleSeverity.ADVISED).with(lines))
            .size(),
        1000);
  }

  @DataProvider
  public Object[][] counted() {
    Content plain = content("A title", "en", "<h2>One</h2><p>two three</p>");
    return new Object[][] {
      {
        plain,
        "title-length",
        8,
        70,
        "The title has 7 characters; at least 8 characters are wanted."
      },
      {plain, "title-length", 0, 6, "The title has 7 characters; at most 6 characters are wanted."},
      {plain, "title-length", 7, 7, ""},
      // Characters are those a reader counts, by Unicode UAX #29.
      {content("👩‍🚀é", "en", "<p>a</p>"), "title-length", 0, 2, ""},
      {content("", "en", "<p>a</p>"), "title-length", 5, 70, ""},
      {plain, "body-words", 4, 100, "The text has 3 words; at least 4 words are wanted."},
      {plain, "headings-count", 2, 9, "The text has 1 heading; at least 2 headings are wanted."},
      {plain, "pictures-count", 1, 9, "The text has 0 pictures; at least 1 picture is wanted."},
      {plain, "sections-count", 1, 1, "The item is in 0 sections; at least 1 section is wanted."},
      {plain, "keywords-count", 1, 3, "The item has 0 keywords; at least 1 keyword is wanted."},
      {plain, "search-title-length", 20, 60, ""},
      {
        content(
            "T",
            "en",
            "<p><a href='../items/x.html'>a</a> <a href='https://example.org/'>b</a></p>"),
        "links-outside",
        0,
        0,
        "The text has 1 link to other sites; at most 0 links to other sites are wanted."
      },
      {
        content(
            "T",
            "en",
            "<p><a href='../items/x.html'>a</a> <a href='https://example.org/'>b</a></p>"),
        "links-inside",
        2,
        9,
        "The text has 1 link within the site; at least 2 links within the site are wanted."
      },
    };
  }

  @Test(dataProvider = "counted")
  public void whatIsCountedIsHeldToItsLimits(
      Content content, String rule, int least, int most, String message) {
    Setting set = Setting.of(RuleSeverity.REQUIRED).with("least", least).with("most", most);
    assertEquals(messages(content, rule, set), message.isEmpty() ? List.of() : List.of(message));
  }

  @Test
  public void whatTheHouseAsksForIsMissed() {
    Content bare = content("T", "en", "<img src='../assets/a.png' alt='A hut'>");
    Setting required = Setting.of(RuleSeverity.REQUIRED);
    for (String rule :
        List.of(
            "lead-picture-missing",
            "authors-missing",
            "review-date-missing",
            "caption-missing",
            "credit-missing")) {
      assertEquals(found(bare, rule, required).size(), 1, rule);
      assertEquals(
          found(bare, rule, Setting.AS_IT_COMES), List.of(), rule + " is off until it is set");
    }
    Content named = bare.withValues(Map.of(StandardFields.AUTHORS, List.of("A. Ode")));
    assertEquals(found(named, "authors-missing", required), List.of());
  }

  @DataProvider
  public Object[][] titles() {
    return new Object[][] {
      {"the sky of the dale at night", "The Sky of the Dale at Night"},
      {"What It Is For", "What It Is For"},
      {"a walk: the way up", "A Walk: The Way Up"},
      {"iPads and NASA’s eBooks", "iPads and NASA’s eBooks"},
      {"The Lord Of The Rings", "The Lord of the Rings"},
      {"don’t look down", "Don’t Look Down"},
      {"", ""},
    };
  }

  /** Title case as style manuals have it; common practice. */
  @Test(dataProvider = "titles")
  public void titlesAreWrittenInTitleCase(String before, String after) {
    assertEquals(HeadlineCase.titled(before), after);
    assertEquals(HeadlineCase.titled(after), after, "once is enough");
  }

  @Test
  public void headingsAreHeldToTheCaseOfTheHouse() {
    Setting set = Setting.of(RuleSeverity.ADVISED);
    Content content = content("The Sky", "en", "<h2>the <em>sky at</em> night</h2>");
    assertEquals(mended(content, "title-case", set), "<h2>The <em>Sky at</em> Night</h2>");
    Content german = content("der Himmel", "de", "<h2>der Himmel</h2>");
    assertEquals(found(german, "title-case", set), List.of(), "German has rules of its own");
    Content capitals =
        content(
            "T", "en", "<h2>What We Know About Meteors</h2><h2>In the Tarnlow dark sky area</h2>");
    assertEquals(
        found(capitals, "sentence-case", set).stream().map(f -> f.path().steps()).toList(),
        List.of(List.of(0)),
        "a name is no title");
  }

  @Test
  public void theMainKeywordIsLookedForInItsPlaces() {
    Content content =
        Content.builder()
            .title("Moths by night")
            .summary("s")
            .body(HtmlReader.read("<p>They come.</p><h2>Moths and lamps</h2>"))
            .keywords(List.of("moths", "lamps"))
            .slug("moths-by-night")
            .build();
    assertEquals(
        messages(content, "keyword-places", Setting.of(RuleSeverity.ADVISED)),
        List.of("The main keyword, “moths”, is not in the first paragraph."));
  }

  @Test
  public void ownWordingAndWeightAreTold() {
    Setting set =
        new Setting(
            RuleSeverity.REQUIRED, Map.of(), List.of("foo"), "Ask the desk.", WaiverPolicy.NOBODY);
    Finding f = found(content("T", "en", "<p>foo</p>"), "house-words", set).get(0);
    assertEquals(f.why(), "Ask the desk.");
    assertTrue(f.level() == Severity.MUST_FIX);
  }

  /** WCAG 2.2, technique H39; a house asks for it where its tables stand far from what names them. */
  @Test
  public void tablesOfDataCanBeAskedForACaption() {
    Setting advised = Setting.of(RuleSeverity.ADVISED);
    String grid =
        "<tr><th>Walk</th><th>Length</th></tr><tr><td>Long</td><td>4 km</td></tr></table>";
    assertEquals(
        messages(content("T", "en", "<table>" + grid), "table-caption", advised),
        List.of("This table has no caption."));
    String named = "<table><caption>The walks</caption>" + grid;
    assertEquals(messages(content("T", "en", named), "table-caption", advised), List.of());
    String one = "<table><tr><td>Just words</td></tr></table>";
    assertEquals(messages(content("T", "en", one), "table-caption", advised), List.of());
  }

  /** Common practice: where nothing breaks the text, people find no place to begin. */
  @Test
  public void aWallIsCountedFromItsFirstParagraphToWhatBreaksIt() {
    Setting most = new Setting(RuleSeverity.ADVISED, Map.of("most", 100), List.of(), "", null);
    String sixty = "<p>" + "We walk on. ".repeat(20) + "</p>";
    assertEquals(
        messages(content("T", "en", sixty + "<hr>" + sixty), "wall-of-text", most), List.of());
    List<Finding> found =
        found(
            content("T", "en", "<h2>On</h2>" + sixty + sixty + "<h2>x</h2><p>y</p>"),
            "wall-of-text",
            most);
    assertEquals(found.size(), 1);
    assertEquals(found.get(0).path().steps(), List.of(1));
    assertEquals(
        found.get(0).message(),
        "From here on there are 120 words without a heading, a list or a picture between them.");
    String one = "<p>" + "We walk on. ".repeat(60) + "</p>";
    assertEquals(
        messages(content("T", "en", one), "wall-of-text", most),
        List.of(),
        "long-paragraph says it");
  }
}

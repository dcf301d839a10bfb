package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.house.Contrast;
import app.blenner.core.item.Content;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Examples the W3C publishes with its techniques, failures and ACT rules, as far as they are content that can be written
 * here. They are told from memory, with pictures of this site in the place of theirs.
 */
public class PublishedExamplesTest {
  private static final String IMG = "<img src='../assets/a.png' alt='%s'>";

  private static List<String> found(String html) {
    return Checked.of(
            Content.builder()
                .title("T")
                .summary("S")
                .body(HtmlReader.read(html))
                .language("en")
                .build())
        .stream()
        .map(Finding::rule)
        .toList();
  }

  @DataProvider
  public Object[][] failing() {
    return new Object[][] {
      // Failure F30: text alternatives that are not alternatives, such as file names or placeholder
      // text.
      {"F30", "alternative-file-name", IMG.formatted("picture 1")},
      {"F30", "alternative-file-name", IMG.formatted("0001")},
      {"F30", "alternative-file-name", IMG.formatted("spacer")},
      {"F30", "alternative-file-name", IMG.formatted("image")},
      {"F30", "alternative-file-name", IMG.formatted("picture")},
      {"F30", "alternative-file-name", IMG.formatted("12345.jpg")},
      {"F30", "alternative-file-name", IMG.formatted("Oct.jpg")},
      // Failure F65, ACT rule 23a2a8: an image without an accessible name that is not decorative.
      {"F65", "picture-alternative", "<p>x</p><img src='../assets/a.png'>"},
      // Failure F84: “click here” and “more” as the links of a list of articles.
      {"F84", "link-words", "<ul><li>Kitchen remodel <a href='/a'>more…</a></li><li>x</li></ul>"},
      {"F84", "link-words", "<p>Midwinter sale: <a href='/a'>full story</a></p>"},
      // Failure F89, ACT rule c487ae: an image is the only content of a link, and has no
      // alternative.
      {"F89", "empty-link-text", "<a href='/a'><img src='../assets/a.png' alt=''></a>"},
      {"c487ae", "empty-link-text", "<p>a<a href='/a'>&nbsp;</a></p>"},
      // Failure F22 of SC 3.2.5 and technique G201: a new window without a warning.
      {
        "G201",
        "link-new-tab",
        "<p><a href='https://example.org/' target='_blank'>Knitting</a> it</p>"
      },
      // ACT rule afw4f7, failed example: light grey text on white, 2.3 : 1.
      {
        "afw4f7",
        "colour-contrast",
        "<p><span style='color: #aaaaaa'>Some text in English</span></p>"
      },
      // Failure F2, ACT rule on headings: text made bold to look like a heading.
      {
        "F2",
        "bold-headings",
        "<p><strong>Cooking techniques</strong></p><p>Some text here about it, and how.</p>"
      },
      // Failure F91, technique H51: a data table without header cells.
      {
        "F91",
        "table-head",
        "<table><tr><td>Homework</td><td>Exams</td></tr><tr><td>15%</td><td>30%</td></tr></table>"
      },
      // Technique H42 with G141: levels skipped.
      {"G141", "heading-skipped", "<h2>Study</h2><p>x</p><h4>On the phone</h4><p>x</p>"},
    };
  }

  @Test(dataProvider = "failing")
  public void whatIsPublishedAsAFailureIsFound(String named, String rule, String html) {
    assertEquals(found(html).contains(rule), true, named + ": " + found(html) + " in " + html);
  }

  @DataProvider
  public Object[][] passing() {
    return new Object[][] {
      {"H37", IMG.formatted("Company logo of the Dale Society")},
      {"H67", "<p>x</p>" + IMG.formatted("")},
      {"G91", "<p>See the <a href='/bill'>text of the Bill of Rights</a>.</p>"},
      {"C487ae", "<p>On the <a href='/wai'>Web Accessibility Initiative (WAI)</a></p>"},
      {"H30", "<p>See <a href='/routes'>Current routes at Boulders Climbing Gym</a>.</p>"},
      {
        "G201",
        "<p><a href='https://example.org/' target='_blank'>Knitting (opens in a new window)</a></p>"
      },
      // ACT rule afw4f7, passed example: dark grey text on white, 12.6 : 1.
      {"afw4f7", "<p><span style='color: #333333'>Some text in English</span></p>"},
    };
  }

  @Test(dataProvider = "passing")
  public void whatIsPublishedAsRightIsLetStand(String named, String html) {
    assertEquals(found(html), List.of(), named + " in " + html);
  }

  /** Ratios that ACT rule afw4f7 and “Understanding SC 1.4.3” name. */
  @Test
  public void contrastIsThatPublished() {
    assertEquals(Contrast.ratioOf("#333333", "#ffffff"), 12.6, 0.05);
    assertEquals(Contrast.ratioOf("#aaaaaa", "#ffffff"), 2.3, 0.05);
    assertEquals(Contrast.ratioOf("#777777", "#ffffff"), 4.48, 0.005);
    assertEquals(Contrast.ratioOf("#767676", "#ffffff"), 4.54, 0.005);
    assertEquals(Contrast.ratioOf("#000000", "#ffffff"), 21, 0.0001);
  }
}

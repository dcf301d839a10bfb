package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Pages put together at random, most of them nothing that any program would write: each is taken in
 * without an error, every word of it comes through in every mode, and what was taken in once is
 * settled.
 */
public class IntakeFuzzTest {
  private static final String[] TAGS =
      ("p div span b i u em strong a font ul ol li table tr td th tbody thead caption h1 h2 h3 h6 blockquote"
              + " pre code br sup sub section article header figure figcaption center s del ins q cite"
              + " dl dt dd label small big tt address main nav o:p")
          .split(" ");
  private static final String[] ATTRIBUTES = {
    "class=MsoNormal",
    "class=MsoListParagraph",
    "class=MsoQuote",
    "class=MsoTitle",
    "class=MsoCaption",
    "class=\"indent-3 drop-cap\"",
    "style='mso-list:l0 level1 lfo1'",
    "style='mso-list:l1 level3 lfo2'",
    "style='font-size:20pt;font-weight:bold'",
    "style='color:#f00;background-color:yellow'",
    "style='text-indent:-18pt;margin-left:36pt'",
    "style='font-weight:normal;font-style:normal'",
    "style='mso-outline-level:2'",
    "style=';;:;x'",
    "align=center",
    "colspan=3",
    "rowspan=2",
    "start=7",
    "type=a",
    "lang=de",
    "dir=rtl",
    "href='https://x.example/url?q=https%3A%2F%2Fgoal.example%2F%25'",
    "href='#there'",
    "href='javascript:x'",
    "name=there",
    "id=there",
    "title='a \"b\"'"
  };
  private static final String[] SIGNS = {
    "• ", "1. ", "a) ", "- ", "&nbsp;", " ", "\n", "&amp;", "&lt;p&gt;", "\u202E", "\u0301", "👩‍🚀"
  };

  private final Random random;
  private int word;

  public IntakeFuzzTest() {
    this(0);
  }

  private IntakeFuzzTest(long seed) {
    random = new Random(seed);
  }

  private String page() {
    StringBuilder out = new StringBuilder();
    for (int i = 1 + random.nextInt(4); i > 0; i--) {
      piece(out, 0);
    }
    return out.toString();
  }

  private void piece(StringBuilder out, int depth) {
    String tag = TAGS[random.nextInt(TAGS.length)];
    out.append('<').append(tag);
    for (int i = random.nextInt(3); i > 0; i--) {
      out.append(' ').append(ATTRIBUTES[random.nextInt(ATTRIBUTES.length)]);
    }
    out.append('>');
    for (int i = random.nextInt(4); i > 0; i--) {
      if (random.nextInt(3) == 0) {
        out.append(SIGNS[random.nextInt(SIGNS.length)]);
      }
      if (depth < 7 && random.nextInt(2) == 0) {
        piece(out, depth + 1);
      } else {
        // Words of their own, so that none can stand in for another.
        out.append(" wo").append("rt".repeat(1 + word % 3)).append(letters(word++)).append(' ');
      }
    }
    // Not every element is closed, and some are closed that were never opened.
    if (random.nextInt(12) > 0) {
      out.append("</").append(random.nextInt(15) == 0 ? "div" : tag).append('>');
    }
  }

  private static String letters(int n) {
    StringBuilder out = new StringBuilder();
    for (int rest = n + 1; rest > 0; rest /= 26) {
      out.append((char) ('a' + rest % 26));
    }
    return out.toString();
  }

  private static List<String> words(String text) {
    List<String> out = new ArrayList<>();
    Matcher m = Pattern.compile("wo(?:rt)+[a-z]+").matcher(text);
    while (m.find()) {
      out.add(m.group());
    }
    out.sort(null);
    return out;
  }

  @DataProvider
  public Object[][] seeds() {
    Object[][] out = new Object[5][];
    for (int i = 0; i < out.length; i++) {
      out[i] = new Object[] {100L + i};
    }
    return out;
  }

  @Test(dataProvider = "seeds")
  public void everyWordComesThroughAndIsSettled(long seed) {
    IntakeFuzzTest maker = new IntakeFuzzTest(seed);
    for (int n = 0; n < 120; n++) {
      String html = maker.page();
      List<String> visible = words(Jsoup.parse(html).body().wholeText());
      for (PasteMode mode :
          new PasteMode[] {PasteMode.CLEAN, PasteMode.FORMATTED, PasteMode.PARAGRAPHS}) {
        Intake intake =
            Intake.read(IntakeSource.ofHtml(html), mode, Pictures.NONE, Destination.NEW);
        String got = String.join("\n", RunningText.of(intake.document()));
        assertEquals(words(got), visible, mode + ": " + html);
        String written = HtmlWriter.write(intake.document());
        assertEquals(HtmlReader.read(written), intake.document(), mode + ": " + html);
      }
    }
  }

  /** The main text of a page holds words of the page and no others, each once. */
  @Test(dataProvider = "seeds")
  public void theMainTextIsPartOfThePage(long seed) {
    IntakeFuzzTest maker = new IntakeFuzzTest(seed);
    for (int n = 0; n < 120; n++) {
      String html = "<article>" + maker.page() + "</article>" + maker.page();
      List<String> all = words(Jsoup.parse(html).body().wholeText());
      MainText.find(Jsoup.parse(html))
          .ifPresent(
              found -> {
                List<String> rest = new ArrayList<>(all);
                for (String word : words(found.body().wholeText())) {
                  assertTrue(rest.remove(word), word + " in " + html);
                }
              });
    }
  }

  @Test(dataProvider = "seeds")
  public void headingsThatAreOfferedCanBeMade(long seed) {
    IntakeFuzzTest maker = new IntakeFuzzTest(seed);
    for (int n = 0; n < 60; n++) {
      String html = maker.page();
      Intake intake =
          Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
      var made =
          Intake.read(
                  IntakeSource.ofHtml(html),
                  PasteMode.CLEAN,
                  Pictures.NONE,
                  Destination.NEW,
                  Set.of(Offer.Kind.HEADINGS))
              .document();
      assertEquals(
          words(String.join("\n", RunningText.of(made))),
          words(String.join("\n", RunningText.of(intake.document()))),
          html);
    }
  }
}

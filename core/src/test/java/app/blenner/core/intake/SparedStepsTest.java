package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.office.Pictures;
import app.blenner.core.intake.IntakeReport.Tally;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * A step that is spared a page would have found nothing in it: pages put together at random from the
 * habits of all programs come out the same with every step and with those that {@link PageFeatures} calls for.
 */
public class SparedStepsTest {
  private static final List<String> PIECES =
      List.of(
          "<p>plain words</p>",
          "<p class=MsoNormal style='margin:0cm'><span lang=EN-GB style='font-size:11.0pt'>dressed</span></p>",
          "<p class=MsoListParagraph style='mso-list:l0 level1 lfo1'><span style='mso-list:Ignore'>·</span>item</p>",
          "<p>• typed</p>",
          "<del datetime=x>gone</del><ins cite=y>come</ins>",
          "<span class=msoDel>gone</span><span class='MSOINS'>come</span>",
          "<p>word<a class=sdfootnoteanc name=sdfootnote1anc href='#sdfootnote1sym'><sup>1</sup></a></p><div id=sdfootnote1><p><a class=sdfootnotesym name=sdfootnote1sym href='#sdfootnote1anc'>1</a>note</p></div>",
          "<p>word<a href='#_ftn1' name='_ftnref1'>[1]</a></p><div id=ftn1><p><a href='#_ftnref1' name='_ftn1'>[1]</a> note</p></div>",
          "<p>w<a role=doc-noteref href='#fn1'>1</a></p><section><ol><li id=fn1>note <a role=doc-backlink href='#r'>b</a></li></ol></section>",
          "<p class=MsoTitle>Title</p>",
          "<p class='western quotations'>x</p><p class=MsoIntenseQuote>quoted</p>",
          "<p class=MsoCaption>Caption</p><table><tr><td>a</td></tr><tr><td>b</td></tr></table>",
          "<table><tr><td><b>A</b></td><td><b>B</b></td></tr><tr><td>1</td><td>2</td></tr></table>",
          "<img src='https://x.example/a.png' width=1 height=1>",
          "<img src='data:image/png;base64,AAAA'>",
          "<p>&nbsp;</p>",
          "<p>a&nbsp;b</p>",
          "<p style='font-weight:bold'>bold block</p>",
          "<a href='https://x.example/url?q=https%3A%2F%2Fgoal.example%2F'>link</a>",
          "<a href='#there'>jump</a><h2 id=there>Place</h2>",
          "<font color=red size=4>font</font>",
          "<b style='font-weight:normal'>not bold</b>",
          "<p style='mso-outline-level:1'>outline</p>",
          "<script>x()</script>",
          "<noscript>y</noscript>",
          "<div hidden>hidden</div>",
          "<div style='DISPLAY: none'>hidden</div>",
          "<span style='visibility:hidden'>hidden</span>",
          "<span style='mso-hide:all'>hidden</span>",
          "<iframe src='https://x.example/'></iframe>",
          "<button>press</button>",
          "<p class=prompt>write here</p>",
          "<a class=msocomanchor href='#c'>[A1]</a>",
          "<div style='mso-element:comment-list'><div style='mso-element:comment'>remark</div></div>",
          "<span class=sdcomment>remark</span>",
          "<title>title</title><meta name=a content=b><o:p></o:p>",
          "<ul><li>one<ul><li>two</li></ul></li></ul>",
          "<code>mag</code><pre>err</pre>");

  @DataProvider
  public Object[][] seeds() {
    return new Object[][] {{11L}, {12L}, {13L}, {14L}};
  }

  @Test(dataProvider = "seeds")
  public void spareNothingThatWouldHaveBeenFound(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < 400; n++) {
      StringBuilder page = new StringBuilder();
      for (int i = 1 + random.nextInt(5); i > 0; i--) {
        String piece = PIECES.get(random.nextInt(PIECES.size()));
        page.append(random.nextInt(4) == 0 ? "<div>" + piece + "</div>" : piece);
      }
      assertSame(page.toString());
    }
  }

  @Test
  public void nothingOfTheCorpusIsSparedWrongly() throws IOException {
    try (Stream<Path> all = Files.walk(Path.of("src/test/resources/intake"))) {
      List<Path> pages = all.filter(p -> p.toString().endsWith(".html")).toList();
      assertTrue(pages.size() >= 10, pages.toString());
      for (Path page : pages) {
        assertSame(Files.readString(page));
      }
    }
  }

  private static void assertSame(String html) {
    Tally few = new Tally();
    Tally all = new Tally();
    Element spared = HtmlCleaning.clean(html, PasteMode.CLEAN, Pictures.NONE, Destination.NEW, few);
    Element page = HtmlCleaning.cleanPage(html, PasteMode.CLEAN);
    for (CleaningStep step : HtmlCleaning.steps(Pictures.NONE, Destination.NEW)) {
      step.take(page, all);
    }
    assertEquals(spared.html(), page.html(), html);
    assertEquals(few.report(), all.report(), html);
  }
}

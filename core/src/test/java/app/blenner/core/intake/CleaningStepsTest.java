package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * One habit of the programs that write clipboards in each line: what comes, what is made of it, and
 * what the report says of it. The shapes are those of ECMA-376's HTML counterparts and of the editors
 * of mail and web pages, written down from memory; the corpus has real ones.
 */
public class CleaningStepsTest {
  private static final Pictures KEPT = (words, type, bytes) -> Optional.of("kept.png");
  private static final String LEVEL =
      "<p class=MsoListParagraph style='margin-left:%spt;text-indent:-18.0pt;mso-list:l%s level%s lfo1'>"
          + "<![if !supportLists]><span style='mso-list:Ignore'>%s<span>&nbsp;&nbsp; </span></span><![endif]>%s</p>";

  private static Intake take(String html) {
    return Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, KEPT, Destination.NEW);
  }

  private static String item(int list, int level, String sign, String words) {
    return LEVEL.formatted(level * 36, list, level, sign, words);
  }

  @DataProvider
  public Object[][] lists() {
    return new Object[][] {
      {
        "signs at two levels",
        item(0, 1, "·", "one") + item(0, 2, "o", "in") + item(0, 1, "·", "two"),
        "<ul>\n<li>one\n<ul>\n<li>in</li>\n</ul>\n</li>\n<li>two</li>\n</ul>"
      },
      {
        "numbers that begin elsewhere",
        item(0, 1, "4.", "four") + item(0, 1, "5.", "five"),
        "<ol start=\"4\">\n<li>four</li>\n<li>five</li>\n</ol>"
      },
      {
        "letters and roman numbers",
        item(0, 1, "a)", "one") + item(0, 2, "i.", "in") + item(0, 2, "ii.", "in too"),
        "<ol type=\"a\">\n<li>one\n<ol type=\"i\">\n<li>in</li>\n<li>in too</li>\n</ol>\n</li>\n</ol>"
      },
      {
        "another list directly behind one",
        item(0, 1, "1.", "one") + item(1, 1, "1.", "first"),
        "<ol>\n<li>one</li>\n</ol>\n<ol>\n<li>first</li>\n</ol>"
      },
      {
        "a list that was pasted together and counts on",
        item(0, 1, "1.", "one") + item(7, 1, "2.", "two"),
        "<ol>\n<li>one</li>\n<li>two</li>\n</ol>"
      },
      {
        "a level that is skipped on the way down",
        item(0, 1, "·", "one") + item(0, 3, "·", "deep"),
        "<ul>\n<li>one\n<ul>\n<li>deep</li>\n</ul>\n</li>\n</ul>"
      },
      {
        "an empty paragraph between two items",
        item(0, 1, "·", "one") + "<p class=MsoNormal>&nbsp;</p>" + item(0, 1, "·", "two"),
        "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"
      },
      {
        "a heading with a number stays a heading",
        "<h2 style='mso-list:l0 level1 lfo1'><![if !supportLists]><span style='mso-list:Ignore'>1.<span>&nbsp;&nbsp; </span></span><![endif]>Sky</h2>",
        "<h2>1. Sky</h2>"
      },
      {
        "signs typed into paragraphs",
        "<p>• a lamp</p><p>• a hood</p>",
        "<ul>\n<li>a lamp</li>\n<li>a hood</li>\n</ul>"
      },
      {
        "typed numbers with hanging lines",
        "<p style='text-indent:-1cm'>1. a lamp</p><p style='text-indent:-1cm'>2. a hood</p>",
        "<ol>\n<li>a lamp</li>\n<li>a hood</li>\n</ol>"
      },
      {"a year is no number of a list", "<p>1998. It was cold.</p><p>1999. Too.</p>", null},
      {"one sign alone is no list", "<p>• a lamp</p><p>and a hood</p>", null},
      {"a dash opens speech as well", "<p>– Who is there?</p><p>– The owl.</p>", null},
      {
        "lists nested beside their items",
        "<ul><li>one</li><ul><li>in</li></ul><li>two</li></ul>",
        "<ul>\n<li>one\n<ul>\n<li>in</li>\n</ul>\n</li>\n<li>two</li>\n</ul>"
      },
    };
  }

  /** Where nothing is expected, the paragraphs stay paragraphs. */
  @Test(dataProvider = "lists")
  public void lists(String habit, String html, String expected) {
    String got = HtmlWriter.write(take(html).document());
    if (expected == null) {
      assertTrue(got.startsWith("<p>") && !got.contains("<li>"), habit + ": " + got);
    } else {
      assertEquals(got, expected, habit);
    }
  }

  @DataProvider
  public Object[][] habits() {
    return new Object[][] {
      // Emphasis that is said, unsaid, and said in other words.
      {"<p><b style='font-weight:normal'>plain</b></p>", "<p>plain</p>", ""},
      {"<p><i style='font-style:normal'>plain</i></p>", "<p>plain</p>", ""},
      {
        "<p>a <span style='font-weight:700'>b</span></p>",
        "<p>a <strong>b</strong></p>",
        "1 style setting"
      },
      {"<p><span style='font-style:italic'>a</span> b</p>", "<p><em>a</em> b</p>", "1 style"},
      {
        "<p>a<span style='vertical-align:super'>2</span> b<span style='vertical-align:sub'>1</span></p>",
        "<p>a<sup>2</sup> b<sub>1</sub></p>",
        "2 style"
      },
      {
        "<p style='font-weight:bold'>all <span>of it</span></p><p>x</p>",
        "<p><strong>all of it</strong></p>\n<p>x</p>",
        "style"
      },
      {
        "<p>x <span style=\"font-family:'Courier New'\">mag()</span> y</p>",
        "<p>x <code>mag()</code> y</p>",
        "1 style"
      },
      {
        "<p><a href='https://a.example/'><u>there</u></a></p>",
        "<p><a href=\"https://a.example/\">there</a></p>",
        ""
      },
      {"<h2><b>Sky</b></h2>", "<h2>Sky</h2>", ""},
      // Space that stands for itself, and space that stands for a gap.
      {
        "<p>a</p><p>&nbsp;</p><p><br></p><p><o:p>&nbsp;</o:p></p><p>b</p>",
        "<p>a</p>\n<p>b</p>",
        "3 empty lines"
      },
      {"<p>a&nbsp;&nbsp; b</p>", "<p>a b</p>", "2 no-break spaces"},
      {"<p>21&nbsp;mag and&nbsp;so</p>", "<p>21&nbsp;mag and so</p>", "1 no-break space"},
      {"<p>Vraiment&nbsp;!</p>", "<p>Vraiment&nbsp;!</p>", ""},
      {"<p>one<br><br>two</p>", "<p>one</p>\n<p>two</p>", ""},
      {"<p>one<br>two</p>", "<p>one<br>two</p>", ""},
      {"<div>one</div><div><br></div><div>two</div>", "<p>one</p>\n<p>two</p>", "1 empty line"},
      // What was deleted, remarked and hidden.
      {
        "<p>It is <del cite='mailto:x' datetime='2026-01-01'>broken</del><ins cite='mailto:x' datetime='2026-01-01'>mended</ins>.</p>",
        "<p>It is mended.</p>",
        "1 tracked deletion"
      },
      {"<p>It was <del>here</del>.</p>", "<p>It was <s>here</s>.</p>", ""},
      {"<p>a<span style='mso-hide:all'>secret</span> b</p>", "<p>a b</p>", "1 hidden piece"},
      {"<p>a</p><div style='display:none'>b</div>", "<p>a</p>", "1 hidden piece"},
      {"<P>a</P><DIV STYLE='DISPLAY: none'>b</DIV>", "<p>a</p>", "1 hidden piece"},
      {
        "<P STYLE='FONT-SIZE: 20pt; TEXT-ALIGN: Center'>large</P><P>small words, and many of them</P>",
        "<p>large</p>\n<p>small words, and many of them</p>",
        "2 style settings"
      },
      {"<p>a</p><div hidden>b</div>", "<p>a</p>", "1 hidden piece"},
      {"<p>a<script>b()</script></p>", "<p>a</p>", "1 piece of program code"},
      {"<style>p{color:red}</style><p>a</p>", "<p>a</p>", ""},
      {"<p>a <button>Press</button></p>", "<p>a</p>", "1 button"},
      {"<p>a</p><iframe src='https://ads.example/x'></iframe>", "<p>a</p>", "1 frame"},
      // Pictures.
      {
        "<p>a<img src='https://t.example/p.gif' width=1 height=1></p>",
        "<p>a</p>",
        "1 tracking picture"
      },
      {
        "<p>a<img style='width:1px;height:1px' src='https://t.example/p.gif'></p>",
        "<p>a</p>",
        "1 tracking picture"
      },
      {"<p>a<img src='cid:part1'></p>", "<p>a</p>", "1 picture"},
      // Tables.
      {"<p>a</p><table></table><table><caption>b</caption></table>", "<p>a</p>\n<p>b</p>", ""},
      {
        "<table><tr><td><b>A</b></td><td><b>B</b></td></tr><tr><td>1</td><td>2</td></tr></table>",
        "<table>\n<thead>\n<tr>\n<th scope=\"col\">A</th>\n<th scope=\"col\">B</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>1</td>\n<td>2</td></tr>\n</tbody>\n</table>",
        ""
      },
      {
        "<table role=presentation><tr><td>a</td><td>b</td></tr></table>",
        "<p>a</p>\n<p>b</p>",
        "1 table that only laid the page out"
      },
      {"<table><tr><td><p>Only</p></td></tr></table>", "<p>Only</p>", "1 table that only"},
      {
        "<p class=MsoCaption>Readings</p><table><tr><th>A</th></tr><tr><td>1</td></tr></table>",
        "<table>\n<caption>Readings</caption>\n<thead>\n<tr>\n<th scope=\"col\">A</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>1</td></tr>\n</tbody>\n</table>",
        ""
      },
      // Paragraphs whose style says what they are.
      {"<p class=MsoTitle>Sky</p><p>x</p>", "<h2>Sky</h2>\n<p>x</p>", "1 style"},
      {
        "<p class=MsoQuote>one</p><p class=MsoQuote>two</p>",
        "<figure class=\"quote\"><blockquote>\n<p>one</p>\n<p>two</p>\n</blockquote></figure>",
        "2 style"
      },
      {"<p style='mso-outline-level:2'>Sky</p>", "<h2>Sky</h2>", "1 style"},
      // Links.
      {"<p><a href='#_Toc12'>Part one</a></p>", "<p>Part one</p>", "1 link that led nowhere"},
      {"<p><a name='_Hlk1'></a>a</p>", "<p>a</p>", ""},
      {
        "<p><a href='https://goal.example/?id=1&amp;utm_campaign=x'>a</a></p>",
        "<p><a href=\"https://goal.example/?id=1\">a</a></p>",
        "1 tracking mark"
      },
      {
        "<p><a href='https://x.safelinks.example/?url=https%3A%2F%2Fgoal.example%2F&data=1'>a</a></p>",
        "<p><a href=\"https://goal.example/\">a</a></p>",
        "1 detour"
      },
      {"<p><a href='file:///C:/x.html'>a</a></p>", "<p>a</p>", "1 link that led nowhere"},
      // The language everything is in anyway says nothing; another one does.
      {
        "<p lang=EN-GB>The <span lang=DE>dunkle Nacht</span> came over all the hills at once.</p>",
        "<p>The <span lang=\"de\">dunkle Nacht</span> came over all the hills at once.</p>",
        ""
      },
    };
  }

  @Test(dataProvider = "habits")
  public void habits(String html, String expected, String dropped) {
    Intake intake = take(html);
    assertEquals(HtmlWriter.write(intake.document()), expected);
    String sentence = intake.report().sentence();
    if (dropped.isEmpty()) {
      assertTrue(
          !sentence.contains("Dropped") || sentence.matches(".*Dropped \\d+ style settings?\\."),
          sentence);
    } else {
      assertTrue(sentence.contains(dropped), sentence);
    }
  }

  @Test
  public void whatIsCountedIsSaidOnceAndInOrder() {
    Intake intake =
        take(
            "<h2>A</h2><ul><li>b</li></ul><p><a href='https://x.example/'>c</a> <a href='https://y.example/'>d</a></p>"
                + "<blockquote><p>e</p></blockquote><pre>f</pre><script>g</script><p>&nbsp;</p>");
    assertEquals(
        intake.report().sentence(),
        "Kept 1 heading, 1 list, 2 links, 1 quote and 1 piece of code. Dropped 1 empty line and 1 piece of program code.");
  }

  @Test
  public void aThousandThingsAreCountedWithAComma() {
    String html = "<p style='margin:0'>a</p>".repeat(1_250);
    assertEquals(take(html).report().sentence(), "Kept the words. Dropped 1,250 style settings.");
  }
}

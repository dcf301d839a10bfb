package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.BlockVisitor;
import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

/** The two laws of the stored form, over thousands of generated trees and strings. */
public class CanonicalFormTest {
  private static final int ROUNDS = 4000;

  @Test
  public void whatIsWrittenIsReadAsTheSameTree() {
    Set<String> kinds = new HashSet<>();
    for (int seed = 0; seed < ROUNDS; seed++) {
      Document tree = new Trees(seed).document();
      tree.walk((path, block) -> kinds.add(block.getClass().getSimpleName()));
      String html = HtmlWriter.write(tree);
      assertEquals(HtmlReader.read(html), tree, "seed " + seed + "\n" + html);
    }
    assertEquals(
        kinds.size(),
        BlockVisitor.class.getDeclaredMethods().length,
        "every kind of block was tried: " + kinds);
  }

  @Test
  public void anyStringSettlesAfterOneReading() {
    for (int seed = 0; seed < ROUNDS * 3; seed++) {
      String soup = soup(new Random(seed));
      String once = HtmlWriter.write(HtmlReader.read(soup));
      assertEquals(HtmlWriter.write(HtmlReader.read(once)), once, "seed " + seed + "\n" + soup);
    }
  }

  @Test
  public void damagedCanonicalTextSettlesToo() {
    for (int seed = 0; seed < ROUNDS; seed++) {
      Random random = new Random(seed);
      StringBuilder html = new StringBuilder(HtmlWriter.write(new Trees(seed).document()));
      for (int i = 0; i < 5 && html.length() > 2; i++) {
        int at = random.nextInt(html.length() - 1);
        html.delete(at, Math.min(html.length(), at + 1 + random.nextInt(6)));
      }
      String once = HtmlWriter.write(HtmlReader.read(html.toString()));
      assertEquals(HtmlWriter.write(HtmlReader.read(once)), once, "seed " + seed + "\n" + html);
    }
  }

  @Test
  public void nothingIsTooDeepOrTooLong() {
    for (String open :
        new String[] {
          "<div>",
          "<b>",
          "<ul><li>",
          "<blockquote>",
          "<table><td>",
          "<a href=/x><p>",
          "<span lang=fr>"
        }) {
      String once = HtmlWriter.write(HtmlReader.read(open.repeat(5000) + "the last word"));
      assertTrue(once.contains("the last word"), open);
      assertEquals(HtmlWriter.write(HtmlReader.read(once)), once, open);
    }
    String long1 = "word ".repeat(200_000);
    assertEquals(HtmlReader.read(long1).blocks().size(), 1);
  }

  private static final String[] PIECES = {
    "<p>",
    "</p>",
    "<b>",
    "</b>",
    "<i style='color:red'>",
    "</i>",
    "<a href='/x'>",
    "</a>",
    "<div>",
    "</div>",
    "<ul>",
    "</ul>",
    "<ol start=3>",
    "</ol>",
    "<li>",
    "</li>",
    "<table>",
    "</table>",
    "<tr>",
    "<td colspan=2>",
    "<th rowspan=0>",
    "</td>",
    "<thead>",
    "<caption>",
    "<h2>",
    "</h2>",
    "<h4 id=a>",
    "<img src='../assets/a.png'>",
    "<img src=x onerror=alert(1) alt=words>",
    "<br>",
    "<hr>",
    "<figure>",
    "</figure>",
    "<figcaption>",
    "<blockquote>",
    "</blockquote>",
    "<pre>",
    "\n",
    "</pre>",
    "<code>",
    "<script>",
    "</script>",
    "<style>",
    "</style>",
    "<!--",
    "-->",
    "<form class=contact-form>",
    "<label>",
    "<input name=a>",
    "<select>",
    "<option>",
    "</select>",
    "<textarea>",
    "</textarea>",
    "<svg>",
    "<math>",
    "<mtext>",
    "<mglyph>",
    "</svg>",
    "<template>",
    "<noscript>",
    "</noscript>",
    "<iframe src='https://a.example/'>",
    "</iframe>",
    "<div class=html>",
    "<div class=columns>",
    "<div class=column>",
    "<aside class='callout tip'>",
    "<figure class=gallery>",
    "<figure class='quote pull'>",
    "<p class=button>",
    "<p class=download>",
    "<div class=item-list data-count=3>",
    "<small>",
    "<font color=blue>",
    "<q>",
    "<plaintext>",
    "<xmp>",
    "<button>",
    "<details>",
    "<summary>",
    "<dl>",
    "<dt>",
    "<dd>",
    "&lt;",
    "&amp",
    "&nbsp;",
    "&#0;",
    "&#x1F600;",
    "text",
    " ",
    "two words",
    "\u00A0",
    "\u0000",
    "<",
    ">",
    "\"",
    "'",
    "<p class='drop-cap indent-3'>",
    "<span class=style-x>",
    "<abbr title=t>",
    "<mark>",
    "<data value=a.b>",
    "<video src='../assets/a.mp4'>",
    "</video>",
    "<track src='../assets/b.vtt'>",
    "<colgroup>",
    "<col style='width:50%'>",
    "<frameset>",
    "<body>",
    "<html>",
    "</body>",
    "<nobr>",
    "<ruby>",
    "<rt>"
  };

  private static String soup(Random random) {
    StringBuilder out = new StringBuilder();
    for (int i = 2 + random.nextInt(25); i > 0; i--) {
      out.append(PIECES[random.nextInt(PIECES.length)]);
    }
    return out.toString();
  }
}

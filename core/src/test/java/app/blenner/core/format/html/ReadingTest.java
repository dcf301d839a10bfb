package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How foreign HTML becomes a text. */
public class ReadingTest {
  private static String read(String html) {
    return HtmlWriter.write(HtmlReader.read(html));
  }

  @DataProvider
  public Object[][] foreign() {
    return new Object[][] {
      {"plain words", "<p>plain words</p>"},
      {"<div>a</div><div>b</div>", "<p>a</p>\n<p>b</p>"},
      {"<p>  a \n b  </p>", "<p>a b</p>"},
      {"<p></p><p>&nbsp;</p><p> </p>", "<p>&nbsp;</p>"},
      {"<p>a<br></p><p><br>b</p>", "<p>a</p>\n<p>b</p>"},
      {"<b><p>a</p></b>", "<p><strong>a</strong></p>"},
      {"<b>a</b><strong>b</strong>", "<p><strong>ab</strong></p>"},
      {"<em><strong>x</strong></em>", "<p><strong><em>x</em></strong></p>"},
      {
        "<a href='https://Example.ORG/ü b'>x</a>",
        "<p><a href=\"https://example.org/%C3%BC%20b\">x</a></p>"
      },
      {"<a href='a.html'>x</a>", "<p>x</p>"},
      {
        "<p>a<img src='../assets/r.jpg' alt=''>b</p>",
        "<p>a</p>\n<figure class=\"picture\"><img src=\"../assets/r.jpg\" alt=\"\"></figure>\n<p>b</p>"
      },
      {"<img src='file:///x.png' alt='a map'>", "<p>a map</p>"},
      {
        "<ul><li>a<ul><li>b</li></ul></li></ul>",
        "<ul>\n<li>a\n<ul>\n<li>b</li>\n</ul>\n</li>\n</ul>"
      },
      {
        "<ul><li>a</li><ul><li>b</li></ul></ul>",
        "<ul>\n<li>a\n<ul>\n<li>b</li>\n</ul>\n</li>\n</ul>"
      },
      {
        "<blockquote>a</blockquote>",
        "<figure class=\"quote\"><blockquote>\n<p>a</p>\n</blockquote></figure>"
      },
      {
        "<span style='font-weight:700;color:#ABC'>x</span>",
        "<p><span style=\"color: #aabbcc\"><strong>x</strong></span></p>"
      },
      {"<p style='text-align:center' class='foreign'>x</p>", "<p class=\"align-centre\">x</p>"},
      {"<dl><dt>a</dt><dd>b</dd></dl>", "<p>a</p>\n<p>b</p>"},
      {"<select><option>one<option>two</select>", "<p>one</p>\n<p>two</p>"},
      {
        "<table><tr><th>h<tr><td>d</table>",
        "<table>\n<thead>\n<tr>\n<th scope=\"col\">h</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>d</td></tr>\n</tbody>\n</table>"
      },
      {
        "<table><tr><td><th>h<tr><th>r<td>d</table>",
        "<table>\n<thead>\n<tr>\n<td></td>\n<th scope=\"col\">h</th></tr>\n</thead>\n<tbody>\n<tr>\n<th scope=\"row\">r</th>\n<td>d</td></tr>\n</tbody>\n</table>"
      },
      {"<p lang='cy'>noson dda</p>", "<p><span lang=\"cy\">noson dda</span></p>"},
      {"<q>so</q>", "<p>\u201Cso\u201D</p>"},
    };
  }

  @Test(dataProvider = "foreign")
  public void becomesCanonical(String html, String expected) {
    assertEquals(read(html), expected);
  }

  /** Text is never lost, only its wrapping: every word of a nest of elements comes through. */
  @Test
  public void everyWordComesThrough() {
    String[] tags = {
      "div",
      "p",
      "b",
      "ul",
      "li",
      "section",
      "h3",
      "blockquote",
      "span",
      "figure",
      "figcaption",
      "aside",
      "form",
      "label",
      "fieldset",
      "details",
      "summary",
      "center",
      "font",
      "article",
      "dl",
      "dd",
      "pre",
      "code",
      "mark",
      "nav",
      "address",
      "small",
      "ol",
      "button",
      "unknown-thing",
      "caption",
      "main",
      "cite",
      "video",
      "audio"
    };
    for (int seed = 0; seed < 2000; seed++) {
      Random random = new Random(seed);
      StringBuilder html = new StringBuilder();
      int words = 0;
      for (int i = 0; i < 12; i++) {
        String tag = tags[random.nextInt(tags.length)];
        html.append(random.nextInt(3) == 0 ? "</" : "<").append(tag);
        html.append(random.nextInt(4) == 0 ? " class='callout columns picture quote'>" : ">");
        html.append(" w").append(words++).append("x ");
      }
      String all = String.join(" ", RunningText.of(HtmlReader.read(html.toString())));
      for (int w = 0; w < words; w++) {
        assertEquals(
            all.split("w" + w + "x", -1).length, 2, "word " + w + " once in " + html + "\n" + all);
      }
    }
  }

  @Test
  public void editingOneParagraphChangesOnlyThatLine() {
    List<String> before = read("<p>a</p><h2>b</h2><ul><li>c</ul><p>d</p>").lines().toList();
    List<String> after = read("<p>a</p><h2>b</h2><ul><li>c</ul><p>D</p>").lines().toList();
    assertEquals(after.subList(0, after.size() - 1), before.subList(0, before.size() - 1));
  }

  @Test
  public void anEmptyTextIsEmpty() {
    assertEquals(HtmlReader.read(" \n <p></p>"), Document.EMPTY);
    assertEquals(HtmlWriter.write(Document.EMPTY), "");
  }
}

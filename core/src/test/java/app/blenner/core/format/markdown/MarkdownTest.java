package app.blenner.core.format.markdown;

import static org.testng.Assert.assertEquals;

import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Texts as Markdown and back. */
public class MarkdownTest {

  @Test
  public void everyTreeComesBackFromMarkdown() {
    for (int seed = 0; seed < 1500; seed++) {
      Document tree = new Trees(seed).document();
      String markdown = MarkdownWriter.write(tree);
      assertEquals(
          HtmlWriter.write(MarkdownReader.read(markdown)),
          HtmlWriter.write(tree),
          "seed " + seed + ", as Markdown:\n" + markdown);
    }
  }

  @DataProvider
  public Object[][] spellings() {
    return new Object[][] {
      {"<p>Let your eyes <em>settle</em>.</p>", "Let your eyes *settle*.\n"},
      {"<h2>Before you look up</h2>\n<p>Wait.</p>", "## Before you look up\n\nWait.\n"},
      {"<ul>\n<li>A red torch</li>\n<li>A flask</li>\n</ul>", "- A red torch\n- A flask\n"},
      {"<ol start=\"3\">\n<li>Three</li>\n<li>Four</li>\n</ol>", "3. Three\n4. Four\n"},
      {"<ul>\n<li>A\n<ul>\n<li>B</li>\n</ul>\n</li>\n</ul>", "- A\n  - B\n"},
      {
        "<p><a href=\"https://example.org/a\" title=\"More\">there</a> and <code>here</code></p>",
        "[there](https://example.org/a \"More\") and `here`\n"
      },
      {"<pre><code class=\"language-csv\">a,b\n1,2</code></pre>", "```csv\na,b\n1,2\n```\n"},
      {
        "<table>\n<thead>\n<tr>\n<th scope=\"col\">Month</th>\n<th scope=\"col\">Reading</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>March</td>\n<td>21.4</td></tr>\n</tbody>\n</table>",
        "| Month | Reading |\n| --- | --- |\n| March | 21.4 |\n"
      },
      {"<figure class=\"quote\"><blockquote>\n<p>Said.</p>\n</blockquote></figure>", "> Said.\n"},
      {
        "<p>1. not a list, * not either, # nor this</p>",
        "1\\. not a list, \\* not either, # nor this\n"
      },
      {"<p>H<sub>2</sub>O <u>under</u></p>", "H<sub>2</sub>O <u>under</u>\n"},
    };
  }

  @Test(dataProvider = "spellings")
  public void writesWhatPeopleWouldType(String html, String markdown) {
    assertEquals(MarkdownWriter.write(HtmlReader.read(html)), markdown);
    assertEquals(HtmlWriter.write(MarkdownReader.read(markdown)), html);
  }

  @Test
  public void htmlWithinMarkdownIsCleaned() {
    assertEquals(
        HtmlWriter.write(
            MarkdownReader.read(
                "a <script>alert(1)</script> [b](javascript:alert(1)) <i onclick=x>c</i>")),
        "<p>a b <em>c</em></p>");
  }
}

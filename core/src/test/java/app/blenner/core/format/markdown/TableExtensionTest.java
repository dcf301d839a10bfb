package app.blenner.core.format.markdown;

import static org.testng.Assert.assertEquals;

import app.blenner.core.format.html.HtmlWriter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Tables and struck-through text as the published extension of CommonMark has them: the examples of its
 * sections 4.10 (tables) and 6.5 (strikethrough), from memory, with the result as our own form writes
 * the same table.
 */
public class TableExtensionTest {
  private static String row(String... cells) {
    StringBuilder out = new StringBuilder("<tr>");
    for (String cell : cells) {
      out.append("\n").append(cell);
    }
    return out.append("</tr>").toString();
  }

  private static String th(String words, String... align) {
    return "<th scope=\"col\""
        + (align.length > 0 ? " class=\"align-" + align[0] + "\"" : "")
        + ">"
        + words
        + "</th>";
  }

  private static String td(String words, String... align) {
    return "<td"
        + (align.length > 0 ? " class=\"align-" + align[0] + "\"" : "")
        + ">"
        + words
        + "</td>";
  }

  private static String table(String head, String... body) {
    String rows = body.length == 0 ? "" : "\n<tbody>\n" + String.join("\n", body) + "\n</tbody>";
    return "<table>\n<thead>\n" + head + "\n</thead>" + rows + "\n</table>";
  }

  @DataProvider
  public Object[][] examples() {
    return new Object[][] {
      {
        "| foo | bar |\n| --- | --- |\n| baz | bim |",
        table(row(th("foo"), th("bar")), row(td("baz"), td("bim")))
      },
      {
        "| abc | defghi |\n:-: | -----------:\nbar | baz",
        table(
            row(th("abc", "centre"), th("defghi", "right")),
            row(td("bar", "centre"), td("baz", "right")))
      },
      {
        "| f\\|oo  |\n| ------ |\n| b `\\|` az |\n| b **\\|** im |",
        table(row(th("f|oo")), row(td("b <code>|</code> az")), row(td("b <strong>|</strong> im")))
      },
      {
        "| abc | def |\n| --- | --- |\n| bar | baz |\n> bar",
        table(row(th("abc"), th("def")), row(td("bar"), td("baz")))
            + "\n<figure class=\"quote\"><blockquote>\n<p>bar</p>\n</blockquote></figure>"
      },
      {
        "| abc | def |\n| --- | --- |\n| bar | baz |\nbar\n\nbar",
        table(row(th("abc"), th("def")), row(td("bar"), td("baz")), row(td("bar"), td("")))
            + "\n<p>bar</p>"
      },
      {"| abc | def |\n| --- |\n| bar |", "<p>| abc | def | | --- | | bar |</p>"},
      {
        "| abc | def |\n| --- | --- |\n| bar |\n| bar | baz | boo |",
        table(row(th("abc"), th("def")), row(td("bar"), td("")), row(td("bar"), td("baz")))
      },
      {"| abc | def |\n| --- | --- |", table(row(th("abc"), th("def")))},
      {"~~Hi~~ Hello, there world!", "<p><s>Hi</s> Hello, there world!</p>"},
      {"This ~~has a\n\nnew paragraph~~.", "<p>This ~~has a</p>\n<p>new paragraph~~.</p>"},
    };
  }

  @Test(dataProvider = "examples")
  public void isReadAsTheExtensionHasIt(String markdown, String expected) {
    assertEquals(HtmlWriter.write(MarkdownReader.read(markdown)), expected);
  }

  @Test(dataProvider = "examples")
  public void comesBackFromMarkdown(String markdown, String expected) {
    String again = MarkdownWriter.write(MarkdownReader.read(markdown));
    assertEquals(HtmlWriter.write(MarkdownReader.read(again)), expected, again);
  }
}

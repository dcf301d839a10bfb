package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each mark, from the elements and declarations that people's HTML has for it. */
public class MarkReadingTest {

  @DataProvider
  public Object[][] marks() {
    return new Object[][] {
      {"<b>x</b>", "<strong>x</strong>"},
      {"<span style='font-weight: bold'>x</span>", "<strong>x</strong>"},
      {"<span style='font-weight: 400'>x</span>", "x"},
      {"<i>x</i>", "<em>x</em>"},
      {"<cite>x</cite>", "<em>x</em>"},
      {"<span style='font-style:italic'>x</span>", "<em>x</em>"},
      {"<ins>x</ins>", "<u>x</u>"},
      {"<span style='text-decoration: underline wavy red'>x</span>", "<u>x</u>"},
      {"<strike>x</strike>", "<s>x</s>"},
      {"<del>x</del>", "<s>x</s>"},
      {"<span style='text-decoration-line: line-through'>x</span>", "<s>x</s>"},
      {"<span style='vertical-align: super'>x</span>", "<sup>x</sup>"},
      {"<kbd>x</kbd>", "<code>x</code>"},
      {"<mark>x</mark>", "<mark>x</mark>"},
      {
        "<span style='background-color: #FFF'>x</span>",
        "<mark style=\"background-color: #ffffff\">x</mark>"
      },
      {
        "<font color=navy face=Georgia>x</font>",
        "<span style=\"font-family: 'Georgia'\"><span style=\"color: #000080\">x</span></span>"
      },
      {"<span style='color: transparentish'>x</span>", "x"},
      {"<span style='font-size: 14pt'>x</span>", "<span style=\"font-size: 14pt\">x</span>"},
      {"<span style='font-size: calc(1px)'>x</span>", "x"},
      {
        "<span style='font-family: \"Instrument Sans\", serif'>x</span>",
        "<span style=\"font-family: 'Instrument Sans'\">x</span>"
      },
      {"<abbr title='a b'>x</abbr>", "<abbr title=\"a b\">x</abbr>"},
      {"<abbr>x</abbr>", "x"},
      {"<acronym title=a>x</acronym>", "<abbr title=\"a\">x</abbr>"},
      {"<span lang=CY>x</span>", "<span lang=\"cy\">x</span>"},
      {"<span lang='not a tag'>x</span>", "x"},
      {"<data value='site.phone'>x</data>", "<data value=\"site.phone\">x</data>"},
      {"<data value='No!'>x</data>", "x"},
      {"<span class='style-lead other'>x</span>", "<span class=\"style-lead\">x</span>"},
      {"<a name=x>x</a>", "x"},
      {"<a href='/a' title=' two  words '>x</a>", "<a href=\"/a\" title=\"two words\">x</a>"},
      {
        "<a href='/a' target=_blank rel=nofollow>x</a>",
        "<a href=\"/a\" target=\"_blank\" rel=\"noopener\">x</a>"
      },
      {"<a href='/a'>x<a href='/b'>y</a></a>", "<a href=\"/a\">x</a><a href=\"/b\">y</a>"},
      {"<a href='/a'>x</a><a href='/a'>y</a>", "<a href=\"/a\">xy</a>"},
      {"<strong>a<br>b</strong>", "<strong>a<br>b</strong>"},
      {"<strong>a</strong><br>b", "<strong>a</strong><br>b"},
      {"<sup>a</sup><sub>b</sub>", "<sup>a</sup><sub>b</sub>"},
      {"<u><a href='/a'>x</a></u>", "<a href=\"/a\"><u>x</u></a>"},
      {"a <em> b</em>", "a <em>b</em>"},
      {"<em>a </em> b", "<em>a </em>b"},
      {"a&nbsp; b", "a&nbsp; b"},
      {"<small>x</small><big>y</big>", "xy"},
      {"a<wbr>b", "ab"},
      {"a\u200Db&zwnj;c", "a\u200Db\u200Cc"},
    };
  }

  @Test(dataProvider = "marks")
  public void becomeOneSpelling(String html, String expected) {
    assertEquals(
        HtmlWriter.write(HtmlReader.read("<p>" + html + "</p>")), "<p>" + expected + "</p>");
  }
}

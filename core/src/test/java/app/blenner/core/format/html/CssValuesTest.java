package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Declarations, lengths and colours as CSS writes them. */
public class CssValuesTest {

  /** CSS Values and Units Module Level 4, section 6.2: the table of absolute lengths. */
  @DataProvider
  public Object[][] lengths() {
    return new Object[][] {
      {"72pt", 72.0},
      {"1in", 72.0},
      {"2.54cm", 72.0},
      {"25.4mm", 72.0},
      {"101.6Q", 72.0},
      {"6pc", 72.0},
      {"96px", 72.0},
      {"-18.0pt", -18.0},
      {".5in", 36.0},
      {" 12 ", 12.0},
      {"0", 0.0},
      {"1.5em", 0.0},
      {"120%", 0.0},
      {"auto", 0.0},
      {"", 0.0},
      {"1.2.3pt", 0.0},
      {"-", 0.0},
      {"pt", 0.0},
    };
  }

  @Test(dataProvider = "lengths")
  public void lengthsAreToldInPoints(String length, double points) {
    assertEquals(StyleDeclarations.points(length), points, 1e-9, length);
  }

  /** CSS Style Attributes: declarations parted by semicolons, names in whatever case. */
  @DataProvider
  public Object[][] declarations() {
    return new Object[][] {
      {"color:red;font-size:12pt", Map.of("color", "red", "font-size", "12pt")},
      {" COLOR : Red ;; ", Map.of("color", "Red")},
      {"font-family:\"A, B\",serif", Map.of("font-family", "\"A, B\",serif")},
      {"color", Map.of()},
      {":red", Map.of()},
      {"a:b:c", Map.of("a", "b:c")},
      {"color:red;color:blue", Map.of("color", "blue")},
      {"", Map.of()},
    };
  }

  @Test(dataProvider = "declarations")
  public void declarationsAreTakenApart(String style, Map<String, String> expected) {
    Element e = new Element("p").attr("style", style);
    assertEquals(StyleDeclarations.of(e), expected);
  }

  @Test
  public void oneDeclarationIsAskedForByItsName() {
    Element e = new Element("p").attr("style", "margin-left: 36.0PT; text-indent:-18pt");
    assertEquals(StyleDeclarations.valueOf(e, "margin-left"), "36.0pt");
    assertEquals(
        StyleDeclarations.valueOf(e, "margin"), "", "the beginning of a name is another name");
    assertEquals(StyleDeclarations.valueOf(new Element("p"), "margin-left"), "");
  }

  /** CSS Color Module Level 4, sections 5.2 (hexadecimal), 5.1 (rgb) and 6.1 (keywords), through the reader. */
  @DataProvider
  public Object[][] colours() {
    return new Object[][] {
      {"#00ff00", "#00ff00"},
      {"#0F0", "#00ff00"},
      {"#00FF00", "#00ff00"},
      {"#0f08", "#00ff0088"},
      {"#00ff00ff", "#00ff00"},
      {"rgb(0, 255, 0)", "#00ff00"},
      {"rgb(0 255 0)", "#00ff00"},
      {"rgb(0 255 0 / 0.5)", "#00ff0080"},
      {"rgba(0,255,0,1)", "#00ff00"},
      {"lime", "#00ff00"},
      {"LIME", "#00ff00"},
      {"rgb(0, 300, 0)", "#00ff00"},
      {"windowtext", ""},
      {"inherit", ""},
      {"#12345", ""},
      {"expression(alert(1))", ""},
    };
  }

  @Test(dataProvider = "colours")
  public void coloursHaveOneSpelling(String given, String canonical) {
    String html =
        HtmlWriter.write(HtmlReader.read("<p><span style=\"color: " + given + "\">a</span> b</p>"));
    String expected =
        canonical.isEmpty()
            ? "<p>a b</p>"
            : "<p><span style=\"color: " + canonical + "\">a</span> b</p>";
    assertEquals(html, expected);
  }

  /** HTML Living Standard, 13.3, escaping a string: in text and in attributes. */
  @Test
  public void whatIsWrittenIsEscapedAsTheStandardSays() {
    String given =
        "<p>a &amp; b &lt; c &gt; d \" e&nbsp;f</p><p><abbr title='\"&amp;&nbsp;'>x</abbr></p>";
    assertEquals(
        HtmlWriter.write(HtmlReader.read(given)),
        "<p>a &amp; b &lt; c &gt; d \" e&nbsp;f</p>\n<p><abbr title=\"&quot;&amp;&nbsp;\">x</abbr></p>");
  }

  @Test
  public void classesAreWordsInOrder() {
    Element e = new Element("p").attr("class", " one\ttwo\n one ");
    assertEquals(StyleReader.classes(e), List.of("one", "two", "one"));
    assertEquals(StyleReader.classes(new Element("p")), List.of());
  }
}

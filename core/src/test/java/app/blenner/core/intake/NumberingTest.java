package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Every item keeps the number a reader saw before it: the ordinal values of the HTML Living Standard, section 4.4.8, worked
 * out here as that section says, on what came and on what was made of it.
 */
public class NumberingTest {
  /** Section 2.3.4.1, rules for parsing integers. */
  private static final Pattern INTEGER = Pattern.compile("^[ \\t\\n\\f\\r]*([-+]?\\d+)");

  private static Integer integer(String attribute) {
    Matcher found = INTEGER.matcher(attribute);
    return found.find() ? Integer.valueOf(found.group(1)) : null;
  }

  /** Each item of the lists of a page with its ordinal value, as “word=number”. */
  private static List<String> ordinals(String html) {
    List<String> out = new ArrayList<>();
    for (Element ol : Jsoup.parse(html).select("ol")) {
      List<Element> items =
          ol.children().stream().filter(e -> e.normalName().equals("li")).toList();
      boolean reversed = ol.hasAttr("reversed");
      Integer start = integer(ol.attr("start"));
      int number = start != null ? start : reversed ? items.size() : 1;
      for (Element li : items) {
        Integer value = integer(li.attr("value"));
        number = value == null ? number : value;
        String words = li.ownText().isBlank() ? li.selectFirst("p").text() : li.ownText();
        out.add(words.strip() + "=" + number);
        number += reversed ? -1 : 1;
      }
    }
    return out;
  }

  private static String clean(String html) {
    return HtmlWriter.write(
        Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW)
            .document());
  }

  /** The shapes of the examples of sections 4.4.5 and 4.4.8, with words of our own; from memory. */
  @DataProvider
  public Object[][] examples() {
    return new Object[][] {
      {"<ol><li>ridge<li>lodge<li>mill<li>gate</ol>", "[ridge=1, lodge=2, mill=3, gate=4]"},
      {
        "<figure><figcaption>The ten</figcaption><ol><li value=\"10\">a</li><li value=\"9\">b</li><li value=\"8\">c</li></ol></figure>",
        "[a=10, b=9, c=8]"
      },
      {"<ol reversed><li>a</li><li>b</li><li>c</li></ol>", "[a=3, b=2, c=1]"},
      {"<ol start=3><li>a<li value=7>b<li>c</ol>", "[a=3, b=7, c=8]"},
      {"<ol reversed start=2><li>a<li>b<li>c</ol>", "[a=2, b=1, c=0]"},
      {"<ol><li value=-1>a<li>b</ol>", "[a=-1, b=0]"},
      {"<ol start=' +4x'><li>a<li value='3.7'>b<li value=no>c</ol>", "[a=4, b=3, c=4]"},
    };
  }

  @Test(dataProvider = "examples")
  public void theStandardsExamplesKeepTheirNumbers(String html, String numbers) {
    assertEquals(ordinals(html).toString(), numbers);
    assertEquals(ordinals(clean(html)).toString(), numbers, clean(html));
  }

  /** Lists at random: with a start, counted down, with values of their own, within each other. */
  @Test
  public void numbersAreKeptAtRandom() {
    for (int seed = 0; seed < 1500; seed++) {
      Random random = new Random(seed);
      int[] word = {0};
      String html = list(random, word, 0);
      assertEquals(ordinals(clean(html)), ordinals(html), "seed " + seed + ": " + html);
    }
  }

  private static String list(Random random, int[] word, int depth) {
    StringBuilder out = new StringBuilder("<ol");
    if (random.nextInt(4) == 0) {
      out.append(" start=").append(random.nextInt(30) - 5);
    }
    if (random.nextInt(4) == 0) {
      out.append(" reversed");
    }
    out.append('>');
    for (int i = random.nextInt(5) + 1; i > 0; i--) {
      out.append("<li");
      if (random.nextInt(5) == 0) {
        out.append(" value=\"").append(random.nextInt(40) - 5).append('"');
      }
      out.append(">w").append(word[0]++);
      if (depth < 3 && random.nextInt(5) == 0) {
        out.append(list(random, word, depth + 1));
      }
      out.append(random.nextBoolean() ? "</li>" : "");
    }
    return out.append("</ol>").toString();
  }
}

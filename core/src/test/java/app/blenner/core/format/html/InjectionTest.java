package app.blenner.core.format.html;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Script injections from published cheat sheets (OWASP, Cross Site Scripting Filter Evasion; see the
 * head of the file for what is from memory) never survive reading.
 */
public class InjectionTest {
  private static final Set<String> ACTIVE =
      Set.of(
          "script",
          "style",
          "link",
          "meta",
          "base",
          "iframe",
          "frame",
          "frameset",
          "object",
          "embed",
          "applet",
          "svg",
          "math",
          "template",
          "noscript",
          "foreignobject",
          "animate",
          "marquee");

  @DataProvider
  public static Object[] injections() throws IOException {
    return Files.readAllLines(Path.of("src/test/resources/injections.txt")).stream()
        .filter(l -> !l.startsWith("#"))
        .toArray();
  }

  @Test
  public void thereAreAtLeastSixty() throws IOException {
    assertTrue(injections().length >= 60);
  }

  @Test(dataProvider = "injections")
  public void neverSurvives(String injection) {
    String html = HtmlWriter.write(HtmlReader.read(injection));
    for (Element e : Jsoup.parseBodyFragment(html).body().getAllElements()) {
      assertFalse(ACTIVE.contains(e.normalName()), html);
      for (Attribute a : e.attributes()) {
        String value = a.getValue().toLowerCase(Locale.ROOT).replaceAll("[\\s\\x00-\\x20]", "");
        assertFalse(a.getKey().startsWith("on"), html);
        assertFalse(a.getKey().contains("action") || a.getKey().equals("srcdoc"), html);
        assertFalse(a.getKey().equals("autofocus") || a.getKey().equals("autoplay"), html);
        if (Set.of("href", "src", "cite", "poster").contains(a.getKey())) {
          assertTrue(value.matches("(https?://|mailto:|tel:|\\.\\./|#|/[^/\\\\]).*"), html);
        }
        if (a.getKey().equals("style")) {
          assertFalse(value.matches(".*(url|expression|import|position).*"), html);
        }
      }
    }
  }

  @Test
  public void wordsAroundAnInjectionStay() {
    String html =
        HtmlWriter.write(
            HtmlReader.read(
                "<p>before <a href='javascript:x'>words</a> after<script>x</script></p>"));
    assertTrue(html.equals("<p>before words after</p>"), html);
  }
}

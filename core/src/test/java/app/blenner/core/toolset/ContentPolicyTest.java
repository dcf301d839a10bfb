package app.blenner.core.toolset;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ContentPolicyTest {
  private static final int TEXTS = 3000;

  private static ContentPolicy allowing(String... tools) {
    return new ContentPolicy(Set.of(tools), Map.of(), Set.of());
  }

  @DataProvider
  Object[][] plainer() {
    return new Object[][] {
      {"<h4>Lamps</h4>", "heading-2 heading-3", "<h3>Lamps</h3>", "a heading of level 4"},
      {"<h2>Lamps</h2>", "heading-1 heading-3", "<h3>Lamps</h3>", "a heading of level 2"},
      {"<h2 id=\"l\">Lamps</h2>", "", "<p>Lamps</p>", "a heading of level 2"},
      {
        "<ul><li>One</li><li>Two<ul><li>Three</li></ul></li></ul>",
        "",
        "<p>One</p> <p>Two</p> <p>Three</p>",
        "2 bulleted lists"
      },
      {
        "<ol start=\"4\"><li>Four</li><li>Five</li></ol>",
        "bulleted",
        "<p>4. Four</p> <p>5. Five</p>",
        "a numbered list"
      },
      {
        "<p>A <strong>bold <em>word</em></strong> and <a href=\"https://a.example/\">a link</a></p>",
        "emphasis",
        "<p>A bold <em>word</em> and a link</p>",
        "a passage in bold and a link"
      },
      {
        "<p style=\"text-align: center\">Mid</p>", "align-left", "<p>Mid</p>", "a centred paragraph"
      },
      {
        "<table><tbody><tr><td>a</td><td>b</td></tr><tr><td>c</td><td>d</td></tr></tbody></table>",
        "",
        "<p>a</p> <p>b</p> <p>c</p> <p>d</p>",
        "a table"
      },
    };
  }

  @Test(dataProvider = "plainer")
  public void whatIsNotOfferedBecomesSomethingPlainer(
      String html, String tools, String expected, String taken) {
    Document text = HtmlReader.read(html);
    FilteredText held = FilteredText.of(text, allowing(tools.split(" ")));
    assertEquals(HtmlWriter.write(held.text()).replaceAll("\\s+", " ").strip(), expected);
    assertEquals(held.words(), taken);
  }

  @Test
  public void whatIsEmbeddedBecomesALinkToIt() {
    Document text =
        HtmlReader.read(
            "<figure class=\"embed\"><iframe src=\"https://films.example/1\" title=\"Rain\"></iframe>"
                + "<figcaption>By day</figcaption></figure>");
    assertEquals(RunningText.of(text), List.of("Rain", "By day"), "no embed was read");
    String linked = HtmlWriter.write(FilteredText.of(text, allowing("link")).text());
    assertTrue(linked.contains("<a href=\"https://films.example/1\">Rain</a>"), linked);
    FilteredText plain = FilteredText.of(text, allowing());
    assertTrue(!HtmlWriter.write(plain.text()).contains("<a"), "a link that is not offered");
    assertEquals(plain.words(), "an embed");
  }

  @Test
  public void aValueOutsideTheChosenOnesGoes() {
    Document text =
        HtmlReader.read(
            "<p><span style=\"color: #112233\">house</span> <span style=\"color: #ff0000\">own</span></p>");
    ContentPolicy one =
        new ContentPolicy(Set.of("colour"), Map.of(Choice.COLOURS, List.of("#112233")), Set.of());
    FilteredText held = FilteredText.of(text, one);
    assertEquals(held.taken(), Map.of(new PolicyViolation(Piece.COLOUR, "#ff0000"), 1));
    assertTrue(HtmlWriter.write(held.text()).contains("#112233"), "the chosen colour went too");
    // All of the house's colours are meant where none is chosen, and none where the choice is
    // empty.
    assertTrue(FilteredText.of(text, allowing("colour")).isWhole());
    assertEquals(
        FilteredText.of(
                text,
                new ContentPolicy(Set.of("colour"), Map.of(Choice.COLOURS, List.of()), Set.of()))
            .words(),
        "2 colours");
  }

  @Test
  public void whatATextHeldBeforeStays() {
    Document before = HtmlReader.read("<h5>Old</h5><p><u>red</u></p>");
    ContentPolicy strict = allowing("heading-2");
    Document after = HtmlReader.read("<h5>Old</h5><p><u>red line</u> <s>new</s></p>");
    FilteredText held = FilteredText.of(after, strict.and(FilteredText.excess(before, strict)));
    assertEquals(held.words(), "a struck passage");
    assertEquals(RunningText.of(held.text()), RunningText.of(after));
  }

  /** Random texts and toolsets: no word goes, holding once is enough, and nothing is left to take. */
  @Test
  public void everyVisibleWordIsKept() {
    Random random = new Random(20261127);
    List<String> all = Arrays.stream(Piece.values()).map(Piece::tool).distinct().toList();
    for (int i = 0; i < TEXTS; i++) {
      Document text = new Trees(i).document();
      Set<String> tools =
          all.stream().filter(t -> random.nextBoolean()).collect(Collectors.toSet());
      Map<Choice, List<String>> only = new HashMap<>();
      for (Choice choice : Choice.values()) {
        if (random.nextInt(3) == 0) {
          only.put(choice, List.of());
        }
      }
      ContentPolicy allowance = new ContentPolicy(tools, only, Set.of());
      FilteredText held = FilteredText.of(text, allowance);
      String told = "toolset " + tools + " for " + HtmlWriter.write(text);
      assertTrue(
          holds(words(held.text()), words(text)), words(held.text()) + " of " + words(text) + told);
      FilteredText again = FilteredText.of(held.text(), allowance);
      assertTrue(again.isWhole(), again.words() + " is left: " + told);
      assertTrue(FilteredText.of(text, allowance.and(held.taken().keySet())).isWhole(), told);
      Document reread = HtmlReader.read(HtmlWriter.write(held.text()));
      assertEquals(HtmlWriter.write(reread), HtmlWriter.write(held.text()), told);
    }
  }

  private static List<String> words(Document text) {
    return RunningText.of(text).stream()
        .flatMap(p -> Stream.of(p.split("[\\s\\u00a0\\u200b]+")))
        .filter(w -> !w.isEmpty())
        .sorted()
        .toList();
  }

  /** Whether sorted words hold others, each as often. */
  private static boolean holds(List<String> more, List<String> all) {
    int at = 0;
    for (String word : all) {
      while (at < more.size() && !more.get(at).equals(word)) {
        at++;
      }
      if (at++ >= more.size()) {
        return false;
      }
    }
    return true;
  }
}

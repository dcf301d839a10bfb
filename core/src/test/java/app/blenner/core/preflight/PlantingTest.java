package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.document.RawHtml;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/**
 * Every passage of the corpus, put into every place that can hold it. A fault is one wherever it stands: in a quote, a
 * column, a cell of a table, and in a piece of HTML of its own; and what is sound stays so.
 */
public class PlantingTest {
  private static final double RECALL = 0.98;
  private static final double FALSE = 0.02;

  private static final String HEADED =
      "<table><caption>Opening hours of the hall</caption><tr><th scope=\"col\">Day</th><th scope=\"col\">What</th></tr>"
          + "<tr><td>Monday</td><td>";

  /** Before and after what is planted, by what it is planted in. */
  private static final Map<String, String[]> PLACES = new LinkedHashMap<>();

  static {
    PLACES.put(
        "a quote", new String[] {"<blockquote>", "<footer>Ada Fenn, keeper</footer></blockquote>"});
    PLACES.put("a callout", new String[] {"<div class=\"callout note\">", "</div>"});
    PLACES.put(
        "a column",
        new String[] {
          "<div class=\"columns\"><div class=\"column\">",
          "</div><div class=\"column\"><p>(1)</p></div></div>"
        });
    PLACES.put("columns of text", new String[] {"<div class=\"text-columns\">", "</div>"});
    PLACES.put("a list", new String[] {"<ul><li>", "</li><li><p>(2)</p></li></ul>"});
    PLACES.put("a cell", new String[] {HEADED, "</td></tr></table>"});
    PLACES.put("a piece of HTML", new String[] {"<div class=\"html\">", "</div>"});
  }

  /** What is said of the place something is planted in, or of how the whole page looks, and not of the passage. */
  private static final Set<String> OF_THE_PLACE =
      Set.of(
          "list-of-one",
          "table-layout",
          "table-wide",
          "text-wall",
          "heading-alone",
          "quote-unnamed");

  /**
   * What is not asked of a place inside another: the address belongs to the item, lines are measured at the width of the
   * text alone, and a bold line in a cell or an entry may well be a label.
   */
  private static final Set<String> OF_THE_TEXT =
      Set.of("address-long", "justified-holes", "bold-headings");

  private static List<String> found(CorpusPassage p, Document body) {
    return Checked.of(
            Content.builder()
                .title("A title")
                .summary("A summary")
                .body(body)
                .language(p.language())
                .build())
        .stream()
        .map(Finding::rule)
        .toList();
  }

  /** The passage where it is planted; null where that place cannot hold it. */
  private static Document planted(CorpusPassage p, String[] place) {
    Document alone = HtmlReader.read(p.html());
    Document there = HtmlReader.read(place[0] + p.html() + place[1]);
    if (there.blocks().size() != 1) {
      return null;
    }
    if (there.blocks().get(0) instanceof RawHtml raw) {
      return HtmlReader.read(raw.html()).equals(alone) ? there : null;
    }
    return HtmlWriter.write(there).contains(HtmlWriter.write(alone)) ? there : null;
  }

  @Test
  public void aFaultIsFoundWhereverItStands() throws IOException {
    List<String> missed = new ArrayList<>();
    List<String> alien = new ArrayList<>();
    int faults = 0;
    int sound = 0;
    Set<String> places = new HashSet<>();
    for (CorpusPassage p : CorpusPassage.all()) {
      for (Map.Entry<String, String[]> place : PLACES.entrySet()) {
        Document body = planted(p, place.getValue());
        if (body == null) {
          continue;
        }
        places.add(place.getKey());
        List<String> found = found(p, body);
        for (String rule : p.rules()) {
          if (OF_THE_TEXT.contains(rule)) {
            continue;
          }
          faults++;
          if (!found.contains(rule)) {
            missed.add(rule + " in " + place.getKey() + ": " + p.html());
          }
        }
        sound += p.isSound() ? 1 : 0;
        for (String other : found) {
          if (p.isSound() && !OF_THE_PLACE.contains(other)) {
            alien.add(other + " in " + place.getKey() + ": " + p.html());
          }
        }
      }
    }
    System.out.println(
        faults
            + " planted, "
            + missed.size()
            + " missed; "
            + sound
            + " sound, "
            + alien.size()
            + " touched");
    assertEquals(places, PLACES.keySet());
    assertTrue(missed.size() <= (1 - RECALL) * faults, String.join("\n", missed));
    assertTrue(alien.size() <= FALSE * sound, String.join("\n", alien));
  }
}

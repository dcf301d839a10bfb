package app.blenner.core.search;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SearchHitsTest {
  private static String told(List<SearchHits.Piece> pieces) {
    return pieces.stream()
        .map(p -> p.hit() ? "[" + p.words() + "]" : p.words())
        .collect(Collectors.joining());
  }

  @DataProvider
  public Object[][] asked() {
    return new Object[][] {
      {"lamp", "en", "Lamps and a lamp’s light", "[Lamps] and a [lamp]’s light"},
      {"meters", "en", "The meter was read.", "The [meter] was read."},
      {"sternwarte", "de", "Die Volkssternwarte öffnet", "Die [Volkssternwarte] öffnet"},
      {"häuser", "de", "Das Haus am Hang", "Das [Haus] am Hang"},
      {"ete", "fr", "Un soir d’été au col", "Un soir d’[été] au col"},
      {"étoiles", "fr", "Une étoile filante", "Une [étoile] filante"},
      {"the", "en", "The fell", "[The] fell"},
      {"the fell", "en", "The fell", "The [fell]"},
      {"<b>", "en", "a <b> c", "a <[b]> c"},
      {"", "en", "Nothing", "Nothing"},
      {"نجوم", "ar", "مراقبة نجوم السماء", "مراقبة [نجوم] السماء"},
    };
  }

  @Test(dataProvider = "asked")
  public void wordsAreToldInTheirForms(String asked, String language, String text, String marked) {
    SearchHits passages = new SearchHits(asked, language);
    assertEquals(told(passages.markHits(text)), marked);
    // Nothing of a text is lost by marking it.
    String whole =
        passages.markHits(text).stream().map(SearchHits.Piece::words).collect(Collectors.joining());
    assertEquals(whole, text);
  }

  @Test
  public void thePassageWithMostOfItIsShown() {
    String far = "Nothing here. ".repeat(60);
    String text = far + "A lamp. " + far + "The lamp burns lamp oil by night. " + far;
    String best = told(new SearchHits("lamp oil", "en").best(text, 200));
    assertTrue(best.contains("[lamp] burns [lamp] [oil]"), best);
    assertTrue(best.startsWith("… ") && best.endsWith(" …"), best);
    assertTrue(best.replaceAll("[\\[\\]]", "").length() <= 204, best);
    assertEquals(new SearchHits("zebra", "en").best(text, 200), List.of());
  }

  @Test
  public void aWordWithoutAnEndIsCut() {
    String best = told(new SearchHits("zenith", "en").best("x".repeat(5_000) + " zenith", 100));
    assertTrue(best.contains("zenith"), best);
    String one = told(new SearchHits("zenith", "en").best("zenith" + "h".repeat(5_000), 100));
    assertTrue(one.length() < 120, one);
  }
}

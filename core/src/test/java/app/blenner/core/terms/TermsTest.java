package app.blenner.core.terms;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TermsTest {

  /**
   * Word forms from the sample vocabulary and output of Martin Porter's stemmer for English (the
   * Porter2 page of the Snowball project), from memory; for the other languages from their pages
   * there, from memory as well.
   */
  @DataProvider
  public Object[][] stems() {
    return new Object[][] {
      {"en", "consign", "consign"},
      {"en", "consigned", "consign"},
      {"en", "consigning", "consign"},
      {"en", "consignment", "consign"},
      {"en", "consistency", "consist"},
      {"en", "consolation", "consol"},
      {"en", "knack", "knack"},
      {"en", "knightly", "knight"},
      {"en", "knives", "knive"},
      {"en", "knitted", "knit"},
      {"en", "kneeling", "kneel"},
      {"en", "consoling", "consol"},
      {"en", "lamp’s", "lamp"},
      {"en", "Lamps", "lamp"},
      {"fr", "continuellement", "continuel"},
      {"fr", "continuait", "continu"},
      {"de", "aufeinander", "aufeinand"},
      {"de", "Lampen", "lamp"},
      {"de", "Kategorien", "kategori"},
      {"nl", "lichamelijk", "licham"},
      {"sv", "klostren", "klostr"},
      {"da", "undersøgelser", "undersøg"},
      {"it", "abbandonata", "abbandon"},
      {"pt", "quilométricas", "quilométr"},
      {"es", "torneados", "torn"},
      {"xx", "Lamps", "lamps"},
    };
  }

  @Test(dataProvider = "stems")
  public void formsOfAWordAreOne(String language, String word, String stem) {
    assertEquals(new WordForms(language).stem(word), stem);
  }

  private static Terms terms(String html, String... wanted) {
    return Terms.of(HtmlReader.read(html), List.of(wanted), "en-GB");
  }

  @Test
  public void wantedTermsAreFoundByTheirFormsAndNotByLetters() {
    Terms terms =
        terms(
            "<h2>Hooded lamps</h2><p>A lamp’s hood costs little. The lamplighter’s clamp did not.</p>"
                + "<ul><li>hoods for a street lamp</li></ul><p>Street</p><p>lamp</p>",
            "lamp",
            "street lamps",
            "hooding",
            "comet",
            " ");
    assertEquals(terms.wanted().stream().map(Terms.Use::count).toList(), List.of(4, 1, 3, 0));
    Terms.Use lamp = terms.wanted().get(0);
    assertEquals(lamp.places().stream().map(Terms.Spot::block).toList(), List.of(0, 1, 2, 4));
    assertEquals(lamp.places().get(0).along(), 0.056, 0.0005);
    assertEquals(lamp.places().get(3).along(), 1.0);
    assertEquals(terms.words(), 19);
    assertEquals(lamp.perHundred(), 21.1);
  }

  @Test
  public void theDensestWordsLeaveOutWhatSaysNothing() {
    Terms terms =
        terms(
            "<p>The dark sky over the ridge is the darkest sky of the reserve. A dark sky is what the"
                + " ridge and the reserve keep. The night sky changes.</p>");
    assertEquals(terms.densestWords().get(0).term(), "sky");
    assertEquals(terms.densestWords().get(0).count(), 4);
    assertTrue(
        terms.densestWords().stream()
            .noneMatch(u -> List.of("the", "is", "a", "of").contains(u.term())));
    assertEquals(terms.densestPhrases().get(0).term(), "dark sky");
    assertEquals(terms.densestPhrases().get(0).count(), 2);
  }

  @Test
  public void aTextOfNothingUsesNothing() {
    Terms terms = terms("", "lamp");
    assertEquals(terms.words(), 0);
    assertEquals(terms.wanted().get(0).perHundred(), 0.0);
  }

  /** Common practice: at least once in two hundred words, at most three times in a hundred. */
  @DataProvider
  public Object[][] shares() {
    return new Object[][] {
      // words in all, how many of them are the term, what is advised
      {200, 1, ""},
      {201, 1, "Once in 201 words is little"},
      {1_000, 4, "4 times in 1,000 words is little"},
      {1_000, 5, ""},
      {1_000, 30, ""},
      {1_000, 31, "3.1 times in 100 words is much"},
      {40, 4, ""},
      {40, 5, "12.5 times in 100 words is much"},
      {2_000, 0, ""},
    };
  }

  @Test(dataProvider = "shares")
  public void aShareTooSmallOrTooLargeIsTold(int words, int uses, String begins) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < words; i++) {
      text.append(i < uses ? "lamp " : "street ");
    }
    Terms.Use lamp = terms("<p>" + text + "</p>", "lamp").wanted().get(0);
    assertEquals(lamp.count(), uses);
    assertTrue(lamp.advice().startsWith(begins), lamp.advice());
    assertEquals(lamp.advice().isEmpty(), begins.isEmpty());
  }

  @Test
  public void whatWasFoundIsNeverSaidTooRarely() {
    String text = "lamp lamp " + "a street of the town ".repeat(100);
    Terms terms = terms("<p>" + text + "</p>");
    Terms.Use lamp =
        terms.densestWords().stream()
            .filter(u -> u.term().equals("lamp"))
            .findFirst()
            .orElseThrow();
    assertEquals(lamp.advice(), "");
    assertTrue(terms.densestWords().get(0).advice().contains("is much"));
  }
}

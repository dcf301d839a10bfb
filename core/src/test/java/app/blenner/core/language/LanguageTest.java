package app.blenner.core.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LanguageTest {

  /** The example of Unicode UAX #29, figure 1, has nine words by its boundaries. */
  @Test
  public void wordsByUax29() {
    assertEquals(Counts.countWords("The quick (“brown”) fox can’t jump 32.3 feet, right?"), 9);
    assertEquals(Counts.countWords(List.of("one two", "", "three")), 3);
  }

  /** Clusters of UAX #29, table 1a and rules GB11 and GB12. */
  @Test
  public void charactersByUax29() {
    assertEquals(Counts.countCharacters("g\u0308"), 1);
    assertEquals(Counts.countCharacters("각"), 1);
    assertEquals(Counts.countCharacters("👩‍🚀"), 1);
    assertEquals(Counts.countCharacters("🇳🇴🇳🇱"), 2);
    assertEquals(Counts.countCharacters("\r\n"), 1);
  }

  @DataProvider
  public Object[][] titles() {
    return new Object[][] {
      {"Reading the summer Milky Way", "reading-the-summer-milky-way"},
      {"  What’s up?  ", "whats-up"},
      {"Über die Straße & zurück", "uber-die-strasse-zuruck"},
      {"Łódź à la carte", "lodz-a-la-carte"},
      {"Ночное небо", "nocnoe-nebo"},
      {"夜空", "ye-kong"},
      {"سماء", "sma"},
      {"100 % dark", "100-dark"},
      {"🌒🌓🌔", ""},
      {"---", ""},
    };
  }

  @Test(dataProvider = "titles")
  public void aTitleInAnyScriptGivesAnAddress(String title, String slug) {
    String made = Slug.of(title);
    assertTrue(made.matches("[a-z0-9-]*"), made);
    assertEquals(made.replaceAll("[^a-z0-9-]", ""), slug);
  }

  @Test
  public void slugsAreLegalAndNotTooLong() {
    String slug = Slug.of("a very long title of many words ".repeat(20));
    assertTrue(slug.length() <= Slug.MAX_LENGTH && Slug.isLegal(slug), slug);
    // RFC 3986, section 2.3: unreserved characters need no encoding
    assertTrue(slug.matches("[A-Za-z0-9._~-]+"));
    assertTrue(
        !Slug.isLegal("-a") && !Slug.isLegal("a--b") && !Slug.isLegal("A") && !Slug.isLegal(""));
  }

  @Test
  public void aTakenSlugGetsANumber() {
    Set<String> taken = Set.of("moon", "moon-2");
    assertEquals(Slug.firstFree("moon", taken::contains), "moon-3");
    String longest = "m".repeat(Slug.MAX_LENGTH);
    assertEquals(Slug.firstFree(longest, longest::equals).length(), Slug.MAX_LENGTH);
  }

  @Test
  public void wordsOfASectionReachToTheNextHeadingOfItsLevel() {
    WordCounts outline =
        WordCounts.of(
            HtmlReader.read(
                "<p>one two</p><h2>a</h2><p>b c</p><h3>d</h3><p>e f g</p><h2>h</h2><p>i</p>"));
    assertEquals(outline.words(), 11);
    assertEquals(outline.sectionWords(), List.of(0, 7, 0, 4, 0, 2, 0));
  }

  @Test
  public void daysAreToldAsPeopleTellThem() {
    ZoneId zone = ZoneId.of("Europe/London");
    Instant now = Instant.parse("2026-11-23T09:00:00Z"); // a Monday
    assertEquals(RelativeDay.day(Instant.parse("2026-11-23T01:00:00Z"), now, zone), "today");
    assertEquals(RelativeDay.day(Instant.parse("2026-11-22T23:30:00Z"), now, zone), "yesterday");
    assertEquals(RelativeDay.day(Instant.parse("2026-11-17T12:00:00Z"), now, zone), "Tuesday");
    assertEquals(RelativeDay.day(Instant.parse("2026-11-16T12:00:00Z"), now, zone), "16 November");
    assertEquals(
        RelativeDay.day(Instant.parse("2025-11-16T12:00:00Z"), now, zone), "16 November 2025");
  }

  /** Delimiters of the Unicode CLDR. */
  @DataProvider
  public Object[][] quotations() {
    return new Object[][] {
      {"en-GB", "“", "”", "‘", "’"},
      {"de", "„", "“", "‚", "‘"},
      {"fr", "«\u00A0", "\u00A0»", "«", "»"},
      {"sv", "”", "”", "’", "’"},
      {"pl", "„", "”", "«", "»"},
    };
  }

  @Test(dataProvider = "quotations")
  public void quotationMarksAreThoseOfTheLanguage(
      String tag, String open, String close, String openInner, String closeInner) {
    assertEquals(
        QuotationMarks.of(tag), new QuotationMarks(open, close, openInner, closeInner), tag);
  }

  @Test
  public void aTextIsMeasuredInEveryWay() {
    Length length = Length.of(HtmlReader.read("<h2>Two words</h2><p>And four more here</p><hr>"));
    assertEquals(length.words(), 6);
    assertEquals(length.paragraphs(), 2);
    assertEquals(length.characters(), 27);
    assertEquals(length.charactersWithoutSpaces(), 23);
    assertEquals(length.readingSeconds(), 2);
    assertEquals(
        Length.of(HtmlReader.read("<p>" + "w ".repeat(476) + "</p>")).readingSeconds(), 120);
  }
}

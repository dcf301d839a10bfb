package app.blenner.core.face;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.Checked;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.testng.annotations.Test;

/** How an item is seen elsewhere, and what each part falls back on. */
public class FacesTest {
  private static Content content(Map<String, Object> values) {
    return Content.builder()
        .title("Night walk")
        .summary("By lamp to the tarn")
        .slug("night-walk")
        .leadPicture("lamp.jpg")
        .build()
        .withValues(values);
  }

  @Test
  public void withoutAnythingOfItsOwnEachFaceSaysWhatItFallsBackOn() {
    Content content = content(Map.of());
    Teaser teaser = Teaser.of(content);
    assertEquals(teaser.picture(), new FaceWords("lamp.jpg", "the lead picture"));
    assertEquals(teaser.title(), new FaceWords("Night walk", "the title"));
    assertEquals(teaser.text(), new FaceWords("By lamp to the tarn", "the summary"));
    SearchResult result = SearchResult.of(content, "Tarnlow");
    assertEquals(
        result.title(), new FaceWords("Night walk · Tarnlow", "the title and the site’s name"));
    assertEquals(result.description().from(), "the summary");
    assertFalse(result.hidden());
    assertEquals(SharedLink.of(content).title().from(), "the title");
    assertEquals(SearchResult.titleOf(content), "Night walk");
  }

  @Test
  public void whatWasWrittenForAFaceStandsThereAlone() {
    Content content =
        content(
            Map.of(
                StandardFields.TEASER_TITLE, " Out by lamp ",
                StandardFields.TEASER_PICTURE, "other.jpg",
                StandardFields.SEARCH_TITLE, "Night walks at Tarnlow",
                StandardFields.SEARCH_CANONICAL, Map.of("address", "https://example.com/walk"),
                StandardFields.SEARCH_HIDDEN, true));
    assertEquals(Teaser.of(content).title(), new FaceWords("Out by lamp", ""));
    assertEquals(SharedLink.of(content).title().from(), "the teaser’s title");
    assertEquals(SharedLink.of(content).picture().words(), "other.jpg");
    SearchResult result = SearchResult.of(content, "Tarnlow");
    assertEquals(result.title(), new FaceWords("Night walks at Tarnlow", ""));
    assertEquals(result.canonical(), "https://example.com/walk");
    assertTrue(result.hidden());
    assertEquals(SearchResult.titleOf(content), "Night walks at Tarnlow", "its address is of that");
  }

  @Test
  public void anItemWithoutATitleHasNoSearchTitle() {
    Content content = content(Map.of()).withTitle("");
    assertEquals(SearchResult.of(content, "Tarnlow").title().words(), "");
    assertEquals(SearchResult.of(content, "Tarnlow").width(), 0.0);
  }

  /** Adobe's metrics of Helvetica, which the sans of most screens has been drawn to; pairs of letters that kern left out. */
  @Test
  public void eachLetterIsAsWideAsAdobesMetricsSay() throws Exception {
    PDType1Font helvetica = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    for (char c = ' '; c <= '~'; c++) {
      // The typewriter's quotation mark and accent have another form in Adobe's encoding.
      if (c != '\'' && c != '`') {
        double wanted = helvetica.getStringWidth(String.valueOf(c)) * TitleWidth.SIZE / 1000;
        assertEquals(TitleWidth.of(String.valueOf(c)), wanted, 0.02, String.valueOf(c));
      }
    }
    assertEquals(TitleWidth.of("mmmm"), 4 * TitleWidth.of("m"), 0.01);
    assertTrue(TitleWidth.of("AVAVAV") < 3 * (TitleWidth.of("A") + TitleWidth.of("V")), "kerned");
  }

  @Test
  public void lettersTheFontDoesNotHaveAreGuessed() {
    assertEquals(TitleWidth.of("夜の散歩"), 4.0 * TitleWidth.SIZE, "Unicode Annex 11: wide");
    assertTrue(TitleWidth.of("Night 夜 walk") > TitleWidth.of("Night  walk"));
    assertEquals(TitleWidth.of(""), 0.0);
    assertTrue(TitleWidth.of("a".repeat(100_000)) > SearchResult.USUAL_WIDTH);
    assertTrue(TitleWidth.of("\uD83C\uDF19\uD83C") > 0, "half a letter hurts nobody");
  }

  @Test
  public void anOriginalThatIsNoPageIsFoundAndLeadsNobodyAway() {
    for (String no :
        List.of("mailto:a@example.com", "../items/k7f3q9x2mb.html", "//example.com/x")) {
      Content content = content(Map.of(StandardFields.SEARCH_CANONICAL, Map.of("address", no)));
      assertEquals(SearchResult.of(content, "T").canonical(), "", no);
      assertTrue(
          Checked.of(content).stream().anyMatch(f -> f.field().equals("field:search.canonical")),
          no);
    }
    Content path =
        content(Map.of(StandardFields.SEARCH_CANONICAL, Map.of("address", "/visit/walk")));
    assertEquals(SearchResult.of(path, "T").canonical(), "/visit/walk");
    assertTrue(
        Checked.of(path).stream().noneMatch(f -> f.field().equals("field:search.canonical")));
  }

  @Test
  public void aTitleThatIsCutOffIsFound() {
    Content wide = content(Map.of(StandardFields.SEARCH_TITLE, "W".repeat(32)));
    assertTrue(
        Checked.of(wide).stream()
            .anyMatch(f -> f.rule().equals("search-title-width") && f.field().endsWith("title")));
    // Without one, the item's own title is shown there, and may be cut off as well.
    Content plain = Content.builder().title("W".repeat(40)).build();
    assertTrue(
        Checked.of(plain).stream()
            .anyMatch(
                f -> f.rule().equals("search-title-width") && f.message().contains("site’s name")));
    Content hidden = plain.withValues(Map.of(StandardFields.SEARCH_HIDDEN, true));
    assertTrue(Checked.of(hidden).stream().noneMatch(f -> f.rule().equals("search-title-width")));
    Content fits = content(Map.of(StandardFields.SEARCH_TITLE, "W".repeat(31)));
    assertTrue(Checked.of(fits).stream().noneMatch(f -> f.rule().equals("search-title-width")));
  }
}

package app.blenner.core.kind;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The fields every item has live beside those of its kind. */
public class StandardFieldsTest {
  private static final Kind ARTICLE = Kinds.STANDARD.get(0);

  @Test
  public void noFieldOfAKindCanTakeTheNameOfOne() {
    List<String> names =
        StandardFields.fields().map(f -> f.head().name()).collect(Collectors.toList());
    assertEquals(names.stream().distinct().count(), names.size());
    names.forEach(n -> assertFalse(Kinds.isName(n), n));
  }

  @Test
  public void theyAreKeptByEveryKindAndWrittenAndReadTheSame() {
    Map<String, Object> given =
        Map.of(
            StandardFields.TEASER_TEXT,
            "  Two lines\nof it ",
            StandardFields.AUTHORS,
            List.of("Ilse Maar", "Ilse Maar", " Jan Vos "),
            StandardFields.SHOWN_DATE,
            "2026-11-27",
            StandardFields.LEAD_PLACE,
            LeadPlace.OVER.label());
    Content content = Content.EMPTY.withValues(ARTICLE.entered(Map.of(), given));
    assertEquals(
        StandardFields.texts(content, StandardFields.AUTHORS), List.of("Ilse Maar", "Jan Vos"));
    assertEquals(StandardFields.textOf(content, StandardFields.SHOWN_DATE), "2026-11-27");
    assertEquals(LeadPlace.of(content), LeadPlace.OVER);
    assertEquals(ContentFile.read(ContentFile.write(content)), content);
  }

  @Test
  public void theirPicturesAreUsesAndTheirFaultsAreTold() {
    Content content =
        Content.EMPTY.withValues(
            Map.of(
                StandardFields.TEASER_PICTURE, "lamp.jpg",
                StandardFields.SEARCH_CANONICAL, Map.of("address", "java script:x"),
                StandardFields.SHOWN_DATE, "soon"));
    assertTrue(ARTICLE.usesOf(content).contains(new AssetUse("lamp.jpg", AssetUse.Place.FIELD)));
    Map<String, String> problems = ARTICLE.problemsWith(content.values());
    assertEquals(
        problems.keySet(),
        java.util.Set.of(StandardFields.SEARCH_CANONICAL, StandardFields.SHOWN_DATE));
    assertEquals(
        StandardFields.textOf(content, StandardFields.SHOWN_DATE), "", "what is no date is none");
    assertEquals(LeadPlace.of(content), LeadPlace.TEASER, "not chosen");
  }
}

package app.blenner.core.item;

import static org.testng.Assert.assertEquals;

import java.util.List;
import org.testng.annotations.Test;

public class ContentTest {
  private static Content content(String title, List<String> keywords, String picture) {
    return Content.builder()
        .title(title)
        .summary("  a\n b ")
        .keywords(keywords)
        .leadPicture(picture)
        .build();
  }

  @Test
  public void linesAreTidy() {
    Content c = content("  A\ttitle \u0000", List.of(), "");
    assertEquals(c.title(), "A title");
    assertEquals(c.summary(), "a b");
  }

  @Test
  public void keywordsComeOnceAndKeepTheirOrder() {
    assertEquals(
        content("", List.of(" Moon ", "", "stars", "moon", "a, b", "STARS"), "").keywords(),
        List.of("Moon", "stars", "a", "b"));
    // Arabic and East Asian writing part with marks of their own (common practice).
    assertEquals(
        content("", List.of("قمر، نجوم؛ ليل", "月、星；夜"), "").keywords(),
        List.of("قمر", "نجوم", "ليل", "月", "星", "夜"));
  }

  @Test
  public void aLeadPictureIsTheNameOfAnAsset() {
    assertEquals(content("", List.of(), "ridge.jpg").leadPicture(), "ridge.jpg");
    assertEquals(content("", List.of(), "../secret").leadPicture(), "");
    assertEquals(content("", List.of(), "https://x.example/a.png").leadPicture(), "");
  }

  @Test
  public void attachmentsNameAssetsOnceAndKeepTheirOrder() {
    Content c =
        Content.builder()
            .attachments(
                List.of(
                    new Attachment("map.pdf", " The  way "),
                    new Attachment("../secret", "x"),
                    new Attachment("list.txt", ""),
                    new Attachment("map.pdf", "again")))
            .build();
    assertEquals(
        c.attachments(),
        List.of(new Attachment("map.pdf", "The way"), new Attachment("list.txt", "list.txt")));
    assertEquals(c.withTitle("t").withSlug("s").attachments(), c.attachments());
    assertEquals(AssetUse.usesIn(c).size(), 2);
  }
}

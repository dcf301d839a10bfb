package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Lists made of as much as is kept for them are the same as lists made of whole items. */
public class BriefTest {
  private static final Section VISIT = new Section("visit", "Visit", "");
  private static final Site SITE = new Site("S", "", "en", List.of(VISIT));
  private static final Instant THEN = Instant.parse("2026-11-27T10:00:00Z");

  private static PublishedItem item(Content content, int kind) {
    return new PublishedItem("k", Kinds.STANDARD.get(kind), content, "A", THEN, THEN);
  }

  private static String pages(Content content, int kind) {
    PageRenderer pages = new PageRenderer(SITE, PageRendererTest.NOTHING, ZoneOffset.UTC);
    List<PublishedItem> items = List.of(item(content, kind), item(content, kind));
    return pages.lists().front(items, Paging.ONLY)
        + pages.lists().renderSection(VISIT, ListPages.Listed.of(items), Paging.ONLY);
  }

  private static Content content(Document body) {
    return Content.builder()
        .title("Title")
        .summary("Summary")
        .body(body)
        .section("visit")
        .slug("t")
        .language("nl")
        .build()
        .withValues(Map.of("teaser.title", "Short", "height", "812", "side.parts", List.of()));
  }

  @Test
  public void listsOfRandomTextsAreTheSame() {
    for (int seed = 0; seed < 400; seed++) {
      // Only what is stored can be live.
      Content whole = content(HtmlReader.read(HtmlWriter.write(new Trees(seed).document())));
      Content kept = ContentFile.read(ContentFile.write(Brief.of(whole)));
      for (int kind = 0; kind < Kinds.STANDARD.size(); kind++) {
        assertEquals(pages(kept, kind), pages(whole, kind), "seed " + seed);
      }
    }
  }

  @Test
  public void aTextWithoutAFoldIsNotKept() {
    Content long1 = content(HtmlReader.read("<p>" + "Many words. ".repeat(10_000) + "</p>"));
    assertTrue(ContentFile.write(Brief.of(long1)).length() < 300);
  }
}

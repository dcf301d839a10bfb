package app.blenner.core.site;

import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import java.util.ArrayList;
import java.util.List;

/**
 * Where on the site an item appears.
 *
 * @param places the pages that show it, its own first; empty when it appears nowhere
 * @param reason why it appears nowhere, in a sentence; empty when it does appear
 */
public record Appearances(List<Place> places, String reason) {

  /**
   * A page that shows an item.
   *
   * @param path the page's address
   * @param label what the page is
   */
  public record Place(String path, String label) {}

  /** Where the live text of an item appears, or why it does not. */
  public static Appearances of(Site site, Kind kind, Stage stage, Content live) {
    if (stage == Stage.LIVE && live != null) {
      return new Appearances(places(site, kind, live), "");
    }
    String reason =
        switch (stage) {
          case DRAFT -> "Nowhere: it is a draft and has not been put live.";
          case IN_REVIEW -> "Nowhere yet: it is in review.";
          case CLEARED -> "Nowhere yet: it is cleared, but nobody has put it live.";
          case SCHEDULED -> "Nowhere yet: its time has not come.";
          case WITHDRAWN -> "Nowhere: it was withdrawn. Its address says so kindly.";
          case ARCHIVED -> "Nowhere: it is archived.";
          case LIVE -> "Nowhere: nothing of it has been put live.";
        };
    return new Appearances(List.of(), reason);
  }

  /** The pages that will show an item once it is live. */
  public static List<Place> places(Site site, Kind kind, Content content) {
    List<Place> places = new ArrayList<>();
    if (!content.slug().isEmpty()) {
      places.add(new Place(SitePaths.of(content.section(), content.slug()), "its own page"));
    }
    site.section(content.section())
        .ifPresent(s -> places.add(new Place(SitePaths.of(s), "section " + s.name())));
    if (kind.isNews()) {
      places.add(new Place("/", "front page"));
    }
    return List.copyOf(places);
  }
}

package app.blenner.core.site;

import app.blenner.core.item.Content;
import app.blenner.core.item.ItemState;
import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

  /** Nobody reads of more keywords. */
  private static final int MOST_KEYWORDS = 5;

  /** Where the live text of an item appears, or why it does not. */
  public static Appearances of(Site site, Kind kind, Stage stage, String key, Content live) {
    if (stage.isForReaders() && live != null) {
      return new Appearances(placesOf(site, kind, key, live), "");
    }
    String reason = ItemState.of(stage, false, false, false).textOf("nowhere");
    return new Appearances(List.of(), reason);
  }

  /** The pages that will show an item once it is live. */
  public static List<Place> placesOf(Site site, Kind kind, String key, Content content) {
    List<Place> places = new ArrayList<>();
    SectionTree tree = site.tree();
    Optional<String> composed = site.composedAt(key);
    composed.ifPresent(path -> places.add(new Place(path, "it is this page")));
    if (composed.isEmpty() && !content.slug().isEmpty()) {
      places.add(new Place(site.pathOf(content.section(), content.slug()), "its own page"));
    }
    menu(places, site, key, site.menus().main(site), "main menu");
    menu(places, site, key, site.menus().foot(), "menu at the foot");
    List<Section> way = tree.way(content.section());
    for (int i = way.size() - 1; i >= 0; i--) {
      Section s = way.get(i);
      String first = s.list().first().contains(key) ? ", picked to stand first" : "";
      places.add(new Place(tree.pathOf(s.slug()), "section " + s.name() + first));
    }
    if (!kind.isNews()) {
      return List.copyOf(places);
    }
    if (!way.isEmpty()) {
      Section own = way.get(way.size() - 1);
      own.topicsNamed(content.topics())
          .forEach(
              t ->
                  places.add(
                      new Place(
                          SitePaths.topicPath(tree.pathOf(own.slug()), t.slug()),
                          "topic " + t.name())));
    }
    content.keywords().stream()
        .distinct()
        .limit(MOST_KEYWORDS)
        .forEach(k -> places.add(new Place(SitePaths.keywordPath(k), "keyword " + k)));
    if (site.front().listed()) {
      places.add(new Place("/", "front page"));
    }
    places.add(new Place(Feed.ATOM.feedPath(""), "feeds of the site"));
    return List.copyOf(places);
  }

  private static void menu(
      List<Place> places, Site site, String key, List<MenuEntry> menu, String name) {
    if (menu.stream().anyMatch(e -> e.isTo(key))) {
      places.add(new Place("/", name + " of " + site.name()));
    }
  }
}

package app.blenner.core.site;

import app.blenner.core.face.SharedLink;
import app.blenner.core.picture.Ratio;
import java.util.List;

/** Which picture is shown where somebody shares a page. A page without one of its own shows that of what it is about. */
final class SharedPictures {
  private final Library library;

  SharedPictures(Library library) {
    this.library = library;
  }

  /** The address of an asset as a shared picture; empty where the asset is gone. */
  String ofAsset(String asset) {
    return library
        .findAsset(asset)
        .filter(a -> !a.gone())
        .map(a -> a.pathOf(ItemPage.SHARED_WIDTH, Ratio.WIDE, a.plainFormat()))
        .orElse("");
  }

  /** That of an item alone, or empty. */
  String ofItem(PublishedItem item) {
    return ofAsset(SharedLink.of(item.content()).picture().words());
  }

  /** That of the first of some items that has one, or empty. */
  String ofFirst(List<PublishedItem> items) {
    return items.stream().map(this::ofItem).filter(p -> !p.isEmpty()).findFirst().orElse("");
  }
}

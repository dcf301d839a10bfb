package app.blenner.server.outline;

import app.blenner.core.archive.PackedOutline;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.AssetUse.Place;
import app.blenner.server.asset.AssetPlaces;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Assets in outlines and snippets. Where an item links a snippet, it is the item in which readers see them. */
@Component
class OutlinePlaces implements AssetPlaces {
  private final OutlineService outlines;

  OutlinePlaces(OutlineService outlines) {
    this.outlines = outlines;
  }

  @Override
  public boolean areForReaders() {
    return false;
  }

  @Override
  public List<Spot> spots() {
    return outlines.all().stream().flatMap(OutlinePlaces::spotsOf).toList();
  }

  private static Stream<Spot> spotsOf(PackedOutline outline) {
    Place place = outline.snippet() ? Place.SNIPPET : Place.OUTLINE;
    String at = outline.snippet() ? "set-up#snippets" : "set-up#outlines";
    return AssetUse.usesIn(outline.body()).stream()
        .map(AssetUse::asset)
        .distinct()
        .map(a -> new Spot(new AssetUse(a, place), at, outline.name()));
  }
}

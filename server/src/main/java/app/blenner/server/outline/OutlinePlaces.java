package app.blenner.server.outline;

import app.blenner.core.archive.PackedOutline;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.AssetUse.Place;
import app.blenner.server.asset.AssetPlaces;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.links.ItemPlaces;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What stands in outlines and snippets. Where an item links a snippet, it is the item in which readers see it. */
@Component
class OutlinePlaces implements AssetPlaces, ItemPlaces {
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
    return AssetUse.usesIn(outline.body()).stream()
        .map(AssetUse::asset)
        .distinct()
        .map(a -> new Spot(new AssetUse(a, place), at(outline), outline.name()));
  }

  @Override
  public List<ItemLinks.From> linksTo(String itemKey) {
    return outlines.leadingTo(itemKey).stream()
        .map(
            o ->
                new ItemLinks.From(
                    "", (o.snippet() ? "Snippet " : "Outline ") + o.name(), "a link", at(o)))
        .toList();
  }

  private static String at(PackedOutline outline) {
    return outline.snippet() ? "set-up#snippets" : "set-up#outlines";
  }
}

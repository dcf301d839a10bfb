package app.blenner.server.asset;

import app.blenner.server.asset.AssetPlaces.Spot;
import app.blenner.server.asset.AssetViews.UseView;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Where assets stand besides in items. */
@Component
class OtherPlaces {
  private final List<AssetPlaces> all;

  OtherPlaces(List<AssetPlaces> all) {
    this.all = all;
  }

  /** The places of one asset. */
  Stream<UseView> of(String asset) {
    return all.stream()
        .flatMap(
            source ->
                spotsOf(source, asset)
                    .map(
                        s ->
                            new UseView(
                                s.at(), s.title(), s.use().place(), source.areForReaders())));
  }

  private static Stream<Spot> spotsOf(AssetPlaces source, String asset) {
    return source.spots().stream().filter(s -> s.use().asset().equals(asset));
  }

  /** Whether readers see an asset at one of them. It is asked for every file that readers get. */
  boolean areForReaders(String asset) {
    return all.stream()
        .filter(AssetPlaces::areForReaders)
        .anyMatch(source -> spotsOf(source, asset).findAny().isPresent());
  }

  /** The assets that have any, each with how many. */
  Map<String, Long> counts() {
    return all.stream()
        .flatMap(source -> source.spots().stream())
        .collect(Collectors.groupingBy(s -> s.use().asset(), Collectors.counting()));
  }
}

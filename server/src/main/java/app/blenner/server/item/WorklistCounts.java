package app.blenner.server.item;

import app.blenner.core.item.Stage;
import app.blenner.server.find.ItemFilter;
import app.blenner.server.find.ItemFinder;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** How many items a filter of the worklist finds, and how many it would find with another stage or of others. */
@Component
class WorklistCounts {
  /** How many items there are at a stage. */
  record StageTotal(Stage stage, String label, long count) {}

  private final ItemFinder finder;
  private final ItemRepository items;

  WorklistCounts(ItemFinder finder, ItemRepository items) {
    this.finder = finder;
    this.items = items;
  }

  long waiting(ItemFilter filter) {
    return finder
        .count(filter.withWhose(null, true).withStage(""))
        .map(ItemFinder.Counts::total)
        .orElseGet(() -> items.countWaiting(filter.who().id(), filter.who().editor()));
  }

  long mine(ItemFilter filter) {
    return finder
        .count(filter.withWhose(filter.who().id(), false).withStage(""))
        .map(ItemFinder.Counts::total)
        .orElseGet(() -> items.countByOwnerId(filter.who().id()));
  }

  long everyones(ItemFilter filter) {
    return total(filter.withWhose(null, false));
  }

  private long total(ItemFilter filter) {
    return stages(filter).stream().mapToLong(StageTotal::count).sum();
  }

  List<StageTotal> stages(ItemFilter filter) {
    Map<Stage, Long> counts = new EnumMap<>(Stage.class);
    finder
        .count(filter.withStage(""))
        .ifPresentOrElse(
            found -> found.stages().forEach((stage, n) -> counts.put(Stage.valueOf(stage), n)),
            () ->
                items
                    .countByStage(filter.owner(), filter.who().id(), filter.who().editor())
                    .forEach(c -> counts.put(c.stage(), c.count())));
    return List.of(Stage.values()).stream()
        .map(s -> new StageTotal(s, s.label(), counts.getOrDefault(s, 0L)))
        .toList();
  }
}

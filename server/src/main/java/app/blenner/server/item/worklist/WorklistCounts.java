package app.blenner.server.item.worklist;

import app.blenner.core.item.Stage;
import app.blenner.server.find.ItemFilter;
import app.blenner.server.find.ItemFinder;
import app.blenner.server.item.store.ItemRepository;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How many items a filter of the worklist finds, and how many it would find with another stage or of others. */
@Component
class WorklistCounts {
  /** How many items there are at a stage. */
  record StageTotal(Stage stage, String label, long count) {}

  private final ItemRepository items;

  WorklistCounts(ItemRepository items) {
    this.items = items;
  }

  /**
   * How many there are.
   *
   * @param waiting of those the filter finds, whosever they are, that wait for who asks
   * @param mine of them that belong to who asks
   * @param everyones of all of them
   * @param stages at each stage, of those the filter finds
   */
  record Totals(long waiting, long mine, long everyones, List<StageTotal> stages) {}

  /** What the index has counted. */
  static Totals of(ItemFinder.Listed listed) {
    ItemFinder.Counts any = listed.any();
    return new Totals(any.waiting(), any.mine(), any.total(), stages(listed.own().stages()));
  }

  /** The same by the database alone, which knows fewer of the filters. */
  Totals byDatabase(ItemFilter filter) {
    long me = filter.who().id();
    boolean drafts = filter.who().readsDrafts();
    return new Totals(
        items.countWaiting(me, filter.who().decides()),
        items.countByOwnerId(me),
        items.countByStage(null, me, drafts).stream().mapToLong(c -> c.count()).sum(),
        stages(
            items.countByStage(filter.owner(), me, drafts).stream()
                .collect(
                    Collectors.toMap(c -> c.stage().name(), ItemRepository.StageCount::count))));
  }

  private static List<StageTotal> stages(Map<String, Long> counts) {
    return List.of(Stage.values()).stream()
        .map(s -> new StageTotal(s, s.label(), counts.getOrDefault(s.name(), 0L)))
        .toList();
  }
}

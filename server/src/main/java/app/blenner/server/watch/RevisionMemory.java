package app.blenner.server.watch;

import app.blenner.server.change.OnChange;
import app.blenner.server.item.store.ItemRevised;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** The revisions of items that were changed lately, so that whoever has one open hears of it without asking the database. */
@Component
class RevisionMemory {
  /** More are hardly open at once; one that is forgotten is heard of with the next save. */
  private static final int MOST = 20_000;

  private final Cache<String, Long> known = Caffeine.newBuilder().maximumSize(MOST).build();

  @OnChange
  void note(ItemRevised change) {
    known.asMap().merge(change.item(), change.revision(), Math::max);
  }

  /** The latest revision of an item, or -1 where it was not changed lately. */
  long latest(String item) {
    Long revision = known.getIfPresent(item);
    return revision == null ? -1 : revision;
  }
}

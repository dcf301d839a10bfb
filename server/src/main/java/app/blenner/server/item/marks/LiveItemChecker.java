package app.blenner.server.item.marks;

import app.blenner.core.archive.PackedDismissal;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Standards;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.ItemChecker;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.version.Versions;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at what readers see, and at single items, with rules set in some way. */
@Service
@Transactional(readOnly = true)
public class LiveItemChecker {
  private final ItemService itemService;
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Versions versions;
  private final ItemChecker checker;
  private final Dismissals dismissals;

  LiveItemChecker(
      ItemService itemService,
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Versions versions,
      ItemChecker checker,
      Dismissals dismissals) {
    this.itemService = itemService;
    this.items = items;
    this.liveCopies = liveCopies;
    this.versions = versions;
    this.checker = checker;
    this.dismissals = dismissals;
  }

  /**
   * A live item, and what is found in what readers see of it.
   *
   * @param since when that was last changed for readers
   * @param findings those that nobody wants left as they are
   */
  public record Looked(
      String key,
      String title,
      String kind,
      String section,
      String author,
      Instant since,
      List<Finding> findings) {

    /** What it would need to go live once more, in a sentence without its full stop; empty where nothing. */
    public String needs() {
      return Preflight.needs(StoredFinding.read(StoredFinding.write(findings)));
    }

    /** Whether it could not go live as it is. */
    public boolean isShort() {
      return findings.stream().anyMatch(f -> f.level() == Severity.MUST_FIX);
    }
  }

  /** The keys of everything live. */
  public List<String> keys() {
    return items.liveKeys();
  }

  /** A live item; empty where it is not live any more. */
  public Optional<Looked> look(String key, Standards standards) {
    if (!items.isLive(key)) {
      return Optional.empty();
    }
    return liveCopies
        .findById(key)
        .map(
            live -> {
              ItemEntity item = itemService.get(key);
              Content content = versions.contentOf(live.live);
              Kind kind = itemService.kindOf(key);
              return new Looked(
                  key,
                  content.title(),
                  item.kind,
                  content.section(),
                  live.author,
                  live.updatedAt,
                  open(
                      key,
                      checker.lookOnce(key, content, kind, standards.of(kind.name())),
                      standards,
                      kind));
            });
  }

  /** What is found in the working copy of an item. */
  public List<Finding> tried(String key, Standards standards) {
    ItemEntity item = itemService.get(key);
    Kind kind = itemService.kindOf(key);
    return open(
        key,
        checker.lookOnce(key, versions.contentOf(item.working), kind, standards.of(kind.name())),
        standards,
        kind);
  }

  private List<Finding> open(String key, List<Finding> found, Standards standards, Kind kind) {
    Settings settings = standards.of(kind.name());
    Map<String, PackedDismissal> left = dismissals.of(key, found, settings);
    return found.stream().filter(f -> !left.containsKey(f.identity())).toList();
  }
}

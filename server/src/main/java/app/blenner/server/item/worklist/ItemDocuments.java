package app.blenner.server.item.worklist;

import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.RunningText;
import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.search.SearchedText;
import app.blenner.server.find.FindSource;
import app.blenner.server.find.FoundItem;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Gives the index the items as they stand. */
@Component
@Transactional(readOnly = true, propagation = Propagation.REQUIRES_NEW)
public class ItemDocuments implements FindSource {
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Versions versions;
  private final LinkedPieces pieces;
  private final SiteService sites;

  ItemDocuments(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Versions versions,
      LinkedPieces pieces,
      SiteService sites) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.versions = versions;
    this.pieces = pieces;
    this.sites = sites;
  }

  @Override
  public List<FoundItem> load(Collection<String> keys) {
    String language = sites.site().language();
    Map<String, LiveCopyEntity> live =
        liveCopies.findAllById(keys).stream()
            .collect(Collectors.toMap(l -> l.itemKey, Function.identity()));
    List<FoundItem> out = new ArrayList<>();
    for (ItemEntity item : items.findAllById(keys)) {
      Content working = versions.contentOf(item.working);
      LiveCopyEntity copy = live.get(item.itemKey);
      out.add(working(item, copy, working, pieces.withPieces(working), language));
      if (item.stage.isForReaders() && copy != null) {
        Content shown = versions.contentOf(copy.live);
        out.add(forReaders(item, copy, shown, pieces.withPieces(shown), language));
      }
    }
    return out;
  }

  @Override
  public String state() {
    return items.state().toString();
  }

  @Override
  public List<String> keysLatestFirst() {
    return items.keysLatestFirst();
  }

  @Override
  public Map<String, Long> stampsAfter(String key, int count) {
    Map<String, Long> stamps = new LinkedHashMap<>();
    items.indexedAfter(key, Limit.of(count)).forEach(i -> stamps.put(i.key(), i.stamp()));
    return stamps;
  }

  @Override
  public List<String> keysWithParts() {
    return pieces.itemsWithPieces();
  }

  /**
   * The working copy of an item as it is looked for.
   *
   * @param copy the row of what is or was live of it; null where nothing ever was
   * @param whole the content with what its pieces hold
   * @param language the language of the site
   */
  public static FoundItem working(
      ItemEntity item, LiveCopyEntity copy, Content content, Content whole, String language) {
    return new FoundItem(
        item.itemKey,
        false,
        texts(content, whole, language),
        standing(item, content, item.changedAt),
        ItemRepository.Indexed.of(item, copy).stamp());
  }

  /** What readers see of an item as it is looked for. */
  public static FoundItem forReaders(
      ItemEntity item, LiveCopyEntity copy, Content content, Content whole, String language) {
    return new FoundItem(
        item.itemKey,
        true,
        texts(content, whole, language),
        standing(item, content, copy.firstLiveAt),
        0);
  }

  private static FoundItem.Texts texts(Content content, Content whole, String language) {
    return new FoundItem.Texts(
        content.languageOn(language),
        content.title(),
        content.summary(),
        headings(whole.body()),
        content.keywords(),
        SearchedText.wordsOf(whole));
  }

  private static FoundItem.Standing standing(ItemEntity item, Content content, Instant at) {
    List<String> authors = StandardFields.texts(content, StandardFields.AUTHORS);
    return new FoundItem.Standing(
        item.kind,
        item.stage.name(),
        content.section(),
        content.topics().stream().map(t -> content.section() + "/" + t).toList(),
        authors.isEmpty() ? List.of(item.author) : authors,
        item.ownerId,
        item.stage.awaitsDecision() || item.changeSentAt != null,
        !item.givenBackBy.isEmpty(),
        item.mustFix > 0,
        StoredFinding.read(item.findings).stream().map(StoredFinding::rule).distinct().toList(),
        at);
  }

  private static List<String> headings(Document body) {
    List<String> out = new ArrayList<>();
    body.each(
        block -> {
          if (block instanceof Heading heading) {
            out.addAll(RunningText.of(new Document(List.of(heading))));
          }
        });
    return out;
  }
}

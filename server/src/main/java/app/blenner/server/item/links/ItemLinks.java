package app.blenner.server.item.links;

import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import app.blenner.core.kind.Kind;
import app.blenner.server.item.store.ItemRepository;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which items lead to which. It is noted with every save and every going live. */
@Service
@Transactional
public class ItemLinks {
  /** Nobody reads of more at once. */
  private static final int TOLD = 30;

  private final ItemLinkRepository links;
  private final ItemRepository items;
  private final LinkedPieces pieces;
  private final EntityManager entities;

  ItemLinks(
      ItemLinkRepository links, ItemRepository items, LinkedPieces pieces, EntityManager entities) {
    this.links = links;
    this.items = items;
    this.pieces = pieces;
    this.entities = entities;
  }

  /**
   * An item that leads to another where readers see it.
   *
   * @param by by what, as people read it
   */
  public record From(String key, String title, String by) {}

  /** Notes to which items one leads now, in its working copy or in what readers see. */
  public void note(String itemKey, boolean forReaders, Kind kind, Content content) {
    Set<ItemLink> now = kind.linksOf(pieces.withPieces(content));
    Map<ItemLink, ItemLinkEntity> before =
        links.findAllByItemKeyAndForReaders(itemKey, forReaders).stream()
            .collect(Collectors.toMap(l -> new ItemLink(l.target, l.place), Function.identity()));
    if (before.keySet().equals(now)) {
      return; // nearly every save
    }
    for (ItemLink link : now) {
      if (before.remove(link) == null) {
        entities.persist(toEntity(itemKey, forReaders, link));
      }
    }
    links.deleteAll(before.values());
  }

  /**
   * The rows of an item of which nothing is noted yet.
   *
   * @param whole its content with what its pieces hold
   */
  public static Collection<?> rowsOf(String itemKey, boolean forReaders, Kind kind, Content whole) {
    return kind.linksOf(whole).stream().map(l -> toEntity(itemKey, forReaders, l)).toList();
  }

  private static ItemLinkEntity toEntity(String itemKey, boolean forReaders, ItemLink link) {
    ItemLinkEntity entity = new ItemLinkEntity();
    entity.itemKey = itemKey;
    entity.forReaders = forReaders;
    entity.target = link.target();
    entity.place = link.place();
    return entity;
  }

  public void withdrawn(String itemKey) {
    links.forget(itemKey, true);
  }

  public void forget(String itemKey) {
    links.forget(itemKey);
  }

  public void clear() {
    links.deleteAllInBatch();
  }

  /** The items that lead to one where readers see it, the first of them. */
  @Transactional(readOnly = true)
  public List<From> linksTo(String itemKey) {
    Map<String, String> by = new LinkedHashMap<>();
    links
        .to(itemKey, Limit.of(TOLD))
        .forEach(l -> by.merge(l.itemKey, l.place.label(), (a, b) -> a + ", " + b));
    Map<String, String> titles =
        items.findAllById(by.keySet()).stream()
            .collect(Collectors.toMap(i -> i.itemKey, i -> i.title));
    return by.entrySet().stream()
        .map(e -> new From(e.getKey(), titles.getOrDefault(e.getKey(), ""), e.getValue()))
        .toList();
  }

  /** Live fixed pages to which nothing that readers see leads, but for those that are known otherwise. */
  public List<String> leadNowhere(Set<String> known, int most) {
    return links.leadNowhere(known, Limit.of(most));
  }
}

package app.blenner.server.item.links;

import app.blenner.core.item.ItemLink;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Which items lead to which. It is noted with every save and every going live. */
@Service
@Transactional
public class ItemLinks implements KeptOfText {
  /** Nobody reads of more at once. */
  private static final int TOLD = 30;

  private final ItemLinkRepository links;
  private final ItemRepository items;
  private final List<ItemPlaces> places;
  private final EntityManager entities;

  ItemLinks(
      ItemLinkRepository links,
      ItemRepository items,
      List<ItemPlaces> places,
      EntityManager entities) {
    this.places = places;
    this.links = links;
    this.items = items;
    this.entities = entities;
  }

  /**
   * An item that leads to another where readers see it, or another place that leads to an item.
   *
   * @param key the key of the item, or empty for another place
   * @param by by what, as people read it
   * @param at the address of the place in the editor, without a slash in front
   */
  public record From(String key, String title, String by, String at) {}

  @Override
  public void written(ItemText text) {
    Set<ItemLink> now = text.kind().linksOf(text.whole());
    Map<ItemLink, ItemLinkEntity> before =
        links.findAllByItemKeyAndForReaders(text.itemKey(), text.forReaders()).stream()
            .collect(Collectors.toMap(l -> new ItemLink(l.target, l.place), Function.identity()));
    if (before.keySet().equals(now)) {
      return; // nearly every save
    }
    for (ItemLink link : now) {
      if (before.remove(link) == null) {
        entities.persist(toEntity(text, link));
      }
    }
    links.deleteAll(before.values());
  }

  @Override
  @Transactional(propagation = Propagation.SUPPORTS)
  public Collection<?> rowsOf(ItemText text) {
    return text.kind().linksOf(text.whole()).stream().map(l -> toEntity(text, l)).toList();
  }

  private static ItemLinkEntity toEntity(ItemText text, ItemLink link) {
    ItemLinkEntity entity = new ItemLinkEntity();
    entity.itemKey = text.itemKey();
    entity.forReaders = text.forReaders();
    entity.target = link.target();
    entity.place = link.place();
    return entity;
  }

  @Override
  public void hidden(String itemKey) {
    links.forget(itemKey, true);
  }

  @Override
  public void forgotten(String itemKey) {
    links.forget(itemKey);
  }

  @Override
  public void clear() {
    links.deleteAllInBatch();
  }

  /** What leads to an item: the first of the items whose readers see it, and all other places. */
  @Transactional(readOnly = true)
  public List<From> linksTo(String itemKey) {
    Map<String, String> by = new LinkedHashMap<>();
    links
        .to(itemKey, Limit.of(TOLD))
        .forEach(l -> by.merge(l.itemKey, l.place.label(), (a, b) -> a + ", " + b));
    Map<String, String> titles =
        items.findAllById(by.keySet()).stream()
            .collect(Collectors.toMap(i -> i.itemKey, i -> i.title));
    Stream<From> ofItems =
        by.entrySet().stream()
            .map(
                e ->
                    new From(
                        e.getKey(),
                        titles.getOrDefault(e.getKey(), ""),
                        e.getValue(),
                        "items/" + e.getKey()));
    return Stream.concat(places.stream().flatMap(p -> p.linksTo(itemKey).stream()), ofItems)
        .toList();
  }

  /** Live fixed pages to which nothing that readers see leads, but for those that are known otherwise. */
  public List<String> leadNowhere(Set<String> known, int most) {
    return links.leadNowhere(known, Limit.of(most));
  }
}

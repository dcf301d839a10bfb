package app.blenner.server.item;

import app.blenner.core.item.Stage;
import app.blenner.core.site.PublishedItem;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Items as readers may see them. */
@Service
@Transactional(readOnly = true)
public class PublishedItems {

  /**
   * What stands at an address.
   *
   * @param item the item that is or was live there
   * @param isLive whether it still is
   */
  public record At(PublishedItem item, boolean isLive) {}

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final SiteAddressRepository addresses;

  PublishedItems(
      ItemRepository items, LiveCopyRepository liveCopies, SiteAddressRepository addresses) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
  }

  /** The item that is or was live at an address, or under another address since. */
  public Optional<At> at(String path) {
    return addresses.findById(path).flatMap(a -> copy(a.itemKey));
  }

  /** The live item with this key. */
  public Optional<PublishedItem> live(String key) {
    return copy(key).filter(At::isLive).map(At::item);
  }

  private Optional<At> copy(String key) {
    return items
        .findById(key)
        .flatMap(
            i ->
                liveCopies
                    .findById(key)
                    .map(l -> new At(l.toPublished(i.kind), i.stage == Stage.LIVE)));
  }

  /** The live items of a section and a topic, or of all, the newest first. */
  public List<PublishedItem> latest(String section, String topic, int count) {
    String inSection = section.isEmpty() ? null : section;
    String onTopic = topic.isEmpty() ? null : topic;
    return liveCopies.latest(Stage.LIVE, inSection, onTopic, PageRequest.of(0, count)).stream()
        .map(l -> l.copy().toPublished(l.kind()))
        .toList();
  }

  /** The language an item is written in, on a site of this language. */
  public String language(String key, String siteLanguage) {
    return items
        .findById(key)
        .map(i -> i.content.language)
        .filter(l -> !l.isEmpty())
        .orElse(siteLanguage);
  }

  /** Whether there is such an item, live or not. */
  public boolean exists(String key) {
    return items.existsById(key);
  }

  /** An item as it would be if its working copy were live. */
  public Optional<PublishedItem> proof(String key) {
    return items
        .findById(key)
        .map(
            i -> {
              Optional<LiveCopyEntity> live = liveCopies.findById(key);
              return new PublishedItem(
                  key,
                  i.kind,
                  i.content.toContent(),
                  i.author,
                  live.map(l -> l.firstLiveAt).orElse(null),
                  live.map(l -> l.updatedAt).orElse(null));
            });
  }
}

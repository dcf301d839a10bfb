package app.blenner.server.item.stages;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.face.SearchResult;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.site.Brief;
import app.blenner.core.site.SitePaths;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.links.ItemTexts;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.KindService;
import app.blenner.server.site.SiteChanged;
import app.blenner.server.version.Versions;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What readers see of items, and everything that is noted of it. */
@Service
@Transactional
public class LiveCopies {
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final Versions versions;
  private final KindService kinds;
  private final ItemTexts texts;
  private final Listings listings;
  private final ChangeBus changes;

  LiveCopies(
      LiveCopyRepository liveCopies,
      Addresses addresses,
      Versions versions,
      KindService kinds,
      ItemTexts texts,
      Listings listings,
      ChangeBus changes) {
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.versions = versions;
    this.kinds = kinds;
    this.texts = texts;
    this.listings = listings;
    this.changes = changes;
  }

  /** Shows the working copy to readers. */
  public void goLive(ItemEntity item, Instant firstLive, Instant now) {
    LiveCopyEntity live = liveCopies.findById(item.itemKey).orElseGet(LiveCopyEntity::new);
    if (live.itemKey == null) {
      live.itemKey = item.itemKey;
      live.firstLiveAt = firstLive;
    }
    live.updatedAt = now;
    live.author = item.author;
    Content content = versions.contentOf(item.working);
    show(item, live, item.working, content);
    // What readers may have noted down stays as it is, whatever the title becomes.
    item.slugByHand = true;
    item.differs = false;
    addresses.reserveForReaders(item);
  }

  /** Shows readers another content than they saw, which need not be the working copy; when they saw it first stays. */
  public void show(ItemEntity item, String version) {
    LiveCopyEntity live = liveCopies.findById(item.itemKey).orElseThrow();
    Content content = versions.contentOf(version);
    show(item, live, version, content);
    addresses.keep(SitePaths.lasting(content.section(), content.slug()), item.itemKey, true);
    item.differs = !version.equals(item.working);
  }

  /** Shows readers a version of an item where its stage is one they see, and nothing of it where not. */
  public void showOrHide(ItemEntity item, String version) {
    if (item.stage.isForReaders()) {
      show(item, version);
    } else {
      hide(item);
    }
  }

  /** Shows readers nothing of an item any more. */
  public void hide(ItemEntity item) {
    texts.hidden(item.itemKey);
    listings.hide(item.itemKey);
  }

  /** Tells those who keep pages that an item was changed, and where it was and is listed. */
  public void tell(ItemEntity item, Set<String> before) {
    Set<String> seen = new HashSet<>(before);
    seen.addAll(listings.placesOf(item.itemKey));
    changes.publish(SiteChanged.item(item.itemKey, seen));
  }

  /** Where readers find an item listed now. */
  public Set<String> placesOf(String itemKey) {
    return new HashSet<>(listings.placesOf(itemKey));
  }

  private void show(ItemEntity item, LiveCopyEntity live, String version, Content content) {
    fill(live, version, content);
    liveCopies.save(live);
    if (item.stage.isForReaders()) {
      Kind kind = kinds.kindNamed(item.kind);
      listings.show(item.itemKey, content, kind.isNews(), live.firstLiveAt);
      texts.written(item.itemKey, true, kind, content);
    }
  }

  private static void fill(LiveCopyEntity live, String version, Content content) {
    live.live = version;
    live.section = content.section();
    live.topics = String.join("\n", content.topics());
    live.slug = content.slug();
    live.hidden = SearchResult.isHidden(content);
    live.brief = ContentFile.write(Brief.of(content));
  }

  /**
   * The live copy of an item that has none yet.
   *
   * @param version the hash of the content
   */
  public static LiveCopyEntity rowOf(
      ItemEntity item, String version, Content content, Instant firstLive, Instant updated) {
    LiveCopyEntity live = new LiveCopyEntity();
    live.itemKey = item.itemKey;
    live.author = item.author;
    live.firstLiveAt = firstLive;
    live.updatedAt = updated;
    fill(live, version, content);
    return live;
  }
}

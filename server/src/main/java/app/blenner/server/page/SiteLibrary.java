package app.blenner.server.page;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.embed.Embedding;
import app.blenner.core.site.Library;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.asset.AssetService;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.outline.OutlineService;
import app.blenner.server.site.ExternalService;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What there is on the site, for the pages that refer to it. */
@Component
class SiteLibrary implements Library {
  private final PublishedItems items;
  private final AssetService assets;

  private final ExternalService external;
  private final Clock clock;
  private final OutlineService outlines;

  SiteLibrary(
      PublishedItems items,
      AssetService assets,
      ExternalService external,
      OutlineService outlines,
      Clock clock) {
    this.outlines = outlines;
    this.clock = clock;
    this.items = items;
    this.assets = assets;
    this.external = external;
  }

  @Override
  public Optional<String> frame(Address address) {
    Embedding judged = Embedding.judge(address.value(), external.embedHosts());
    return judged.problem().isEmpty() ? Optional.of(judged.frame()) : Optional.empty();
  }

  @Override
  public Optional<Document> findPiece(String key) {
    return outlines.findPiece(key);
  }

  @Override
  public Instant now() {
    return clock.instant();
  }

  @Override
  public Optional<PublishedItem> findItem(String key) {
    return items.findLive(key);
  }

  @Override
  public Optional<SiteAsset> findAsset(String name) {
    return name.isEmpty() ? Optional.empty() : assets.find(name);
  }

  @Override
  public Optional<PublishedItem> neighbourOf(PublishedItem item, boolean newer) {
    return items.neighbourOf(item, newer);
  }

  /** The next time after one at which readers cease to see something. */
  Optional<Instant> nextExpiry(Instant after) {
    return assets.nextExpiry(after);
  }

  @Override
  public List<PublishedItem> latestItems(String section, String topic, String except, int count) {
    return items.latestItems(new PublishedItems.Wanted(section, topic, true, except), count);
  }
}

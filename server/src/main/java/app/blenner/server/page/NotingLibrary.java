package app.blenner.server.page;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.site.Library;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.site.SiteChanged;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Notes what a page that is being made asks for, so that it can be made again when that changes, and not before. */
final class NotingLibrary implements Library {
  private final Library library;
  private final Set<String> noted = new HashSet<>();

  NotingLibrary(Library library) {
    this.library = library;
  }

  /** The names of what was asked for, as changes call it. */
  Set<String> notedKeys() {
    return Set.copyOf(noted);
  }

  /** Notes what the page shows without asking here. */
  void note(String name) {
    noted.add(name);
  }

  @Override
  public Optional<PublishedItem> findItem(String key) {
    noted.add(SiteChanged.item(key));
    return library.findItem(key);
  }

  @Override
  public Optional<SiteAsset> findAsset(String name) {
    noted.add(SiteChanged.asset(name));
    return library.findAsset(name);
  }

  @Override
  public List<PublishedItem> latestItems(String section, String topic, String except, int count) {
    noted.add(SiteChanged.list(new PublishedItems.Wanted(section, topic, true, except).place()));
    return library.latestItems(section, topic, except, count);
  }

  @Override
  public Optional<PublishedItem> neighbourOf(PublishedItem item, boolean newer) {
    noted.add(SiteChanged.list(ListPlace.ofSection(item.content().section())));
    return library.neighbourOf(item, newer);
  }

  // What follows changes for every page at once, or not at all.

  @Override
  public Optional<Document> findPiece(String key) {
    return library.findPiece(key);
  }

  @Override
  public Instant now() {
    return library.now();
  }

  @Override
  public Optional<String> frame(Address address) {
    return library.frame(address);
  }
}

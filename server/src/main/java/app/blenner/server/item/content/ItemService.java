package app.blenner.server.item.content;

import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.face.SearchResult;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.item.Values;
import app.blenner.core.kind.Kind;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.Topic;
import app.blenner.core.version.Comparison;
import app.blenner.server.account.Account;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.ItemDerivatives;
import app.blenner.server.item.checks.ItemNotes;
import app.blenner.server.item.content.ItemViews.AttachmentView;
import app.blenner.server.item.content.ItemViews.ContentInput;
import app.blenner.server.item.content.ItemViews.ContentView;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.content.ItemViews.ItemView;
import app.blenner.server.item.content.ItemViews.NewItem;
import app.blenner.server.item.content.ItemViews.Resolve;
import app.blenner.server.item.content.ItemViews.Save;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.KindService;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Items and their working copies. */
@Service
@Transactional
public class ItemService {
  private static final String KEY_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
  private static final int KEY_LENGTH = 10;

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final SiteService sites;
  private final ItemStates states;
  private final List<ItemNotes> notes;
  private final Versions versions;
  private final KindService kinds;
  private final ItemContentPolicy contentPolicy;
  private final ItemDerivatives derivatives;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  ItemService(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      SiteService sites,
      ItemStates states,
      List<ItemNotes> notes,
      Versions versions,
      KindService kinds,
      ItemContentPolicy contentPolicy,
      ItemDerivatives derivatives,
      Clock clock) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.sites = sites;
    this.states = states;
    this.notes = notes;
    this.versions = versions;
    this.kinds = kinds;
    this.contentPolicy = contentPolicy;
    this.derivatives = derivatives;
    this.clock = clock;
  }

  /** Begins an item, with a title and a text where it has them already. */
  ItemView create(NewItem wanted, Account by) {
    ItemEntity item = blank(kinds.requireKind(wanted.kind()).name(), by);
    String title = PlainText.toLine(wanted.title());
    Document body = wanted.body() == null ? Document.EMPTY : HtmlReader.read(wanted.body());
    String slug = addresses.firstFree(sites.site(), "", title, item.kind, item.itemKey);
    Content begun = Content.builder().title(title).body(body).slug(slug).build();
    ItemContentPolicy.HeldContent held =
        contentPolicy.held(
            Content.EMPTY,
            begun,
            wanted.outline() == null ? List.of() : List.of(wanted.outline()),
            kinds.kindNamed(item.kind),
            by.role());
    keep(item, held.content(), by);
    ItemState state = states.make(item, held.content(), by, Addresses.Settled.NONE, held.told());
    return new ItemView(state, ContentView.of(held.content()), "");
  }

  /** Begins another item with all that is written in one. */
  ItemView copy(String key, Account by) {
    ItemEntity from = get(key);
    ItemEntity copy = blank(from.kind, by);
    Content written = versions.contentOf(from.working);
    String title = "Copy of " + (written.title().isEmpty() ? "an untitled item" : written.title());
    String slug =
        addresses.firstFree(sites.site(), written.section(), title, copy.kind, copy.itemKey);
    keep(copy, written.withTitle(title).withSlug(slug), by);
    return viewOf(copy, by, "");
  }

  private ItemEntity blank(String kind, Account by) {
    ItemEntity item = ItemEntity.draft(newKey(), kind, clock.instant());
    item.ownerId = by.id();
    item.author = by.name();
    return item;
  }

  private String newKey() {
    StringBuilder key = new StringBuilder();
    for (int i = 0; i < KEY_LENGTH; i++) {
      key.append(KEY_LETTERS.charAt(random.nextInt(KEY_LETTERS.length())));
    }
    return key.toString();
  }

  @Transactional(readOnly = true)
  public ItemView viewOf(String key, Account by) {
    return viewOf(get(key), by, "");
  }

  public ItemView viewOf(ItemEntity item, Account by, String copyKey) {
    ItemState state = states.make(item, contentOf(item), by);
    return new ItemView(state, ContentView.of(contentOf(item)), copyKey);
  }

  /** The working copy of an item. */
  public Content contentOf(ItemEntity item) {
    return versions.contentOf(item.working);
  }

  public ItemEntity get(String key) {
    return items
        .findById(key)
        .orElseThrow(
            () -> Problem.notThere("There is no such item. Perhaps the address was mistyped."));
  }

  /**
   * Keeps what somebody wrote.
   *
   * @throws Problem with both texts, where it does not build on the latest state
   */
  ItemState save(String key, Save save, Account by) {
    ItemEntity item = get(key);
    checkRevision(item, save.revision(), by);
    return store(item, save.content(), by);
  }

  public void checkRevision(ItemEntity item, long revision, Account by) {
    if (item.revision != revision) {
      boolean own = item.changedById == by.id();
      throw Problem.conflict(
          (own ? "You changed this item in another window" : item.changedBy + " changed this item")
              + " in the meantime. Both texts are kept; compare them and choose.",
          Map.of(
              "theirs", ContentView.of(contentOf(item)),
              "theirRevision", item.revision,
              "changedBy", item.changedBy,
              "own", own,
              "changedAt", item.changedAt));
    }
  }

  private ItemState store(ItemEntity item, ContentInput input, Account by) {
    Site site = sites.site();
    ItemContentPolicy.HeldContent held = held(input, site, item, by);
    Content written = held.content();
    Addresses.Settled address =
        addresses.settle(
            site, item, written.section(), SearchResult.titleOf(written), input.slug());
    Content content = written.withSlug(address.slug());
    if (address.byHand() != item.slugByHand || !Versions.hashOf(content).equals(item.working)) {
      item.slugByHand = address.byHand();
      keep(item, content, by);
    }
    return states.make(item, content, by, address, held.told());
  }

  /** What somebody wrote in an item, as far as its texts may hold it. */
  private ItemContentPolicy.HeldContent held(
      ContentInput input, Site site, ItemEntity item, Account by) {
    return contentPolicy.held(
        contentOf(item),
        contentOf(input, site, item),
        Objects.requireNonNullElse(input.dropped(), List.of()),
        site.kindNamed(item.kind),
        by.role());
  }

  private Content contentOf(ContentInput input, Site site, ItemEntity item) {
    Map<String, Object> before = contentOf(item).values();
    Map<String, Object> values = input.values() == null ? before : input.values();
    if (Values.letters(values) > Values.MOST_LETTERS) {
      throw Problem.unusable(
          "The fields of this item hold more than can be kept: at most 2 million characters together.");
    }
    Section section = site.findSection(input.section()).orElse(null);
    return Content.builder()
        .title(input.title())
        .summary(input.summary())
        .body(HtmlReader.read(input.body()))
        .section(section == null ? "" : section.slug())
        .topics(
            section == null
                ? List.of()
                : section.topicsNamed(input.topics()).stream().map(Topic::slug).toList())
        .keywords(input.keywords())
        .leadPicture(input.leadPicture())
        .language(input.language())
        .attachments( // Programs of before do not send them.
            Objects.requireNonNullElse(input.attachments(), List.<AttachmentView>of()).stream()
                .map(a -> new Attachment(a.asset(), a.words()))
                .toList())
        .values(site.kindNamed(item.kind).entered(before, values))
        .build();
  }

  /** Makes this the working copy, of somebody's making, with its address. */
  public void keep(ItemEntity item, Content content, Account by) {
    take(item, content, by.name());
    item.changedById = by.id();
    items.saveAndFlush(item);
    addresses.reserve(item);
  }

  /** Makes this the working copy, and works out again what is kept of it. */
  void take(ItemEntity item, Content content, String by) {
    set(item, content, by);
    derivatives.note(item, content);
  }

  /** Makes this the working copy. Whoever does so has {@link ItemDerivatives#note} follow, once it is the last one. */
  public void set(ItemEntity item, Content content, String by) {
    item.show(versions.keep(content, by), content);
    item.changedAt = clock.instant();
    item.changedBy = by;
  }

  /** The kind of an item. */
  @Transactional(readOnly = true)
  public Kind kindOf(String key) {
    return kinds.kindNamed(get(key).kind);
  }

  /** What tells somebody's text from the one that is kept. */
  @Transactional(readOnly = true)
  Comparison compare(String key, ContentInput mine) {
    return Comparison.of(contentOf(get(key)), contentOf(mine, sites.site(), get(key)));
  }

  /**
   * Settles on one of two texts, or on parts of each. What was not chosen is kept as a draft of its own.
   *
   * @throws Problem with both texts, where somebody changed the item once more
   */
  ItemView resolve(String key, Resolve choice, Account by) {
    ItemEntity item = get(key);
    checkRevision(item, choice.theirRevision(), by);
    Site site = sites.site();
    Content theirs = contentOf(item);
    Comparison comparison = Comparison.of(theirs, held(choice.mine(), site, item, by).content());
    Set<Integer> mine = Set.copyOf(choice.mineAt());
    Content chosen = comparison.pick(mine);
    Content other = comparison.pick(comparison.allBut(mine));
    ItemEntity copy = blank(item.kind, by);
    boolean allMine = comparison.allBut(mine).isEmpty();
    String whose = allMine ? item.changedBy : by.name();
    String title =
        "Copy by " + whose + ": " + (other.title().isEmpty() ? "untitled" : other.title());
    String slug = addresses.firstFree(site, other.section(), title, item.kind, copy.itemKey);
    keep(copy, other.withTitle(title).withSlug(slug), by);
    copy.changedBy = whose;
    String typed = mine.isEmpty() || choice.mine().slug() == null ? null : choice.mine().slug();
    Addresses.Settled address =
        addresses.settle(
            site,
            item,
            chosen.section(),
            SearchResult.titleOf(chosen),
            typed == null && item.slugByHand ? item.slug : typed);
    item.slugByHand = address.byHand();
    keep(item, chosen.withSlug(address.slug()), by);
    return viewOf(item, by, copy.itemKey);
  }

  /** Takes an item away that was left with nothing in it, and that nobody but its owner can know of. */
  void leave(String key) {
    ItemEntity item = items.findById(key).orElse(null);
    if (item == null
        || item.stage != Stage.DRAFT
        || liveCopies.existsById(key)
        || !Content.EMPTY.equals(contentOf(item).withSlug(""))
        || notes.stream().anyMatch(n -> n.hasNotes(key))) {
      return;
    }
    forget(item);
  }

  /** Takes an item away with all that is noted of it. */
  public void forget(ItemEntity item) {
    String key = item.itemKey;
    notes.forEach(n -> n.forgetNotes(key));
    addresses.releaseAll(key);
    derivatives.forget(key);
    items.delete(item);
  }
}

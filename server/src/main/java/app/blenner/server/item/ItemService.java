package app.blenner.server.item;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.item.Kind;
import app.blenner.core.item.Stage;
import app.blenner.core.preflight.Finding;
import app.blenner.core.preflight.Fix;
import app.blenner.core.preflight.Level;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.core.site.Topic;
import app.blenner.server.account.Account;
import app.blenner.server.item.ItemViews.ContentInput;
import app.blenner.server.item.ItemViews.ContentView;
import app.blenner.server.item.ItemViews.FixChoice;
import app.blenner.server.item.ItemViews.ItemState;
import app.blenner.server.item.ItemViews.ItemView;
import app.blenner.server.item.ItemViews.NewItem;
import app.blenner.server.item.ItemViews.Resolve;
import app.blenner.server.item.ItemViews.Save;
import app.blenner.server.item.ItemViews.Take;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.SiteService;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Items and their working copies. */
@Service
@Transactional
class ItemService {
  private static final String KEY_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
  private static final int KEY_LENGTH = 10;

  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final Addresses addresses;
  private final SiteService sites;
  private final StateMaker states;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  ItemService(
      ItemRepository items,
      LiveCopyRepository liveCopies,
      Addresses addresses,
      SiteService sites,
      StateMaker states,
      Clock clock) {
    this.items = items;
    this.liveCopies = liveCopies;
    this.addresses = addresses;
    this.sites = sites;
    this.states = states;
    this.clock = clock;
  }

  /** Begins an item, with a title and a text where it has them already. */
  ItemView create(NewItem wanted, Account by) {
    ItemEntity item = blank(wanted.kind(), by);
    String title = PlainText.line(wanted.title());
    Document body = wanted.body() == null ? Document.EMPTY : HtmlReader.read(wanted.body());
    String slug = addresses.free(sites.site(), "", title, wanted.kind(), item.itemKey);
    take(item, new Content(title, "", body, "", List.of(), slug, ""), by.name());
    items.saveAndFlush(item);
    return view(item, by, "");
  }

  /** Begins another item with all that is written in one. */
  ItemView copy(String key, Account by) {
    ItemEntity from = get(key);
    ItemEntity copy = blank(from.kind, by);
    Content written = from.content.toContent();
    String title = "Copy of " + (written.title().isEmpty() ? "an untitled item" : written.title());
    String slug = addresses.free(sites.site(), written.section(), title, copy.kind, copy.itemKey);
    take(copy, written.withTitle(title).withSlug(slug), by.name());
    items.saveAndFlush(copy);
    return view(copy, by, "");
  }

  private ItemEntity blank(Kind kind, Account by) {
    Instant now = clock.instant();
    ItemEntity item = new ItemEntity();
    item.itemKey = newKey();
    item.kind = kind;
    item.stage = Stage.DRAFT;
    item.stageSince = now;
    item.createdAt = now;
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
  ItemView view(String key, Account by) {
    return view(get(key), by, "");
  }

  private ItemView view(ItemEntity item, Account by, String copyKey) {
    ItemState state = states.make(item, item.content.toContent(), by, "");
    return new ItemView(state, ContentView.of(item.content), copyKey);
  }

  ItemEntity get(String key) {
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
    checkRevision(item, save.revision());
    return store(item, save.content(), by);
  }

  void checkRevision(ItemEntity item, long revision) {
    if (item.revision != revision) {
      throw Problem.conflict(
          item.changedBy + " changed this item in the meantime. Both texts are kept; choose one.",
          Map.of(
              "theirs", ContentView.of(item.content),
              "theirRevision", item.revision,
              "changedBy", item.changedBy,
              "changedAt", item.changedAt));
    }
  }

  private ItemState store(ItemEntity item, ContentInput input, Account by) {
    Site site = sites.site();
    Content written = content(input, site);
    Settled address = settleAddress(item, input, written, site);
    Content content = written.withSlug(address.slug);
    if (address.byHand != item.slugByHand || !ContentColumns.of(content).equals(item.content)) {
      item.slugByHand = address.byHand;
      take(item, content, by.name());
    }
    items.saveAndFlush(item);
    return states.make(item, content, by, address.problem);
  }

  private static Content content(ContentInput input, Site site) {
    Section section = site.section(input.section()).orElse(null);
    return new Content(
        input.title(),
        input.summary(),
        HtmlReader.read(input.body()),
        section == null ? "" : section.slug(),
        section == null
            ? List.of()
            : section.topics(input.topics()).stream().map(Topic::slug).toList(),
        input.keywords(),
        "",
        input.leadPicture(),
        input.language());
  }

  /**
   * The address an item gets.
   *
   * @param slug its last part
   * @param byHand whether somebody typed it
   * @param problem why the one typed could not be had, or empty
   */
  private record Settled(String slug, boolean byHand, String problem) {}

  /** The address typed, where it can be had, or one made from the title. */
  private Settled settleAddress(ItemEntity item, ContentInput input, Content written, Site site) {
    String key = item.itemKey;
    String section = written.section();
    if (input.slug() == null) {
      String made = addresses.free(site, section, written.title(), item.kind, key);
      return new Settled(made, false, "");
    }
    String wrong = SitePaths.problem(input.slug());
    wrong = wrong.isEmpty() ? addresses.problem(site, section, input.slug(), key) : wrong;
    if (wrong.isEmpty()) {
      return new Settled(input.slug(), true, "");
    }
    boolean stays = addresses.problem(site, section, item.content.slug, key).isEmpty();
    // An item can be moved to a section where its address is taken.
    String kept =
        stays
            ? item.content.slug
            : addresses.free(site, section, item.content.slug, item.kind, key);
    return new Settled(kept, item.slugByHand, wrong);
  }

  /** Makes this the working copy. */
  void take(ItemEntity item, Content content, String by) {
    item.content = ContentColumns.of(content);
    item.changedAt = clock.instant();
    item.changedBy = by;
    judge(item, content);
  }

  /** Notes what the worklist tells of the working copy. */
  void judge(ItemEntity item, Content content) {
    List<Finding> findings = Preflight.check(content);
    item.mustFix = Preflight.count(findings, Level.MUST_FIX);
    item.nextStep = Preflight.needs(findings);
    item.differs =
        liveCopies.findById(item.itemKey).map(l -> !l.content.equals(item.content)).orElse(true);
  }

  /** Settles on one of two texts; the other is kept as a draft of its own. */
  ItemView resolve(String key, Resolve choice, Account by) {
    ItemEntity item = get(key);
    checkRevision(item, choice.theirRevision());
    Site site = sites.site();
    Content mine = content(choice.mine(), site);
    boolean takeMine = choice.take() == Take.MINE;
    Content other = takeMine ? item.content.toContent() : mine;
    ItemEntity copy = blank(item.kind, by);
    String whose = takeMine ? item.changedBy : by.name();
    String title = "Copy by " + whose + ": " + other.title();
    String slug = addresses.free(site, other.section(), title, item.kind, copy.itemKey);
    take(copy, other.withTitle(title).withSlug(slug), whose);
    items.saveAndFlush(copy);
    if (takeMine) {
      store(item, choice.mine(), by);
    }
    return view(item, by, copy.itemKey);
  }

  /** Mends a finding. */
  ItemView fix(String key, FixChoice choice, Account by) {
    ItemEntity item = get(key);
    checkRevision(item, choice.revision());
    Content content = item.content.toContent();
    boolean onBlock = choice.path() != null && !choice.path().isEmpty();
    BlockPath path = onBlock ? new BlockPath(choice.path()) : null;
    Fix fix =
        Preflight.check(content).stream()
            .filter(f -> f.rule().equals(choice.rule()) && Objects.equals(f.path(), path))
            .flatMap(f -> f.fixes().stream())
            .skip(choice.fix())
            .findFirst()
            .orElseThrow(
                () -> Problem.unusable("This was mended already, or the text has changed since."));
    take(item, fix.change().apply(content), by.name());
    items.saveAndFlush(item);
    return view(item, by, "");
  }
}

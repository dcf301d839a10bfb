package app.blenner.server.item.bulk;

import app.blenner.core.face.SearchResult;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.Repairs;
import app.blenner.core.signoff.Action;
import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.SignOff;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.Topic;
import app.blenner.server.account.Account;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.bulk.ItemChange.Before;
import app.blenner.server.item.bulk.ItemChange.Done;
import app.blenner.server.item.bulk.ItemChange.Outcome;
import app.blenner.server.item.checks.ItemChecker;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.content.ItemStates;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.stages.LiveCopies;
import app.blenner.server.item.stages.StageService;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Does to one item what is done to several, and takes it back. */
@Service
@Transactional
public class ItemChanges {
  private final ItemService itemService;
  private final ItemRepository items;
  private final LiveCopyRepository liveCopies;
  private final StageService stages;
  private final LiveCopies readers;
  private final Addresses addresses;
  private final ItemStates states;
  private final ItemLinks links;
  private final Versions versions;
  private final SiteService sites;
  private final ItemChecker checker;

  ItemChanges(
      ItemService itemService,
      ItemRepository items,
      LiveCopyRepository liveCopies,
      StageService stages,
      LiveCopies readers,
      Addresses addresses,
      ItemStates states,
      ItemLinks links,
      Versions versions,
      SiteService sites,
      ItemChecker checker) {
    this.itemService = itemService;
    this.items = items;
    this.liveCopies = liveCopies;
    this.stages = stages;
    this.readers = readers;
    this.addresses = addresses;
    this.states = states;
    this.links = links;
    this.versions = versions;
    this.sites = sites;
    this.checker = checker;
  }

  /** The keys of all items that are in a section, in their working copy or where readers see them. */
  @Transactional(readOnly = true)
  public List<String> inSection(String section) {
    return items.keysInSection(section);
  }

  /**
   * Does it, as a whole or not at all.
   *
   * @throws Problem with the reason, where it cannot be done
   */
  public Done change(String key, ItemChange change, Account by) {
    ItemEntity item = itemService.get(key);
    if (!item.isKnownTo(by)) {
      throw Problem.unusable(Right.READ_OTHERS_DRAFTS.refusal());
    }
    Before before = before(item);
    Set<String> seen = readers.placesOf(key);
    List<String> told = new ArrayList<>();
    boolean sameForReaders = item.stage.isForReaders() && !item.differs;
    content(item, change, by, told);
    if (!told.isEmpty() && change.forReaders() && sameForReaders) {
      forReaders(item, by, told);
    }
    if (!change.leaving().isEmpty()) {
      leave(item, change, by, told);
    }
    items.saveAndFlush(item);
    if (!told.isEmpty()) {
      readers.tell(item, seen);
    }
    if (change.action() != null) {
      act(item, change.action(), by, told);
    }
    items.saveAndFlush(item);
    return new Done(
        item.title,
        told.isEmpty() ? Outcome.SAME : Outcome.CHANGED,
        told.isEmpty() ? "It is so already." : String.join(" ", told),
        told.isEmpty() ? null : before,
        item.revision);
  }

  private Before before(ItemEntity item) {
    return new Before(
        item.working,
        item.slugByHand,
        item.stage,
        item.stageSince,
        liveCopies.findById(item.itemKey).map(l -> l.live).orElse(""),
        item.changeSentAt,
        item.givenBackBy);
  }

  private void content(ItemEntity item, ItemChange change, Account by, List<String> told) {
    Site site = sites.site();
    Content now = versions.contentOf(item.working);
    boolean moves = change.leaving().isEmpty() || now.section().equals(change.leaving());
    Content placed = moves ? changed(site, now, change) : now;
    Content next = change.mending() == null ? placed : mended(item, placed, change.mending());
    if (next.equals(now)) {
      return;
    }
    keep(item, next, site, by);
    told.addAll(told(site, now, next));
    if (!next.equals(placed)) {
      told.add(change.mending().label() + ".");
    }
  }

  private Content mended(ItemEntity item, Content now, ItemChange.Mending mending) {
    Kind kind = itemService.kindOf(item.itemKey);
    return Repairs.all(
        now, c -> checker.look(item.itemKey, c, kind), mending.rule(), mending.label());
  }

  private void keep(ItemEntity item, Content next, Site site, Account by) {
    boolean keeps = item.slugByHand && !item.slug.isEmpty();
    String wanted = keeps ? item.slug : SearchResult.titleOf(next);
    String slug = addresses.firstFree(site, next.section(), wanted, item.kind, item.itemKey);
    itemService.keep(item, next.withSlug(slug), by);
  }

  private static Content changed(Site site, Content now, ItemChange change) {
    Section section =
        site.findSection(change.section() == null ? now.section() : change.section()).orElse(null);
    Set<String> topics = new LinkedHashSet<>(now.topics());
    topics.addAll(change.addTopics());
    change.removeTopics().forEach(topics::remove);
    Set<String> keywords = new LinkedHashSet<>(now.keywords());
    for (String keyword : change.addKeywords()) {
      if (keywords.stream().noneMatch(keyword::equalsIgnoreCase)) {
        keywords.add(keyword);
      }
    }
    keywords.removeIf(k -> change.removeKeywords().stream().anyMatch(k::equalsIgnoreCase));
    Map<String, Object> values = new LinkedHashMap<>(now.values());
    if (change.author() != null) {
      if (change.author().isBlank()) {
        values.remove(StandardFields.AUTHORS);
      } else {
        values.put(StandardFields.AUTHORS, List.of(change.author().strip()));
      }
    }
    return placed(now, section, topics, keywords, values);
  }

  private static Content placed(
      Content now,
      Section section,
      Set<String> topics,
      Set<String> keywords,
      Map<String, Object> values) {
    return now.toBuilder()
        .section(section == null ? "" : section.slug())
        .topics(
            section == null
                ? List.of()
                : section.topicsNamed(List.copyOf(topics)).stream().map(Topic::slug).toList())
        .keywords(List.copyOf(keywords))
        .values(values)
        .build();
  }

  private static List<String> told(Site site, Content now, Content next) {
    List<String> out = new ArrayList<>();
    if (!now.section().equals(next.section())) {
      out.add("Section: %s → %s.".formatted(nameOf(site, now), nameOf(site, next)));
    }
    both(out, "Topics", topicsOf(site, now), topicsOf(site, next));
    both(out, "Keywords", now.keywords(), next.keywords());
    List<String> authors = StandardFields.texts(now, StandardFields.AUTHORS);
    both(out, "Authors", authors, StandardFields.texts(next, StandardFields.AUTHORS));
    return out;
  }

  private static List<String> topicsOf(Site site, Content content) {
    return site.findSection(content.section())
        .map(s -> s.topicsNamed(content.topics()).stream().map(Topic::name).toList())
        .orElse(List.of());
  }

  private static void both(List<String> out, String what, List<String> now, List<String> next) {
    if (!now.equals(next)) {
      out.add("%s: %s → %s.".formatted(what, listed(now), listed(next)));
    }
  }

  private static String listed(List<String> words) {
    return words.isEmpty() ? "none" : String.join(", ", words);
  }

  private static String nameOf(Site site, Content content) {
    return site.findSection(content.section()).map(Section::name).orElse("none");
  }

  /** Readers see it at once, where whoever does it may publish there: nothing of the text is another. */
  private void forReaders(ItemEntity item, Account by, List<String> told) {
    SignOff.Standing standing = states.standingOf(item, List.of(), by);
    String blocked = SignOff.stepOf(Action.UPDATE_LIVE, standing, by.role()).blocked();
    if (!blocked.isEmpty()) {
      told.add("Readers do not see it yet: " + blocked);
      return;
    }
    readers.show(item, item.working);
  }

  /** What readers see leaves a section too, also where it is another text than the working copy. */
  private void leave(ItemEntity item, ItemChange change, Account by, List<String> told) {
    LiveCopyEntity live = liveCopies.findById(item.itemKey).orElse(null);
    if (live == null || !live.section.equals(change.leaving())) {
      return;
    }
    Site site = sites.site();
    Content now = versions.contentOf(live.live);
    Content next = changed(site, now, change);
    String slug = addresses.firstFree(site, next.section(), now.slug(), item.kind, item.itemKey);
    readers.show(item, versions.keep(next.withSlug(slug), by.name()));
    told.add("Readers find it in %s.".formatted(nameOf(site, next)));
  }

  private void act(ItemEntity item, Action action, Account by, List<String> told) {
    if (!action.from().contains(item.stage) && item.stage == action.to()) {
      return;
    }
    Stage from = item.stage;
    List<ItemLinks.From> leading =
        action == Action.WITHDRAW || action == Action.BIN ? links.linksTo(item.itemKey) : List.of();
    stages.act(item.itemKey, action, item.revision, by);
    told.add(
        from == item.stage
            ? action.label() + "."
            : "%s → %s.".formatted(from.label(), item.stage.label().toLowerCase(Locale.ROOT)));
    if (!leading.isEmpty()) {
      told.add(
          leading.stream()
              .map(l -> "“" + l.title() + "”")
              .collect(Collectors.joining(", ", "What leads to it loses its address: ", ".")));
    }
  }

  /**
   * Makes an item as it was before.
   *
   * @param revision its revision since the change
   * @throws Problem with the reason, where it cannot be made so
   */
  public Done undo(String key, Before before, long revision, Account by) {
    ItemEntity item = itemService.get(key);
    if (item.revision != revision) {
      throw Problem.unusable(
          "“%s” was changed by %s since; it stays as it is.".formatted(item.title, item.changedBy));
    }
    Site site = sites.site();
    Set<String> seen = readers.placesOf(key);
    Content content = versions.contentOf(before.working());
    boolean known = content.section().isEmpty() || site.findSection(content.section()).isPresent();
    if (!known) {
      throw Problem.unusable("The section it was in is not there any more.");
    }
    item.slugByHand = before.slugByHand();
    StageService.putAt(item, before.position());
    if (addresses.isOfAnother(content.section(), content.slug(), key)) {
      keep(item, content, site, by);
    } else {
      itemService.keep(item, content, by);
    }
    readers.showOrHide(item, before.live());
    items.saveAndFlush(item);
    readers.tell(item, seen);
    return new Done(item.title, Outcome.BACK, "It is as it was.", null, item.revision);
  }
}

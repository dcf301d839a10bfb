package app.blenner.server.item.checks;

import app.blenner.core.document.Address;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.Document;
import app.blenner.core.face.SearchResult;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.preflight.context.LinkTargetRule;
import app.blenner.core.preflight.language.ProofreadRule;
import app.blenner.core.proofread.ProofreadText;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkedItem;
import app.blenner.core.rule.Settings;
import app.blenner.server.asset.AssetFactService;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import app.blenner.server.outside.OutsideLinks;
import app.blenner.server.proofread.Proofreading;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What lies beyond single items and concerns them: noted with every save, and told to the rules. */
@Service
@Transactional
public class RuleContextService implements KeptOfText {
  /** What is longer is cut off here before it is compared. */
  private static final int COMPARED = 300;

  private static final Duration LONGEST_WAIT = Duration.ofSeconds(8);

  private final SayingRepository sayings;
  private final ItemDirectory stored;
  private final AssetFactService assets;
  private final OutsideLinks outside;
  private final Proofreading proofreading;
  private final SiteService sites;
  private final List<ItemNotes> notes;
  private final ChangeBus changes;
  private final Clock clock;

  RuleContextService(
      SayingRepository sayings,
      StoredItems stored,
      AssetFactService assets,
      OutsideLinks outside,
      Proofreading proofreading,
      SiteService sites,
      List<ItemNotes> notes,
      ChangeBus changes,
      Clock clock) {
    this.notes = notes;
    this.changes = changes;
    this.sayings = sayings;
    this.stored = stored;
    this.assets = assets;
    this.outside = outside;
    this.proofreading = proofreading;
    this.sites = sites;
    this.clock = clock;
  }

  /** Notes what a working copy says and where it leads, and has those looked over again whom that concerns. */
  @Override
  public void written(ItemText text) {
    if (text.forReaders()) {
      return; // rules look at what is being written
    }
    String key = text.itemKey();
    outside.note(key, elsewhere(text.content().body()));
    Map<ItemContext.Said, String> now = wordsSaid(text.content());
    Map<ItemContext.Said, SayingEntity> before =
        sayings.findAllByItemKey(key).stream().collect(Collectors.toMap(s -> s.said, s -> s));
    for (ItemContext.Said said : ItemContext.Said.values()) {
      SayingEntity kept = before.get(said);
      String words = now.get(said);
      String had = kept == null ? "" : kept.words;
      if (words.equals(had)) {
        continue; // nearly every save
      }
      if (kept == null) {
        kept = toEntity(key, said, words);
      }
      kept.words = words;
      sayings.saveAndFlush(kept);
      for (String one : List.of(had, words)) {
        if (!one.isEmpty()) {
          changes.publish(new RecheckCause.Saying(said, one, key));
        }
      }
    }
  }

  /** Has those looked over again that lead to an item, or say the same as it does, since readers find it or find it no more. */
  public void shownOrHidden(String key) {
    changes.publish(new RecheckCause.Target(key));
    sayings
        .findAllByItemKey(key)
        .forEach(s -> changes.publish(new RecheckCause.Saying(s.said, s.words, key)));
  }

  @Override
  public void forgotten(String key) {
    shownOrHidden(key);
    sayings.forget(key);
    outside.forget(key);
  }

  @Override
  public void clear() {
    sayings.deleteAllInBatch();
    outside.clear();
  }

  /** What the working copy says. Where it leads elsewhere is written by the import itself, since items share those rows. */
  @Override
  @Transactional(propagation = Propagation.SUPPORTS)
  public Collection<?> rowsOf(ItemText text) {
    List<SayingEntity> out = new ArrayList<>();
    if (!text.forReaders()) {
      wordsSaid(text.content())
          .forEach(
              (said, words) -> {
                if (!words.isEmpty()) {
                  out.add(toEntity(text.itemKey(), said, words));
                }
              });
    }
    return out;
  }

  private static SayingEntity toEntity(String key, ItemContext.Said said, String words) {
    SayingEntity entity = new SayingEntity();
    entity.itemKey = key;
    entity.said = said;
    entity.words = words;
    return entity;
  }

  /** What concerns an item. */
  @Transactional(readOnly = true)
  ItemContext of(String key, Content content, Kind kind, Settings settings) {
    Map<String, LinkAnswer> answers =
        LinkTargetRule.wantsAnswers(settings)
            ? outside.answersOf(elsewhere(content.body()))
            : Map.of();
    List<String> terms = notes.stream().flatMap(n -> n.termsOf(key).stream()).toList();
    return of(
        key,
        content,
        sites.site().language(),
        settings,
        stored,
        new Known(assets.of(used(kind, content)), answers, terms));
  }

  /**
   * What is known of what an item uses and leads to.
   *
   * @param terms what readers will search for
   */
  public record Known(
      Map<String, AssetFacts> assets, Map<String, LinkAnswer> answers, List<String> terms) {}

  /**
   * What concerns an item, where this is known of it; nothing is asked of the database here,
   * and no transaction is begun.
   *
   * @param own the language of the site
   */
  @Transactional(propagation = Propagation.SUPPORTS)
  public ItemContext of(
      String key,
      Content content,
      String own,
      Settings settings,
      ItemDirectory others,
      Known known) {
    return new ItemContext(
        LocalDate.now(clock),
        known.assets(),
        targets(content, others),
        twins(key, content, own, others),
        known.answers(),
        ProofreadRule.wantsReading(settings)
            ? proofreading.knownRemarks(ProofreadText.of(content, own))
            : Map.of(),
        known.terms(),
        Set.of());
  }

  /** The assets an item uses. */
  public static Set<String> used(Kind kind, Content content) {
    return kind.usesOf(content).stream().map(AssetUse::asset).collect(Collectors.toSet());
  }

  /**
   * Has the texts of an item read that somebody looks at.
   *
   * @return whether some still have to be
   */
  boolean read(String key, Content content, Settings settings) {
    return ProofreadRule.wantsReading(settings)
        && proofreading.want(key, ProofreadText.of(content, sites.site().language()));
  }

  /** Waits a little until they are. */
  void awaitReading(String key, Content content, Settings settings) {
    if (read(key, content, settings)) {
      proofreading.await(ProofreadText.of(content, sites.site().language()), LONGEST_WAIT);
    }
  }

  private static Map<String, LinkedItem> targets(Content content, ItemDirectory others) {
    Map<String, LinkedItem> out = new HashMap<>();
    ItemLink.linksIn(content.body()).stream()
        .filter(l -> l.place() == ItemLink.Place.LINK)
        .forEach(l -> out.put(l.target(), LinkedItem.MISSING));
    out.putAll(others.standingOf(List.copyOf(out.keySet())));
    return out;
  }

  private static List<ItemContext.Twin> twins(
      String key, Content content, String own, ItemDirectory others) {
    List<String> languages =
        content.language().isEmpty() || content.language().equals(own)
            ? List.of("", own)
            : List.of(content.language());
    List<ItemContext.Twin> out = new ArrayList<>();
    wordsSaid(content)
        .forEach(
            (said, words) -> {
              if (!words.isEmpty()) {
                out.addAll(others.twinsOf(key, said, words, languages));
              }
            });
    return out;
  }

  /** What an item says of itself where readers choose between items, in the form in which it is compared. */
  public static Map<ItemContext.Said, String> wordsSaid(Content content) {
    String title = StandardFields.textOf(content, StandardFields.SEARCH_TITLE);
    String description = StandardFields.textOf(content, StandardFields.SEARCH_DESCRIPTION);
    // What search engines are kept from, nobody finds twice there.
    boolean hidden = SearchResult.isHidden(content);
    return Map.of(
        ItemContext.Said.TITLE,
        hidden ? "" : compared(title.isEmpty() ? content.title() : title),
        ItemContext.Said.DESCRIPTION,
        hidden ? "" : compared(description.isEmpty() ? content.summary() : description));
  }

  private static String compared(String words) {
    String small = words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
    if (small.length() <= COMPARED) {
      return small;
    }
    // Half a character is none, and no database keeps it.
    int end = Character.isHighSurrogate(small.charAt(COMPARED - 1)) ? COMPARED - 1 : COMPARED;
    return small.substring(0, end);
  }

  /** The places elsewhere that a text leads to. */
  public static Set<Address> elsewhere(Document body) {
    Set<Address> out = new LinkedHashSet<>();
    body.each(block -> BlockLinks.of(block).forEach(l -> out.add(l.address())));
    out.removeIf(a -> a.kind() != Address.Kind.WEB);
    return out;
  }
}

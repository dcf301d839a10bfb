package app.blenner.server.item.checks;

import app.blenner.core.document.Address;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.Document;
import app.blenner.core.face.SearchResult;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.preflight.context.LinkTargetRule;
import app.blenner.core.preflight.language.ProofreadRule;
import app.blenner.core.proofread.ProofreadText;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkedItem;
import app.blenner.core.rule.Settings;
import app.blenner.server.asset.AssetFactService;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.outside.OutsideLinks;
import app.blenner.server.proofread.Proofreading;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies beyond single items and concerns them: noted with every save, and told to the rules. */
@Service
@Transactional
public class RuleContextService {
  /** What is longer is cut off here before it is compared. */
  private static final int COMPARED = 300;

  private static final Duration LONGEST_WAIT = Duration.ofSeconds(8);

  private final SayingRepository sayings;
  private final ItemRepository items;
  private final AssetFactService assets;
  private final OutsideLinks outside;
  private final Proofreading proofreading;
  private final SiteService sites;
  private final List<ItemNotes> notes;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  RuleContextService(
      SayingRepository sayings,
      ItemRepository items,
      AssetFactService assets,
      OutsideLinks outside,
      Proofreading proofreading,
      SiteService sites,
      List<ItemNotes> notes,
      ApplicationEventPublisher events,
      Clock clock) {
    this.notes = notes;
    this.events = events;
    this.sayings = sayings;
    this.items = items;
    this.assets = assets;
    this.outside = outside;
    this.proofreading = proofreading;
    this.sites = sites;
    this.clock = clock;
  }

  /** Notes what a working copy says and where it leads, and has those looked over anew whom that concerns. */
  void note(String key, Content content) {
    outside.note(key, elsewhere(content.body()));
    Map<ItemContext.Said, String> now = said(content);
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
        kept = new SayingEntity();
        kept.itemKey = key;
        kept.said = said;
      }
      kept.words = words;
      sayings.saveAndFlush(kept);
      for (String one : List.of(had, words)) {
        if (!one.isEmpty()) {
          events.publishEvent(new RecheckCause.Saying(said, one, key));
        }
      }
    }
  }

  /** Has those looked over anew that lead to an item, or say the same as it does, since readers find it or find it no more. */
  public void shownOrHidden(String key) {
    events.publishEvent(new RecheckCause.Target(key));
    sayings
        .findAllByItemKey(key)
        .forEach(s -> events.publishEvent(new RecheckCause.Saying(s.said, s.words, key)));
  }

  void forget(String key) {
    shownOrHidden(key);
    sayings.forget(key);
    outside.forget(key);
  }

  public void clear() {
    sayings.deleteAllInBatch();
    outside.clear();
  }

  /** What concerns an item. */
  @Transactional(readOnly = true)
  ItemContext of(String key, Content content, Kind kind, Settings settings) {
    Set<String> used = kind.uses(content).stream().map(AssetUse::asset).collect(Collectors.toSet());
    Map<String, LinkAnswer> answers =
        LinkTargetRule.wantsAnswers(settings)
            ? outside.answers(elsewhere(content.body()))
            : Map.of();
    return new ItemContext(
        LocalDate.now(clock),
        assets.of(used),
        targets(content),
        twins(key, content),
        answers,
        ProofreadRule.wantsReading(settings)
            ? proofreading.known(ProofreadText.of(content, sites.site().language()))
            : Map.of(),
        notes.stream().flatMap(n -> n.terms(key).stream()).toList(),
        Set.of());
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

  private Map<String, LinkedItem> targets(Content content) {
    Map<String, LinkedItem> out = new HashMap<>();
    ItemLink.in(content.body()).stream()
        .filter(l -> l.place() == ItemLink.Place.LINK)
        .forEach(l -> out.put(l.target(), LinkedItem.MISSING));
    if (!out.isEmpty()) {
      items
          .standing(List.copyOf(out.keySet()))
          .forEach(s -> out.put(s.key(), new LinkedItem(s.title(), shown(s.stage()))));
    }
    return out;
  }

  private static LinkedItem.Shown shown(Stage stage) {
    return switch (stage) {
      case LIVE -> LinkedItem.Shown.YES;
      case BINNED -> LinkedItem.Shown.NO_MORE;
      default -> LinkedItem.Shown.NOT_YET;
    };
  }

  private List<ItemContext.Twin> twins(String key, Content content) {
    String own = sites.site().language();
    List<String> languages =
        content.language().isEmpty() || content.language().equals(own)
            ? List.of("", own)
            : List.of(content.language());
    List<ItemContext.Twin> out = new ArrayList<>();
    said(content)
        .forEach(
            (said, words) -> {
              if (!words.isEmpty()) {
                out.addAll(sayings.twins(key, said, words, languages, Limit.of(1)));
              }
            });
    return out;
  }

  private static Map<ItemContext.Said, String> said(Content content) {
    String title = StandardFields.text(content, StandardFields.SEARCH_TITLE);
    String description = StandardFields.text(content, StandardFields.SEARCH_DESCRIPTION);
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

  private static Set<Address> elsewhere(Document body) {
    Set<Address> out = new LinkedHashSet<>();
    body.each(block -> BlockLinks.of(block).forEach(l -> out.add(l.address())));
    out.removeIf(a -> a.kind() != Address.Kind.WEB);
    return out;
  }
}

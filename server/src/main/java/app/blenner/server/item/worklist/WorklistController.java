package app.blenner.server.item.worklist;

import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.language.RelativeDay;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.signoff.NextStep;
import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.SignOff;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.ExpiryService;
import app.blenner.server.find.ItemFilter;
import app.blenner.server.find.ItemFinder;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.site.KindService;
import app.blenner.server.site.SectionService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.PageRequest;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where items are found. Nothing of it holds on to the database while the index catches up with what was just saved. */
@RestController
@RequestMapping("/editor/api/worklist")
class WorklistController {
  private static final int LARGEST_PAGE = 100;

  /**
   * An item in the worklist.
   *
   * @param expiring what of its files readers soon cease to see, in a sentence; empty where nothing is
   */
  record Row(
      String key,
      String kind,
      String kindLabel,
      Stage stage,
      String stageLabel,
      String title,
      String section,
      String author,
      Instant changedAt,
      String changedBy,
      NextStep next,
      String expiring) {}

  /**
   * A page of the worklist.
   *
   * @param rows the items, in the order that was asked for
   * @param found how many items the filter finds
   * @param told what is to be said of what was found, in a sentence, or empty
   * @param waiting how many of those the filter finds wait for the person who asks
   * @param mine how many of them belong to the person who asks
   * @param everyones how many there are of them, whosever they are
   * @param stages how many of them there are at each stage
   */
  record Worklist(
      List<Row> rows,
      long found,
      String told,
      long waiting,
      long mine,
      long everyones,
      List<StageTotal> stages) {}

  /** How many items there are at a stage. */
  record StageTotal(Stage stage, String label, long count) {}

  private final ItemRepository items;
  private final ExpiryService expiries;
  private final KindService kinds;
  private final Clock clock;

  private final ItemFinder finder;
  private final SectionService sections;
  private final DatabaseFilter among;

  WorklistController(
      ItemRepository items,
      ExpiryService expiries,
      KindService kinds,
      ItemFinder finder,
      SectionService sections,
      DatabaseFilter among,
      Clock clock) {
    this.kinds = kinds;
    this.items = items;
    this.expiries = expiries;
    this.finder = finder;
    this.sections = sections;
    this.among = among;
    this.clock = clock;
  }

  /**
   * A page of the worklist.
   *
   * @param topic short name of a topic of the section
   * @param rule the id of a rule that finds something in them
   * @param nowhere whether only those are wanted that are live and to which no page leads
   * @param expiring whether only those are wanted that show something readers soon cease to see
   * @param from the first day on which it was changed, in the time zone of the site
   * @param until the last one
   */
  @GetMapping
  Worklist find(
      @RequestParam(defaultValue = "false") boolean mine,
      @RequestParam(defaultValue = "false") boolean waiting,
      @RequestParam(required = false) Stage stage,
      @RequestParam(defaultValue = "") String section,
      @RequestParam(defaultValue = "") String topic,
      @RequestParam(defaultValue = "") String kind,
      @RequestParam(defaultValue = "") String author,
      @RequestParam(defaultValue = "") String language,
      @RequestParam(defaultValue = "") String keyword,
      @RequestParam(defaultValue = "") String rule,
      @RequestParam(required = false) Boolean mustFix,
      @RequestParam(defaultValue = "false") boolean nowhere,
      @RequestParam(defaultValue = "false") boolean expiring,
      @RequestParam(required = false) LocalDate from,
      @RequestParam(required = false) LocalDate until,
      @RequestParam(defaultValue = "BEST") ItemFilter.Order order,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "25") int size) {
    Account asks = AccountService.current();
    PageRequest wanted =
        PageRequest.of(Math.max(0, page), Math.max(1, Math.min(LARGEST_PAGE, size)));
    ItemFilter filter =
        new ItemFilter(
            words,
            new ItemFilter.Viewer(
                asks.id(),
                asks.role().hasRight(Right.READ_OTHERS_DRAFTS),
                SignOff.decides(asks.role())),
            mine ? asks.id() : null,
            waiting,
            stage == null ? "" : stage.name(),
            within(section.strip()),
            topic.isBlank() ? "" : section.strip() + "/" + topic.strip(),
            kind.strip().toLowerCase(Locale.ROOT),
            author.strip(),
            language.strip(),
            keyword.strip().toLowerCase(Locale.ROOT),
            rule,
            mustFix,
            from == null ? null : from.atStartOfDay(clock.getZone()).toInstant(),
            until == null ? null : until.plusDays(1).atStartOfDay(clock.getZone()).toInstant(),
            among.keys(nowhere, expiring),
            order);
    return worklist(filter, wanted);
  }

  private Worklist worklist(ItemFilter filter, PageRequest wanted) {
    ItemFinder.Listed listed = finder.find(filter, (int) wanted.getOffset(), wanted.getPageSize());
    List<ItemRepository.Line> lines = linesOf(listed.found().keys());
    ItemFinder.Counts any = listed.any();
    List<Kind> all = kinds.all();
    Map<String, List<ExpiryService.Expiring>> soon =
        expiries.expiringIn(lines.stream().map(ItemRepository.Line::key).toList());
    return new Worklist(
        lines.stream().map(l -> rowOf(l, all, soon.getOrDefault(l.key(), List.of()))).toList(),
        listed.found().total(),
        told(listed),
        any.waiting(),
        any.mine(),
        any.total(),
        stages(listed.own().stages()));
  }

  /** The lines of items, in their order. */
  private List<ItemRepository.Line> linesOf(List<String> keys) {
    Map<String, ItemRepository.Line> lines =
        items.lines(keys).stream()
            .collect(Collectors.toMap(ItemRepository.Line::key, Function.identity()));
    return keys.stream().map(lines::get).filter(Objects::nonNull).toList();
  }

  /** What is to be said of what was found; empty where it speaks for itself. */
  private static String told(ItemFinder.Listed listed) {
    ItemFinder.Found found = listed.found();
    String ofWords =
        found.isCut()
            ? "Looked for the first " + ItemFinder.MOST_WORDS + " words only."
            : found.isForgiven() ? "Nothing has these very words; these come near." : "";
    return (ofWords + " " + listed.standing().toSentence()).strip();
  }

  private static List<StageTotal> stages(Map<String, Long> counts) {
    return Stream.of(Stage.values())
        .map(s -> new StageTotal(s, s.label(), counts.getOrDefault(s.name(), 0L)))
        .toList();
  }

  /** A section and all its parts; nothing for any. */
  private Set<String> within(String section) {
    if (section.isEmpty()) {
      return Set.of();
    }
    Set<String> within = sections.tree().withParts(section);
    return within.isEmpty() ? Set.of(section) : within;
  }

  private Row rowOf(ItemRepository.Line l, List<Kind> all, List<ExpiryService.Expiring> expiring) {
    String since = dayOf(l.stageSince());
    String sent = l.changeSentAt() == null ? "" : dayOf(l.changeSentAt());
    return new Row(
        l.key(),
        l.kind(),
        Kinds.byName(all, l.kind()).label(),
        l.stage(),
        l.stage().label(),
        l.title(),
        l.section(),
        l.author(),
        l.changedAt(),
        l.changedBy(),
        NextStep.of(
            l.stage(),
            Preflight.needs(StoredFinding.read(l.findings())),
            l.differs(),
            since,
            new NextStep.Waiting(sent, l.givenBackBy())),
        expiring.isEmpty() ? "" : expiring.get(0).sentence());
  }

  private String dayOf(Instant then) {
    return RelativeDay.day(then, clock.instant(), clock.getZone());
  }
}

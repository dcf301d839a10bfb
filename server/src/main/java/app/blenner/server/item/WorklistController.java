package app.blenner.server.item;

import app.blenner.core.item.Stage;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.language.RelativeDay;
import app.blenner.core.preflight.Noted;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.signoff.NextStep;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.Expiries;
import app.blenner.server.site.KindService;
import java.time.Clock;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where items are found. */
@RestController
@RequestMapping("/editor/api/worklist")
@Transactional(readOnly = true)
class WorklistController {
  private static final int LARGEST_PAGE = 100;

  record StageTotal(Stage stage, String label, long count) {}

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
   * @param rows the items, the latest changed first
   * @param found how many items the filter finds
   * @param waiting how many wait for the person who asks
   * @param mine how many items belong to the person who asks
   * @param everyones how many there are
   * @param stages how many there are at each stage, of the person's own or of everyone's
   */
  record Worklist(
      List<Row> rows,
      long found,
      long waiting,
      long mine,
      long everyones,
      List<StageTotal> stages) {}

  private final ItemRepository items;
  private final Expiries expiries;
  private final KindService kinds;
  private final Clock clock;

  WorklistController(ItemRepository items, Expiries expiries, KindService kinds, Clock clock) {
    this.kinds = kinds;
    this.items = items;
    this.expiries = expiries;
    this.clock = clock;
  }

  @GetMapping
  Worklist find(
      @RequestParam(defaultValue = "false") boolean mine,
      @RequestParam(defaultValue = "false") boolean waiting,
      @RequestParam(required = false) Stage stage,
      @RequestParam(defaultValue = "") String section,
      @RequestParam(defaultValue = "") String kind,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "25") int size) {
    Account asks = AccountService.current();
    long me = asks.id();
    boolean editor = asks.role().may(Right.READ_OTHERS_DRAFTS);
    Long owner = mine ? me : null;
    PageRequest wanted =
        PageRequest.of(Math.max(0, page), Math.max(1, Math.min(LARGEST_PAGE, size)));
    Page<ItemRepository.Line> found =
        items.find(
            owner,
            stage,
            section.strip(),
            kind.strip().toLowerCase(Locale.ROOT),
            waiting,
            me,
            editor,
            pattern(words),
            wanted);
    List<Kind> all = kinds.all();
    Map<String, List<Expiries.Expiring>> expiring =
        expiries.in(found.stream().map(ItemRepository.Line::key).toList());
    return new Worklist(
        found.stream().map(l -> row(l, all, expiring.getOrDefault(l.key(), List.of()))).toList(),
        found.getTotalElements(),
        items.countWaiting(me, editor),
        items.countByOwnerId(me),
        totals(null, asks).stream().mapToLong(StageTotal::count).sum(),
        totals(owner, asks));
  }

  private List<StageTotal> totals(Long owner, Account asks) {
    Map<Stage, Long> counts = new EnumMap<>(Stage.class);
    items
        .countByStage(owner, asks.id(), asks.role().may(Right.READ_OTHERS_DRAFTS))
        .forEach(c -> counts.put(c.stage(), c.count()));
    return List.of(Stage.values()).stream()
        .map(s -> new StageTotal(s, s.label(), counts.getOrDefault(s, 0L)))
        .toList();
  }

  private Row row(ItemRepository.Line l, List<Kind> all, List<Expiries.Expiring> expiring) {
    String since = day(l.stageSince());
    String sent = l.changeSentAt() == null ? "" : day(l.changeSentAt());
    return new Row(
        l.key(),
        l.kind(),
        Kinds.named(all, l.kind()).label(),
        l.stage(),
        l.stage().label(),
        l.title(),
        l.section(),
        l.author(),
        l.changedAt(),
        l.changedBy(),
        NextStep.of(
            l.stage(),
            Preflight.needs(Noted.read(l.findings())),
            l.differs(),
            since,
            new NextStep.Waiting(sent, l.givenBackBy())),
        expiring.isEmpty() ? "" : expiring.get(0).sentence());
  }

  private String day(Instant then) {
    return RelativeDay.day(then, clock.instant(), clock.getZone());
  }

  /** The words as a pattern in which only the ends are open; empty for no words. */
  private static String pattern(String words) {
    if (words.isBlank()) {
      return "";
    }
    String plain = words.strip().toLowerCase(Locale.ROOT);
    return "%" + plain.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
  }
}

package app.blenner.server.outside;

import app.blenner.core.outside.LinkAnswer.Verdict;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.UseNames;
import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The places elsewhere that items lead to, and how they answered. */
@RestController
@Transactional
class OutsideController {
  private static final int PAGE = 50;

  /** So many items of one place are told of; nobody reads of more. */
  private static final int TOLD = 10;

  /** An item that leads to a place. */
  record LeadingItem(String key, String title, boolean live) {}

  /**
   * A place elsewhere.
   *
   * @param verdict null while it has not been asked
   * @param leadsTo where it says it is for good by now, or empty
   * @param secure whether an address without encryption answers with it too
   * @param items the first items that lead there
   * @param uses how many do
   */
  record OutsidePlace(
      String id,
      String address,
      Verdict verdict,
      String said,
      String leadsTo,
      boolean secure,
      Instant askedAt,
      List<LeadingItem> items,
      int uses) {}

  /**
   * A page of places elsewhere.
   *
   * @param asked whether a rule wants to know, so that they are asked
   * @param counts how many there are of each verdict, by its name; {@code NOT_ASKED} for the others
   */
  record OutsidePlaces(
      boolean asked, Map<String, Long> counts, List<OutsidePlace> places, int pages) {}

  private final OutsideLinkRepository links;
  private final OutsideUseRepository uses;
  private final OutsideChecker checker;
  private final UseNames usedIn;
  private final Clock clock;

  OutsideController(
      OutsideLinkRepository links,
      OutsideUseRepository uses,
      OutsideChecker checker,
      UseNames usedIn,
      Clock clock) {
    this.usedIn = usedIn;
    this.links = links;
    this.uses = uses;
    this.checker = checker;
    this.clock = clock;
  }

  @GetMapping("/editor/api/outside")
  @Transactional(readOnly = true)
  OutsidePlaces places(
      @RequestParam(required = false) Verdict verdict, @RequestParam(defaultValue = "0") int page) {
    if (page < 0) {
      throw Problem.unusable("There is no page before the first.");
    }
    Account who = AccountService.current();
    boolean all = who.role().hasRight(Right.READ_OTHERS_DRAFTS);
    Page<OutsideLinkEntity> found = links.find(verdict, all, who.id(), PageRequest.of(page, PAGE));
    Map<String, List<String>> items =
        uses.findAllByLinkIn(found.map(l -> l.id).toList()).stream()
            .collect(
                Collectors.groupingBy(
                    u -> u.link, Collectors.mapping(u -> u.itemKey, Collectors.toList())));
    Map<String, UseNames.Line> lines =
        usedIn.linesOf(
            items.values().stream()
                .flatMap(keys -> keys.stream().sorted().limit(TOLD))
                .distinct()
                .toList(),
            who);
    return new OutsidePlaces(
        checker.isWanted(),
        links.counts(all, who.id()).stream()
            .collect(
                Collectors.toMap(
                    c -> c.verdict() == null ? "NOT_ASKED" : c.verdict().name(),
                    OutsideLinkRepository.VerdictCount::count)),
        found.map(l -> toView(l, items.getOrDefault(l.id, List.of()), lines)).toList(),
        found.getTotalPages());
  }

  private static OutsidePlace toView(
      OutsideLinkEntity link, List<String> items, Map<String, UseNames.Line> lines) {
    return new OutsidePlace(
        link.id,
        link.address,
        link.verdict,
        link.said,
        link.leadsTo,
        link.secure,
        link.askedAt,
        items.stream()
            .filter(k -> lines.containsKey(k) && lines.get(k).known())
            .sorted()
            .limit(TOLD)
            .map(k -> new LeadingItem(k, lines.get(k).title(), lines.get(k).live()))
            .toList(),
        items.size());
  }

  /** Has all places asked again, as soon as their hosts can be. */
  @PostMapping("/editor/api/outside/asked")
  void askAll() {
    AccountService.needs(Right.SET_UP);
    links.askAllAgain(clock.instant());
  }

  /** Has one place asked again. */
  @PostMapping("/editor/api/outside/{id}/asked")
  void ask(@PathVariable String id) {
    AccountService.current();
    if (links.askAgain(id, clock.instant()) == 0) {
      throw Problem.notThere("No item leads there any more.");
    }
  }
}

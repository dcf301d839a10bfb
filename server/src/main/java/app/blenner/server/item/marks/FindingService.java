package app.blenner.server.item.marks;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.FixPreview;
import app.blenner.core.rule.Repairs;
import app.blenner.core.rule.Severity;
import app.blenner.server.account.Account;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.ItemChecker;
import app.blenner.server.item.checks.ItemDerivatives;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.content.ItemStates;
import app.blenner.server.item.content.ItemViews.FixChoice;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.content.ItemViews.ItemView;
import app.blenner.server.item.store.IndexChanges;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.KindService;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody does about what was found in an item: mends it, looks what that gives, or leaves it as it is. */
@Service
@Transactional
class FindingService {
  private final ItemService itemService;
  private final ItemDerivatives derivatives;
  private final ItemRepository items;
  private final ItemStates states;
  private final ItemChecker checker;
  private final Dismissals dismissals;
  private final IndexChanges indexChanges;
  private final KindService kinds;

  FindingService(
      ItemService itemService,
      ItemDerivatives derivatives,
      ItemRepository items,
      ItemStates states,
      ItemChecker checker,
      Dismissals dismissals,
      IndexChanges indexChanges,
      KindService kinds) {
    this.itemService = itemService;
    this.derivatives = derivatives;
    this.items = items;
    this.states = states;
    this.checker = checker;
    this.dismissals = dismissals;
    this.indexChanges = indexChanges;
    this.kinds = kinds;
  }

  /** Mends a finding, or all that its rule finds and this repair mends. */
  ItemView fix(String key, FixChoice choice, Account by) {
    ItemEntity item = itemService.get(key);
    itemService.checkRevision(item, choice.revision(), by);
    Content content = itemService.contentOf(item);
    Kind kind = kinds.kindNamed(item.kind);
    Finding finding = findingFor(item, choice.finding(), by);
    Fix fix = fix(finding, choice.fix());
    Content mended =
        Boolean.TRUE.equals(choice.all())
            ? Repairs.all(content, c -> checker.look(key, c, kind), finding.rule(), fix.label())
            : finding.applyFix(fix, content);
    itemService.keep(item, mended, by);
    return itemService.viewOf(item, by, "");
  }

  /** What a repair would give. */
  @Transactional(readOnly = true)
  FixPreview previewFix(String key, String finding, int fix, Account by) {
    ItemEntity item = itemService.get(key);
    Finding found = findingFor(item, finding, by);
    return FixPreview.of(found, fix(found, fix), itemService.contentOf(item));
  }

  /** Leaves what was found as it is. */
  ItemState dismiss(String key, String finding, String reason, Account by) {
    ItemEntity item = itemService.get(key);
    Kind kind = kinds.kindNamed(item.kind);
    dismissals.dismiss(key, findingFor(item, finding, by), reason, checker.settingsOf(kind), by);
    noteFound(item, kind);
    return states.make(item, itemService.contentOf(item), by);
  }

  /** Looks again at what was left as it is. */
  ItemState bringBack(String key, String finding, Account by) {
    ItemEntity item = itemService.get(key);
    dismissals.bringBack(key, finding);
    noteFound(item, kinds.kindNamed(item.kind));
    return states.make(item, itemService.contentOf(item), by);
  }

  private Finding findingFor(ItemEntity item, String identity, Account by) {
    return states
        .findingOf(item, itemService.contentOf(item), identity, by)
        .orElseThrow(FindingService::changedSince);
  }

  private static Fix fix(Finding finding, int number) {
    if (number < 0 || number >= finding.fixes().size()) {
      throw changedSince();
    }
    return finding.fixes().get(number);
  }

  private static Problem changedSince() {
    return Problem.unusable("This was mended already, or the text has changed since.");
  }

  /** Notes it again after something was left or taken up again. The item itself does not change: whoever has it open goes on. */
  private void noteFound(ItemEntity item, Kind kind) {
    List<Finding> findings =
        derivatives.openFindings(item.itemKey, item.working, itemService.contentOf(item), kind);
    items.note(
        item.itemKey,
        item.working,
        Preflight.count(findings, Severity.MUST_FIX),
        StoredFinding.write(findings),
        Preflight.VERSION);
    indexChanges.mark(List.of(item.itemKey));
  }
}

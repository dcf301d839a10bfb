package app.blenner.server.item;

import app.blenner.core.archive.PackedDismissal;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Level;
import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What people have looked at and want left as it is. It is kept by what a finding is about, also while that is not found,
 * so that it holds again after an undo.
 */
@Component
class Dismissals {
  private final DismissalRepository dismissals;
  private final Clock clock;

  Dismissals(DismissalRepository dismissals, Clock clock) {
    this.dismissals = dismissals;
    this.clock = clock;
  }

  /** Those of an item, by the identities of findings. */
  Map<String, DismissalEntity> of(String itemKey) {
    return dismissals.findAllByItemKeyOrderByFinding(itemKey).stream()
        .collect(Collectors.toMap(d -> d.finding, Function.identity()));
  }

  /**
   * Leaves what was found as it is.
   *
   * @throws Problem where it cannot be left, with what they are told
   */
  void dismiss(String itemKey, Finding finding, String reason, String by) {
    if (finding.level() == Level.MUST_FIX) {
      throw Problem.unusable("This must be put right before the item goes live.");
    }
    if (finding.level() == Level.LOOK && reason.isBlank()) {
      throw Problem.unusable("Say in a few words why this is right as it is.");
    }
    keep(itemKey, new PackedDismissal(finding.identity(), reason.strip(), by, clock.instant()));
  }

  private void keep(String itemKey, PackedDismissal packed) {
    DismissalEntity.Key key = new DismissalEntity.Key(itemKey, packed.finding());
    DismissalEntity dismissal = dismissals.findById(key).orElseGet(DismissalEntity::new);
    dismissal.itemKey = itemKey;
    dismissal.finding = packed.finding();
    dismissal.reason = packed.reason();
    dismissal.dismissedBy = packed.by();
    dismissal.dismissedAt = packed.at();
    dismissals.save(dismissal);
  }

  /** Looks at it again. */
  void bringBack(String itemKey, String finding) {
    dismissals.findById(new DismissalEntity.Key(itemKey, finding)).ifPresent(dismissals::delete);
  }

  List<PackedDismissal> packed(String itemKey) {
    return dismissals.findAllByItemKeyOrderByFinding(itemKey).stream()
        .map(d -> new PackedDismissal(d.finding, d.reason, d.dismissedBy, d.dismissedAt))
        .toList();
  }

  void add(String itemKey, List<PackedDismissal> packed) {
    packed.forEach(d -> keep(itemKey, d));
  }

  void forget(String itemKey) {
    dismissals.forget(itemKey);
  }

  void clear() {
    dismissals.deleteAllInBatch();
  }
}

package app.blenner.server.item.checks;

import app.blenner.core.archive.PackedDismissal;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.WaiverPolicy;
import app.blenner.core.signoff.Role;
import app.blenner.server.account.Account;
import app.blenner.server.problem.Problem;
import java.time.Clock;
import java.util.Collection;
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
public class Dismissals {
  private final DismissalRepository dismissals;
  private final Clock clock;

  Dismissals(DismissalRepository dismissals, Clock clock) {
    this.dismissals = dismissals;
    this.clock = clock;
  }

  /**
   * Those of an item that hold, by the identities of findings: what is required stays so, unless somebody who may has
   * put up with it, and the site still lets them.
   */
  public Map<String, PackedDismissal> of(
      String itemKey, List<Finding> findings, Settings settings) {
    return holding(packAll(itemKey), findings, settings);
  }

  private static Map<String, PackedDismissal> holding(
      List<PackedDismissal> given, List<Finding> findings, Settings settings) {
    Map<String, PackedDismissal> all =
        given.stream().collect(Collectors.toMap(PackedDismissal::finding, Function.identity()));
    for (Finding f : findings) {
      PackedDismissal dismissal = all.get(f.identity());
      if (dismissal != null
          && f.level() == Severity.MUST_FIX
          && !(dismissal.overruled() && settings.of(f.rule()).overrule() != WaiverPolicy.NOBODY)) {
        all.remove(f.identity());
      }
    }
    return all;
  }

  /** What is found in an item, without what is left as it is in spite of a rule that is required. */
  public List<Finding> withoutOverruled(String itemKey, List<Finding> findings, Settings settings) {
    return findings.stream().noneMatch(f -> f.level() == Severity.MUST_FIX)
        ? findings
        : withoutOverruled(packAll(itemKey), findings, settings);
  }

  /** The same, of an item in which these things are left as they are. */
  public static List<Finding> withoutOverruled(
      List<PackedDismissal> given, List<Finding> findings, Settings settings) {
    Map<String, PackedDismissal> left = holding(given, findings, settings);
    return findings.stream()
        .filter(f -> f.level() != Severity.MUST_FIX || !left.containsKey(f.identity()))
        .toList();
  }

  /** Whether somebody may leave as it is what was found. */
  public static boolean mayLeave(Finding finding, Settings settings, Role role) {
    return finding.level() != Severity.MUST_FIX
        || settings.of(finding.rule()).overrule().allowsRole(role);
  }

  /**
   * Leaves what was found as it is.
   *
   * @throws Problem where it cannot be left, with what they are told
   */
  public void dismiss(
      String itemKey, Finding finding, String reason, Settings settings, Account by) {
    if (!mayLeave(finding, settings, by.role())) {
      throw Problem.unusable(
          settings.of(finding.rule()).overrule() == WaiverPolicy.EDITORS
              ? "Only an editor can leave this as it is."
              : "This must be put right before the item goes live.");
    }
    if (finding.level() != Severity.ADVISED && reason.isBlank()) {
      throw Problem.unusable("Say in a few words why this is right as it is.");
    }
    keep(
        itemKey,
        new PackedDismissal(
            finding.identity(),
            reason.strip(),
            by.name(),
            clock.instant(),
            finding.level() == Severity.MUST_FIX));
  }

  private void keep(String itemKey, PackedDismissal packed) {
    dismissals.save(toEntity(itemKey, packed));
  }

  /** The rows of an item of which nothing is noted yet. */
  public static Collection<?> rowsOf(String itemKey, List<PackedDismissal> packed) {
    return packed.stream().map(d -> toEntity(itemKey, d)).toList();
  }

  private static DismissalEntity toEntity(String itemKey, PackedDismissal packed) {
    DismissalEntity dismissal = new DismissalEntity();
    dismissal.itemKey = itemKey;
    dismissal.finding = packed.finding();
    dismissal.reason = packed.reason();
    dismissal.dismissedBy = packed.by();
    dismissal.dismissedAt = packed.at();
    dismissal.overruled = packed.overruled();
    return dismissal;
  }

  /** Looks at it again. */
  public void bringBack(String itemKey, String finding) {
    dismissals.findById(new DismissalEntity.Key(itemKey, finding)).ifPresent(dismissals::delete);
  }

  public List<PackedDismissal> packAll(String itemKey) {
    return dismissals.findAllByItemKeyOrderByFinding(itemKey).stream()
        .map(
            d ->
                new PackedDismissal(d.finding, d.reason, d.dismissedBy, d.dismissedAt, d.overruled))
        .toList();
  }

  void forget(String itemKey) {
    dismissals.forget(itemKey);
  }

  public void clear() {
    dismissals.deleteAllInBatch();
  }
}

package app.blenner.server.asset;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.problem.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lets only those change an asset that readers see who may put live what they see. */
@Component
@Transactional(readOnly = true)
class AssetGuard {
  private final AssetUseRepository uses;
  private final OtherPlaces others;
  private final UseNames items;

  AssetGuard(AssetUseRepository uses, OtherPlaces others, UseNames items) {
    this.uses = uses;
    this.others = others;
    this.items = items;
  }

  /** Whether the one whose request this is may change an asset where it stands. */
  boolean mayChange(String asset) {
    Account who = AccountService.current();
    if (who.role().hasRight(Right.PUBLISH)) {
      return true;
    }
    List<String> live =
        uses.findAllByAsset(asset).stream()
            .filter(u -> u.forReaders)
            .map(u -> u.itemKey)
            .distinct()
            .toList();
    return !others.areForReaders(asset) && items.isPublisherOf(live, who);
  }

  /**
   * Lets them go on.
   *
   * @throws Problem where readers see it and they may not publish there
   */
  void needsRight(String asset) {
    if (!mayChange(asset)) {
      throw new Problem(HttpStatus.FORBIDDEN, Right.PUBLISH.refusal());
    }
  }
}

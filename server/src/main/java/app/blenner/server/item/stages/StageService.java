package app.blenner.server.item.stages;

import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.signoff.Action;
import app.blenner.core.signoff.SignOff;
import app.blenner.server.account.Account;
import app.blenner.server.item.checks.RuleContextService;
import app.blenner.server.item.content.ItemService;
import app.blenner.server.item.content.ItemStates;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes items from stage to stage, and to readers. */
@Service
@Transactional
public class StageService {
  private final ItemService itemService;
  private final ItemRepository items;
  private final LiveCopies liveCopies;
  private final ItemStates states;
  private final Versions versions;
  private final KindService kinds;
  private final RuleContextService ruleContexts;
  private final Clock clock;

  StageService(
      ItemService itemService,
      ItemRepository items,
      LiveCopies liveCopies,
      ItemStates states,
      Versions versions,
      KindService kinds,
      RuleContextService ruleContexts,
      Clock clock) {
    this.itemService = itemService;
    this.items = items;
    this.liveCopies = liveCopies;
    this.states = states;
    this.versions = versions;
    this.kinds = kinds;
    this.ruleContexts = ruleContexts;
    this.clock = clock;
  }

  /**
   * Does something to an item as a whole.
   *
   * @throws Problem where it is held back, or where the item changed since it was looked at
   */
  public ItemState act(String key, Action action, long revision, Account by) {
    ItemEntity item = itemService.get(key);
    itemService.checkRevision(item, revision, by);
    Content content = versions.contentOf(item.working);
    states.awaitReading(item, content);
    SignOff.Standing standing =
        states.standingOf(
            item, states.findingsOf(item, content, kinds.kindNamed(item.kind), by), by);
    SignOff.Step step = SignOff.stepOf(action, standing, by.role());
    if (!step.isOpen()) {
      throw Problem.conflict(step.blocked(), Map.of());
    }
    Set<String> seen = liveCopies.placesOf(key);
    move(item, action, by);
    items.saveAndFlush(item);
    if (action == Action.PUT_LIVE || action == Action.UPDATE_LIVE) {
      liveCopies.goLive(item, clock.instant(), clock.instant());
      items.saveAndFlush(item);
    }
    if (!item.stage.isForReaders()) {
      liveCopies.hide(item);
    }
    ruleContexts.shownOrHidden(key);
    liveCopies.tell(item, seen);
    return states.make(item, content, by);
  }

  private void move(ItemEntity item, Action action, Account by) {
    if (item.stage != action.to()) {
      item.stage = action.to();
      item.stageSince = clock.instant();
    }
    item.changeSentAt = action == Action.SEND_CHANGE ? clock.instant() : null;
    boolean givesBack = action == Action.TAKE_BACK && by.id() != item.ownerId;
    item.givenBackBy = givesBack ? by.name() : "";
    item.changedBy = by.name();
    item.changedById = by.id();
  }

  /**
   * Where an item stands.
   *
   * @param changeSentAt when a change of what is live was sent for review; null while none waits
   * @param givenBackBy who gave it back to the person it belongs to, or empty
   */
  public record Position(Stage stage, Instant since, Instant changeSentAt, String givenBackBy) {

    /** Where an item stands now. */
    public static Position of(ItemEntity item) {
      return new Position(item.stage, item.stageSince, item.changeSentAt, item.givenBackBy);
    }
  }

  /** Puts an item where it stood somewhere else or before, without asking whether an action leads there. */
  public static void putAt(ItemEntity item, Position at) {
    item.stage = at.stage();
    item.stageSince = at.since();
    item.changeSentAt = at.changeSentAt();
    item.givenBackBy = at.givenBackBy();
  }
}

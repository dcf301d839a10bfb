package app.blenner.server.item.bulk;

import app.blenner.core.signoff.NextStep;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionTree;
import app.blenner.server.account.Account;
import app.blenner.server.item.bulk.ItemChange.Done;
import app.blenner.server.item.bulk.ItemChange.Outcome;
import app.blenner.server.problem.Problem;
import app.blenner.server.problem.RetryOnConflict;
import app.blenner.server.schedule.BackgroundThreads;
import app.blenner.server.schedule.ScheduledWork;
import app.blenner.server.site.SectionService;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.dao.DataAccessException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Changes several items, one after the other in the background, each in a transaction of its own. */
@Service
public class BulkService implements SmartInitializingSingleton, DisposableBean, ScheduledWork {
  private static final Logger LOG = LoggerFactory.getLogger(BulkService.class);

  /** So many items of a change are looked at before it is made. */
  private static final int LOOKED_AT = 100;

  private static final int TOLD = 200;
  private static final int LONGEST = 2000;

  /** How long somebody waits for one that is being made when the server stops, in seconds. */
  private static final long PATIENCE = 10;

  private final ItemChanges items;
  private final SectionService sections;
  private final BulkRepository severals;
  private final BulkItemRepository lines;
  private final TransactionTemplate transaction;
  private final JsonMapper json;
  private final Clock clock;
  private final Set<Long> stopped = ConcurrentHashMap.newKeySet();
  private volatile boolean closing;
  private final ExecutorService background = BackgroundThreads.one("bulk");

  BulkService(
      ItemChanges items,
      SectionService sections,
      BulkRepository severals,
      BulkItemRepository lines,
      TransactionTemplate transaction,
      JsonMapper json,
      Clock clock) {
    this.items = items;
    this.sections = sections;
    this.severals = severals;
    this.lines = lines;
    this.transaction = transaction;
    this.json = json;
    this.clock = clock;
  }

  /** What became, or would become, of an item. */
  public record BulkLine(String key, String title, Outcome outcome, String told) {}

  /**
   * How far a change has come.
   *
   * @param told what it is, in a sentence
   * @param done how many items it has been through
   * @param counts how many had which outcome
   * @param lines the first of what became of items, those first that were refused
   * @param mayUndo whether something of it can be taken back
   */
  public record BulkProgress(
      long id,
      String told,
      String state,
      boolean undoing,
      int total,
      long done,
      Map<String, Long> counts,
      List<BulkLine> lines,
      boolean mayUndo) {}

  @Override
  public void afterSingletonsInstantiated() {
    transaction.executeWithoutResult(status -> severals.breakOff());
  }

  @Override
  public void destroy() throws InterruptedException {
    closing = true;
    background.shutdown();
    background.awaitTermination(PATIENCE, TimeUnit.SECONDS);
  }

  /** What would become of items, without changing any; of very many only the first. */
  public List<BulkLine> look(List<String> keys, ItemChange change, Account by) {
    return keys.stream().limit(LOOKED_AT).map(key -> looked(key, change, by)).toList();
  }

  private BulkLine looked(String key, ItemChange change, Account by) {
    try {
      return RetryOnConflict.call(
          () ->
              transaction.execute(
                  status -> {
                    Done done = items.change(key, change, by);
                    status.setRollbackOnly();
                    return new BulkLine(key, done.title(), done.outcome(), done.told());
                  }));
    } catch (Problem e) {
      return new BulkLine(key, "", Outcome.REFUSED, e.getMessage());
    }
  }

  /**
   * Begins to change items.
   *
   * @param told what is done, in a sentence
   */
  public BulkProgress begin(List<String> keys, ItemChange change, String told, Account by) {
    List<String> all = keys.stream().distinct().toList();
    long id = severals.save(begun(all, change, told, by)).id;
    background.execute(() -> run(id, all, change, by));
    return progress(id, by);
  }

  private BulkEntity begun(List<String> all, ItemChange change, String told, Account by) {
    BulkEntity several = new BulkEntity();
    several.byId = by.id();
    several.byName = by.name();
    several.begunAt = clock.instant();
    several.what = json.writeValueAsString(change);
    several.told = cut(told);
    several.total = all.size();
    several.state = BulkState.RUNNING;
    several.givenUp = change.leaving();
    return several;
  }

  /**
   * Begins to give a section up: its items go where it is said, then it goes itself.
   *
   * @param to where they go; empty for no section
   * @throws Problem where one of the sections is not there, or it is being given up already
   */
  BulkProgress giveUp(String slug, String to, List<String> keys, Account by) {
    List<String> all = keys.stream().distinct().toList();
    ItemChange change = ItemChange.leaving(slug, to);
    long id =
        transaction.execute(
            status -> {
              // Of several who want it to go to different places, one is to be told yes.
              sections.holdAll();
              sections.mayGiveUp(slug, to);
              severals
                  .findFirstByGivenUpAndState(slug, BulkState.RUNNING)
                  .ifPresent(
                      other -> {
                        throw Problem.conflict(
                            "It is being given up already, by %s: %s"
                                .formatted(other.byName, other.told),
                            Map.of());
                      });
              return severals.saveAndFlush(begun(all, change, tellLeaving(slug, to), by)).id;
            });
    background.execute(() -> run(id, all, change, by));
    return progress(id, by);
  }

  private String tellLeaving(String slug, String to) {
    SectionTree tree = sections.tree();
    String from = tree.findSection(slug).map(Section::name).orElse(slug);
    return tree.findSection(to)
        .map(s -> "Give up “%s”; its items go to “%s”.".formatted(from, s.name()))
        .orElse("Give up “%s”; its items go to no section.".formatted(from));
  }

  private void run(long id, List<String> keys, ItemChange change, Account by) {
    int place = 0;
    for (String key : keys) {
      if (closing || stopped.contains(id)) {
        break;
      }
      int at = place++;
      BulkItemEntity line = new BulkItemEntity();
      line.severalId = id;
      line.place = at;
      line.itemKey = key;
      attempt(line, () -> items.change(key, change, by), Outcome.REFUSED);
    }
    boolean whole = place == keys.size();
    if (whole && !change.leaving().isEmpty()) {
      giveUp(id, place, change);
    }
    end(id, whole);
  }

  /** A section goes when its last item has. */
  private void giveUp(long id, int place, ItemChange change) {
    BulkItemEntity line = new BulkItemEntity();
    line.severalId = id;
    line.place = place;
    line.itemKey = "";
    attempt(
        line,
        () -> {
          sections.giveUp(change.leaving(), change.section());
          return new Done("", Outcome.SAME, "The section is given up.", null, 0);
        },
        Outcome.REFUSED);
  }

  private interface Work {
    Done run();
  }

  /** Does something to an item and notes it in the same transaction; where it cannot be done, why. */
  private void attempt(BulkItemEntity line, Work work, Outcome otherwise) {
    try {
      RetryOnConflict.call(
          () ->
              transaction.execute(
                  status -> {
                    note(line, work.run());
                    return lines.save(line);
                  }));
    } catch (Problem e) {
      refuse(line, otherwise, e.getMessage());
    } catch (DataAccessException e) {
      LOG.warn("An item of several could not be changed", e);
      refuse(line, otherwise, "It could not be kept at this moment; try it again.");
    } catch (RuntimeException e) {
      LOG.error("An item of several could not be changed", e);
      refuse(line, otherwise, "Something went wrong within Blenner; nothing of it was changed.");
    }
  }

  private void refuse(BulkItemEntity line, Outcome outcome, String told) {
    line.outcome = outcome;
    line.told = cut(told);
    line.title = line.title == null ? "" : line.title;
    try {
      transaction.executeWithoutResult(status -> lines.save(line));
    } catch (DataAccessException e) {
      LOG.warn("What became of an item of several could not be noted", e);
    }
  }

  private void note(BulkItemEntity line, Done done) {
    line.title = cut(done.title());
    line.outcome = done.outcome();
    line.told = cut(done.told());
    line.revisionAfter = done.revision();
    if (done.before() != null) {
      line.before = json.writeValueAsString(done.before());
      line.beforeWorking = done.before().working();
      line.beforeLive = done.before().live();
    }
  }

  private static String cut(String told) {
    return told.length() > LONGEST ? told.substring(0, LONGEST - 1) + "…" : told;
  }

  private void end(long id, boolean whole) {
    RetryOnConflict.call(
        () ->
            transaction.execute(
                status -> {
                  BulkEntity several = severals.findById(id).orElseThrow();
                  several.state =
                      whole ? BulkState.DONE : closing ? BulkState.BROKEN : BulkState.STOPPED;
                  return severals.save(several);
                }));
    stopped.remove(id);
  }

  /** Stops a change; what is done stays, and can be taken back. */
  public void stop(long id, Account by) {
    own(id, by);
    stopped.add(id);
  }

  /** Begins to take a change back, the last item first. */
  public BulkProgress undo(long id, Account by) {
    BulkEntity several = own(id, by);
    if (several.state == BulkState.RUNNING) {
      throw Problem.conflict("It is still being made. Stop it first.", Map.of());
    }
    List<Integer> places = lines.changed(id);
    if (places.isEmpty()) {
      throw Problem.unusable("There is nothing of it left to take back.");
    }
    several.state = BulkState.RUNNING;
    several.undoing = true;
    severals.save(several);
    background.execute(() -> takeBack(id, places, by));
    return progress(id, by);
  }

  private void takeBack(long id, List<Integer> places, Account by) {
    int done = 0;
    for (int place : places) {
      if (closing || stopped.contains(id)) {
        break;
      }
      done++;
      BulkItemEntity line = lines.findById(new BulkItemEntity.Key(id, place)).orElseThrow();
      ItemChange.Before before = json.readValue(line.before, ItemChange.Before.class);
      long revision = line.revisionAfter;
      attempt(line, () -> items.undo(line.itemKey, before, revision, by), Outcome.NOT_BACK);
    }
    end(id, done == places.size());
  }

  private BulkEntity own(long id, Account by) {
    return severals
        .findById(id)
        .filter(s -> s.byId == by.id())
        .orElseThrow(() -> Problem.notThere("There is no such change of several items of yours."));
  }

  /** How far a change has come. */
  public BulkProgress progress(long id, Account by) {
    return told(own(id, by));
  }

  private BulkProgress told(BulkEntity several) {
    Map<String, Long> counts =
        lines.count(several.id).stream()
            .collect(Collectors.toMap(c -> c.outcome().name(), c -> c.count()));
    List<BulkLine> told = new ArrayList<>();
    for (Set<Outcome> some :
        List.of(
            Set.of(Outcome.REFUSED, Outcome.NOT_BACK),
            Set.of(Outcome.CHANGED, Outcome.SAME, Outcome.BACK))) {
      lines
          .findAllBySeveralIdAndOutcomeInOrderByPlace(several.id, some, Limit.of(TOLD))
          .forEach(l -> told.add(new BulkLine(l.itemKey, l.title, l.outcome, l.told)));
    }
    boolean running = several.state == BulkState.RUNNING;
    return new BulkProgress(
        several.id,
        several.told,
        several.state.name(),
        several.undoing,
        several.total,
        counts.values().stream().mapToLong(Long::longValue).sum(),
        counts,
        told,
        !running && counts.getOrDefault(Outcome.CHANGED.name(), 0L) > 0);
  }

  /** The latest changes of several items somebody made. */
  public List<BulkProgress> latestOf(Account by) {
    return severals.findTop5ByByIdOrderByIdDesc(by.id()).stream().map(this::told).toList();
  }

  @Override
  public When when() {
    return ScheduledWork.every(Duration.ofMinutes(5), Duration.ofHours(1));
  }

  /** What was changed long ago is not taken back any more. */
  @Override
  public void work() {
    List<Long> old = severals.before(clock.instant().minus(Duration.ofDays(NextStep.BIN_DAYS)));
    if (!old.isEmpty()) {
      transaction.executeWithoutResult(
          status -> {
            lines.forget(old);
            severals.deleteAllByIdInBatch(old);
          });
    }
  }
}

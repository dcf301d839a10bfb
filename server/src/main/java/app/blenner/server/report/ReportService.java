package app.blenner.server.report;

import app.blenner.core.rule.Standards;
import app.blenner.server.account.Account;
import app.blenner.server.item.marks.LiveItemChecker;
import app.blenner.server.problem.Problem;
import app.blenner.server.report.SiteReportRepository.ReportPoint;
import app.blenner.server.schedule.BackgroundThreads;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks over everything live in the background: with the rules as they are, for the site report, or with rules set in
 * another way, to tell beforehand what that would mean. One of each at a time.
 */
@Service
public class ReportService implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(ReportService.class);

  /** So many reports are kept, for the trend. */
  private static final int KEPT = 60;

  private static final long PATIENCE = 10;

  private final LiveItemChecker live;
  private final SiteService sites;
  private final SiteReportRepository reports;
  private final TransactionTemplate transaction;
  private final JsonMapper json;
  private final Clock clock;
  private volatile ReportProgress report = ReportProgress.NONE;
  private volatile ReportProgress trial = ReportProgress.NONE;
  private final ExecutorService background = BackgroundThreads.oneBehindOthers("report");

  ReportService(
      LiveItemChecker live,
      SiteService sites,
      SiteReportRepository reports,
      TransactionTemplate transaction,
      JsonMapper json,
      Clock clock) {
    this.live = live;
    this.sites = sites;
    this.reports = reports;
    this.transaction = transaction;
    this.json = json;
    this.clock = clock;
  }

  /** A report that was made. */
  record Made(Instant at, String by, SiteFindings report) {}

  @Override
  public void destroy() throws InterruptedException {
    report.stop();
    trial.stop();
    background.shutdown();
    background.awaitTermination(PATIENCE, TimeUnit.SECONDS);
  }

  /** Begins the site report, where it is not being made already. */
  synchronized void begin(Account by) {
    if (report.isUnderWay()) {
      return;
    }
    ReportProgress progress = new ReportProgress();
    report = progress;
    background.execute(
        () ->
            run(
                progress,
                sites.site().standards(),
                made -> {
                  if (!progress.isStopped()) {
                    keep(made, by);
                  }
                }));
  }

  /** Begins to look what rules set in another way would mean; whoever asked before does not learn it any more. */
  synchronized ReportProgress.LookUnderWay tryOut(Standards standards) {
    trial.stop();
    ReportProgress progress = new ReportProgress();
    trial = progress;
    background.execute(() -> run(progress, standards, progress::addFindings));
    return progress.view();
  }

  private interface Then {
    void made(SiteFindings report);
  }

  private void run(ReportProgress progress, Standards standards, Then then) {
    try {
      List<String> keys = live.keys();
      progress.begin(keys.size());
      ReportTally tally = new ReportTally(clock.instant());
      for (String key : keys) {
        if (progress.isStopped()) {
          break;
        }
        live.look(key, standards).ifPresent(tally::add);
        progress.step();
      }
      then.made(tally.report());
      progress.end("");
    } catch (Problem e) {
      progress.end(e.getMessage());
    } catch (RuntimeException e) {
      LOG.error("A report could not be made", e);
      progress.end("Something went wrong within Blenner, and it was not finished.");
    }
  }

  private void keep(SiteFindings made, Account by) {
    SiteReportEntity kept = new SiteReportEntity();
    kept.madeAt = clock.instant();
    kept.madeBy = by.name();
    kept.items = made.items();
    kept.falling = made.falling();
    kept.findings = made.findings();
    kept.written = json.writeValueAsString(made);
    transaction.executeWithoutResult(
        status -> {
          reports.forgetWritten();
          reports.save(kept);
          reports.ids().stream().skip(KEPT).forEach(reports::deleteById);
        });
  }

  ReportProgress.LookUnderWay report() {
    return report.view();
  }

  ReportProgress.LookUnderWay trial(long id) {
    if (trial.id() != id) {
      throw Problem.notThere("Somebody else has begun to try rules out. Begin once more.");
    }
    return trial.view();
  }

  void stopReport() {
    report.stop();
  }

  void stopTrial(long id) {
    if (trial.id() == id) {
      trial.stop();
    }
  }

  /** The report made last. */
  Optional<Made> latestReport() {
    return reports
        .findFirstByOrderByIdDesc()
        .map(r -> new Made(r.madeAt, r.madeBy, json.readValue(r.written, SiteFindings.class)));
  }

  /** Forgets what was made, since the site is another one. */
  public void clear() {
    report.stop();
    reports.deleteAllInBatch();
  }

  /** How the site stood at each report, the latest last. */
  List<ReportPoint> trend() {
    List<ReportPoint> points = new ArrayList<>(reports.latest(Limit.of(KEPT)));
    Collections.reverse(points);
    return points;
  }
}

package app.blenner.server.report;

import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Standards;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.marks.LiveItemChecker;
import app.blenner.server.report.SiteReportRepository.ReportPoint;
import app.blenner.server.site.RuleService;
import app.blenner.server.site.RuleViews.RulesInput;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The site report, and rules tried out before they hold. */
@RestController
class ReportController {
  /** A finding of an item on which rules are tried. */
  record TriedFinding(Severity level, String message, String why) {
    static TriedFinding of(Finding f) {
      return new TriedFinding(f.level(), f.message(), f.why());
    }
  }

  /**
   * The report that was made last.
   *
   * @param labels what each rule looks for
   */
  record ReportMade(Instant at, String by, SiteFindings report, Map<String, String> labels) {}

  /**
   * The site report.
   *
   * @param underWay how far the one has come that is being made
   * @param made the one that was made last; null where there is none
   * @param trend how the site stood at each
   */
  record SiteReport(
      ReportProgress.LookUnderWay underWay, ReportMade made, List<ReportPoint> trend) {}

  private static final Map<String, String> LABELS =
      Preflight.rules().stream().collect(Collectors.toMap(Rule::id, r -> r.descriptor().label()));

  private final ReportService reports;
  private final LiveItemChecker live;

  ReportController(ReportService reports, LiveItemChecker live) {
    this.reports = reports;
    this.live = live;
  }

  @GetMapping("/editor/api/report")
  SiteReport siteReport() {
    return new SiteReport(
        reports.report(),
        reports
            .latestReport()
            .map(m -> new ReportMade(m.at(), m.by(), m.report(), LABELS))
            .orElse(null),
        reports.trend());
  }

  @PostMapping("/editor/api/report")
  SiteReport beginReport() {
    reports.begin(AccountService.current());
    return siteReport();
  }

  @DeleteMapping("/editor/api/report")
  SiteReport stopReport() {
    reports.stopReport();
    return siteReport();
  }

  /** Begins to look how many live items would fall short of rules set so. */
  @PostMapping("/editor/api/rules/trials")
  ReportProgress.LookUnderWay tryRules(@Valid @RequestBody RulesInput given) {
    AccountService.needs(Right.SET_UP);
    return reports.tryOut(standards(given));
  }

  @GetMapping("/editor/api/rules/trials/{id}")
  ReportProgress.LookUnderWay trial(@PathVariable long id) {
    return reports.trial(id);
  }

  @DeleteMapping("/editor/api/rules/trials/{id}")
  ReportProgress.LookUnderWay stopTrial(@PathVariable long id) {
    AccountService.needs(Right.SET_UP);
    reports.stopTrial(id);
    return reports.trial(id);
  }

  /** What rules set so find in the working copy of an item. */
  @PostMapping("/editor/api/items/{key}/rules-tried")
  List<TriedFinding> tryOn(@PathVariable String key, @Valid @RequestBody RulesInput given) {
    AccountService.needs(Right.SET_UP);
    return live.tried(key, standards(given)).stream().map(TriedFinding::of).toList();
  }

  private static Standards standards(RulesInput given) {
    Standards standards = given.standards();
    RuleService.check(standards);
    return standards;
  }
}

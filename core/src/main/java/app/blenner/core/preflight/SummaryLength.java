package app.blenner.core.preflight;

import app.blenner.core.kind.Kind;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Subject;
import java.util.List;

/** The summary is there and is short enough for a teaser. */
public final class SummaryLength extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "summary-length",
          "The length of the summary",
          "Section pages, search results and shared links show the summary, and cut off what is"
              + " longer.",
          "Common practice: at most "
              + Kind.SUMMARY_LIMIT
              + " characters, where a kind says nothing else",
          RuleSeverity.REQUIRED,
          "a shorter summary",
          "shorter summaries");

  public SummaryLength() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int limit = subject.kind().summaryLimit();
    int length = Counts.countCharacters(subject.content().summary());
    if (length == 0) {
      // It can go live without: the beginning of the text is in.
      return List.of(
          Finding.onField(
              this,
              Severity.ADVISED,
              "There is no summary yet.",
              "summary",
              List.of(Fix.ask("Write one", "summary"))));
    }
    if (length <= limit) {
      return List.of();
    }
    int over = length - limit;
    return List.of(
        Finding.onField(
            this,
            settings.severityOf(this),
            "The summary is " + over + (over == 1 ? " character" : " characters") + " too long.",
            "summary",
            List.of(Fix.ask("Shorten it", "summary"))));
  }
}

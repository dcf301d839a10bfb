package app.blenner.core.preflight;

import app.blenner.core.face.SearchResult;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** The address of an original is one that search engines can go to. */
public final class CanonicalAddress extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "canonical-address",
          "The address of the original",
          "Search engines are led there instead of here; where they cannot go, neither page is found.",
          "RFC 6596, section 3: the target of a canonical link is an IRI of a page",
          RuleSeverity.REQUIRED,
          "the address of its original set right",
          "the addresses of its originals set right");

  public CanonicalAddress() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    String given = StandardFields.textOf(subject.content(), StandardFields.SEARCH_CANONICAL);
    if (given.isEmpty() || SearchResult.isPage(given)) {
      return List.of();
    }
    String field = Finding.FIELD + StandardFields.SEARCH_CANONICAL;
    return List.of(
        Finding.onField(
            this,
            settings.severityOf(this),
            "The original is at no page: its address begins with https:// or http://, or with / on this site.",
            field,
            List.of(Fix.ask("Change it", field))));
  }
}

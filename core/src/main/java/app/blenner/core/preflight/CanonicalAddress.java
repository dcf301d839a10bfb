package app.blenner.core.preflight;

import app.blenner.core.face.SearchResult;
import app.blenner.core.kind.Standard;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Weight;
import java.util.List;

/** The address of an original is one that search engines can go to. */
public final class CanonicalAddress implements Rule {
  @Override
  public String id() {
    return "canonical-address";
  }

  @Override
  public String label() {
    return "The address of the original";
  }

  @Override
  public String why() {
    return "Search engines are led there instead of here; where they cannot go, neither page is found.";
  }

  @Override
  public String reference() {
    return "RFC 6596, section 3: the target of a canonical link is an IRI of a page";
  }

  @Override
  public Weight weight() {
    return Weight.REQUIRED;
  }

  @Override
  public Scope scope() {
    return Scope.ITEM;
  }

  @Override
  public String need(int count) {
    return "the address of its original set right";
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    String given = Standard.text(subject.content(), Standard.SEARCH_CANONICAL);
    if (given.isEmpty() || SearchResult.isPage(given)) {
      return List.of();
    }
    String field = Finding.FIELD + Standard.SEARCH_CANONICAL;
    return List.of(
        Finding.onField(
            this,
            settings.level(this),
            "The original is at no page: its address begins with https:// or http://, or with / on this site.",
            field,
            List.of(Fix.ask("Change it", field))));
  }
}

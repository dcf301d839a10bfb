package app.blenner.core.preflight;

import app.blenner.core.face.SearchResult;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;

/** A title is shown whole in search results: the one written for them, or the item’s own with the site’s name behind it. */
public final class SearchTitleWidth extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "search-title-width",
          "Search titles that are cut off",
          "Search engines cut off what has no room, and its last words are not read.",
          "Common practice: at most " + SearchResult.USUAL_WIDTH + " pixels",
          RuleSeverity.ADVISED,
          "a shorter search title",
          "shorter search titles");

  private static final Parameter WIDTH =
      new Parameter("width", "Widest title, in pixels", 200, 1200, SearchResult.USUAL_WIDTH);

  public SearchTitleWidth() {
    super(TOLD, Scope.ITEM, WIDTH);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    SearchResult result = SearchResult.of(subject.content(), subject.context().siteName());
    long width = Math.round(result.width());
    int shown = settings.numberOf(this, WIDTH);
    if (width <= shown || result.hidden()) {
      return List.of();
    }
    boolean own = result.title().from().isEmpty();
    String what =
        own ? "The search title is " : "In search results the title and the site’s name are ";
    String field = Finding.FIELD + StandardFields.SEARCH_TITLE;
    return List.of(
        Finding.onField(
            this,
            settings.severityOf(this),
            what + width + " pixels wide; only " + shown + " are shown.",
            field,
            List.of(Fix.ask(own ? "Shorten it" : "Write a shorter one for search", field))));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.language.Slug;
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

/** An address is short enough to be said and sent. */
public final class AddressLong extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "address-long",
          "Long addresses",
          "Long addresses are cut off in mails and search results, and nobody types them.",
          "Common practice: at most some 75 characters for an item’s own part",
          RuleSeverity.ADVISED,
          "a shorter address",
          "shorter addresses");

  private static final Parameter MOST =
      new Parameter(
          "most", "Most characters of the item’s own part of its address", 20, Slug.MAX_LENGTH, 75);

  public AddressLong() {
    super(TOLD, Scope.ITEM, MOST);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int length = subject.content().slug().length();
    int most = settings.numberOf(this, MOST);
    return length <= most
        ? List.of()
        : List.of(
            Finding.onField(
                this,
                settings.severityOf(this),
                "The address has " + length + " characters; at most " + most + " are shown whole.",
                "slug",
                List.of(Fix.ask("Shorten it", "slug"))));
  }
}

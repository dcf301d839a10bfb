package app.blenner.core.preflight.context;

import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;

/** No picture or file of an item has expired, or soon will have. */
public final class AssetExpires extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "asset-expires",
          "Pictures and files that expire",
          "Once it has expired, readers see a gap where it stood.",
          "Common practice: two weeks are enough to find another one",
          RuleSeverity.LOOK,
          "a decision on a picture or file that expires",
          "decisions on %d pictures or files that expire");

  private static final Parameter DAYS =
      new Parameter("days", "So many days before it expires", 0, 365, 14);

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

  public AssetExpires() {
    super(TOLD, Scope.SITE, DAYS);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    LocalDate today = subject.itemContext().today();
    List<Finding> found = new ArrayList<>();
    if (today == null) {
      return found;
    }
    LocalDate soon = today.plusDays(settings.numberOf(this, DAYS));
    new TreeMap<>(subject.itemContext().assets())
        .forEach(
            (name, asset) -> {
              if (asset.expires() != null && !asset.expires().isAfter(soon)) {
                found.add(
                    Finding.onFieldOf(
                        this,
                        settings.severityOf(this),
                        said(asset, today),
                        where(subject, name),
                        name + asset.expires(),
                        List.of()));
              }
            });
    return found;
  }

  static String where(Subject subject, String name) {
    return subject.content().leadPicture().equals(name) ? "leadPicture" : "body";
  }

  private static String said(AssetFacts asset, LocalDate today) {
    boolean over = !asset.expires().isAfter(today);
    return "“"
        + asset.title()
        + (over ? "” expired on " : "” expires on ")
        + DAY.format(asset.expires())
        + "; from then on readers do not see it.";
  }
}

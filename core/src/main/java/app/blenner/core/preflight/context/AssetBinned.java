package app.blenner.core.preflight.context;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/** No picture or file of an item is in the bin. */
public final class AssetBinned extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "asset-binned",
          "Pictures and files in the bin",
          "Readers see a gap where it stood.",
          "Common practice: whoever throws a picture away wants nobody to see it",
          RuleSeverity.REQUIRED,
          "a picture or file that is in the bin",
          "%d pictures or files that are in the bin");

  public AssetBinned() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    new TreeMap<>(subject.itemContext().assets())
        .forEach(
            (name, asset) -> {
              if (asset.binned()) {
                found.add(
                    Finding.onFieldOf(
                        this,
                        settings.severityOf(this),
                        "“" + asset.title() + "” is in the bin; readers do not see it.",
                        AssetExpires.where(subject, name),
                        name,
                        List.of()));
              }
            });
    return found;
  }
}

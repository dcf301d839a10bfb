package app.blenner.core.preflight;

import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Links say by themselves where they go. */
public final class LinkWords extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "link-words",
          "Links that say nothing by themselves",
          "Whoever goes from link to link, as people with a screen reader do, hears these words and no others.",
          "WCAG 2.2, success criteria 2.4.4 and 2.4.9 Link Purpose; failure F84",
          RuleSeverity.ADVISED,
          "words that say where one link goes",
          "words that say where %d links go");

  /** An address of the web, whole or without its beginning; a mailbox says whose it is. */
  private static final Pattern ADDRESS =
      Pattern.compile("(?:https?://|www\\.)\\S+|[a-z0-9-]+(?:\\.[a-z0-9-]+)+/\\S+");

  public LinkWords() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (LinkOccurrence lead : passage.leads()) {
      String said = Phrases.toPlain(lead.text());
      String wrong = "";
      boolean signs = said.isEmpty() && !EmptyLinkText.saysNothing(lead.text());
      if (signs || Phrases.saysNothing(said, passage.language())) {
        wrong = "“" + lead.text().strip() + "” does not say where this link goes.";
      } else if (ADDRESS.matcher(said).matches()) {
        wrong = "This link shows its address instead of words.";
      }
      if (!wrong.isEmpty()) {
        found.add(Finding.onLead(this, settings.severityOf(this), wrong, lead, List.of()));
      }
    }
    return found;
  }
}

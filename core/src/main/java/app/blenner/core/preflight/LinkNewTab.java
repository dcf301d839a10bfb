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
import java.util.Locale;
import java.util.Set;

/** A link that opens a new tab says so. */
public final class LinkNewTab extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "link-new-tab",
          "Links that open a new tab unannounced",
          "Whoever does not see the new tab wonders why “back” does nothing any more.",
          "WCAG 2.2, techniques G200 and G201",
          RuleSeverity.ADVISED,
          "one link that says that it opens a new tab",
          "%d links that say that they open a new tab");

  /** Words by which a link says it, in the languages of {@link Phrases}. */
  private static final Set<String> SAYS =
      Set.of(
          "new tab",
          "new window",
          "neuer tab",
          "neuen tab",
          "neues fenster",
          "neuem fenster",
          "nouvel onglet",
          "nouvelle fenêtre",
          "nueva pestaña",
          "nueva ventana",
          "nuova scheda",
          "nuova finestra",
          "nieuw tabblad",
          "nieuw venster",
          "nowej karcie",
          "nowym oknie",
          "novo separador",
          "nova janela",
          "nova aba",
          "ny flik",
          "nytt fönster");

  public LinkNewTab() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (LinkOccurrence lead : passage.leads()) {
      if (lead.link().newTab() && !says(lead.text() + " " + lead.link().title())) {
        found.add(
            Finding.onLead(
                this,
                settings.severityOf(this),
                "This link opens a new tab, and does not say so.",
                lead,
                List.of(lead.inSameTab("Open it in the same tab"))));
      }
    }
    return found;
  }

  private static boolean says(String words) {
    String small = words.toLowerCase(Locale.ROOT);
    return SAYS.stream().anyMatch(small::contains);
  }
}

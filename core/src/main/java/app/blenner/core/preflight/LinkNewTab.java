package app.blenner.core.preflight;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.LinkRun;
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
    for (LinkRun link : passage.links()) {
      if (link.link().newTab() && !says(link.text() + " " + link.link().title())) {
        found.add(
            Finding.onWords(
                this,
                settings.severityOf(this),
                "This link opens a new tab, and does not say so.",
                link.place(),
                link.from(),
                link.to(),
                List.of(
                    Fix.ofBlock(
                        "Open it in the same tab",
                        block -> block.mapContent(content -> same(content, link.link()))))));
      }
    }
    return found;
  }

  private static boolean says(String words) {
    String small = words.toLowerCase(Locale.ROOT);
    return SAYS.stream().anyMatch(small::contains);
  }

  private static List<Inline> same(List<Inline> content, Mark.Link link) {
    Mark.Link here = new Mark.Link(link.address(), link.title(), false);
    return content.stream()
        .map(
            i ->
                i instanceof Text t && t.marks().link().filter(link::equals).isPresent()
                    ? (Inline) new Text(t.text(), t.marks().with(here))
                    : i)
        .toList();
  }
}

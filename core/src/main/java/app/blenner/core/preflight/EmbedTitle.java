package app.blenner.core.preflight;

import app.blenner.core.document.Embed;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.regex.Pattern;

/** What is embedded has a name. */
public final class EmbedTitle extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "embed-title",
          "Embeds without a name",
          "A screen reader says “frame” and nothing else; nobody knows whether to enter it.",
          "WCAG 2.2, success criterion 4.1.2 Name, Role, Value; technique H64",
          RuleSeverity.ADVISED,
          "a name for one embed",
          "names for %d embeds");

  /** An address, or the name of the sort of thing it is. */
  private static final Pattern NO_NAME =
      Pattern.compile(
          "(?iu)(?:https?://|www\\.)\\S*|[\\w-]+(?:\\.[\\w-]+)+/\\S*"
              + "|(?:embedded |external |eingebettete[rs]? |externe[rs]? )?"
              + "(?:video|film|player|video player|audio player|iframe|frame|embed|content|widget|map|karte|vidéo|vídeo|carte|mapa|mappa|kaart|inhalt|contenu|contenido)"
              + "|untitled|ohne titel|sans titre|sin título|senza titolo");

  public EmbedTitle() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    if (!(place.block() instanceof Embed e)) {
      return "";
    }
    String title = e.title().strip();
    if (title.isEmpty()) {
      return "This embed has no name.";
    }
    return NO_NAME.matcher(title).matches() || title.equalsIgnoreCase(hostOf(e))
        ? "“" + title + "” does not say what is embedded here."
        : "";
  }

  /** Without what nobody says: www.example.org is called example.org. */
  private static String hostOf(Embed embed) {
    return embed.address().host().replaceFirst("^www\\.", "");
  }
}

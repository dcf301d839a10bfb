package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** An alternative text says more than a colour. */
public final class AlternativeColour extends BasicRule implements AlternativeRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-colour",
          "Alternative texts that name a colour alone",
          "Whoever does not see the picture learns of it nothing that means anything.",
          "WCAG 2.2, success criteria 1.1.1 Non-text Content and 1.4.1 Use of Color",
          RuleSeverity.ADVISED,
          "another alternative text for one picture",
          "other alternative texts for %d pictures");

  /** Names of colours, in the languages of {@link Phrases}; and what may stand beside one. */
  private static final Set<String> COLOURS =
      Set.copyOf(
          List.of(
              ("red green blue yellow orange purple violet pink brown black white grey gray turquoise beige"
                      + " rot rote roter rotes grün grüne grüner grünes blau blaue blauer blaues gelb gelbe gelber gelbes lila rosa braun braune"
                      + " schwarz schwarze schwarzer weiß weiße weißer grau graue grauer türkis"
                      + " rouge vert verte bleu bleue jaune orangé marron noir noire blanc blanche gris grise"
                      + " rojo roja verde azul amarillo amarilla naranja morado morada marrón negro negra blanco blanca gris"
                      + " rosso rossa blu giallo gialla arancione viola nero nera bianco bianca grigio grigia"
                      + " rood rode groen groene blauw blauwe geel gele oranje paars zwart zwarte wit witte grijs grijze bruin"
                      + " vermelho vermelha amarelo amarela preto preta branco branca cinzento cinzenta röd grön blå gul svart vit grå"
                      + " czerwony zielony niebieski żółty czarny biały szary")
                  .split(" ")));

  private static final Set<String> BESIDE =
      Set.copyOf(
          List.of(
              ("light dark bright pale and a the in of colour color background"
                      + " hell hellrot dunkel helles dunkles und ein eine der die das farbe hintergrund"
                      + " clair foncé et un une le la couleur fond claro oscuro y el color fondo chiaro scuro e colore sfondo"
                      + " licht donker en een kleur achtergrond ljus mörk och")
                  .split(" ")));

  public AlternativeColour() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Picture picture, Passage passage, Settings settings) {
    boolean colour = false;
    for (String word : picture.alternative().toLowerCase(Locale.ROOT).split("[^\\p{L}]+")) {
      if (COLOURS.contains(word)) {
        colour = true;
      } else if (!word.isEmpty() && !BESIDE.contains(word)) {
        return "";
      }
    }
    return colour ? "The alternative text names a colour alone." : "";
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.regex.Pattern;

/** An alternative text is words, not the name of a file. */
public final class AlternativeFileName extends BasicRule implements AlternativeRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-file-name",
          "Alternative texts that are names of files",
          "Instead of what the picture shows, people hear letters and numbers.",
          "WCAG 2.2, failure F30 of success criterion 1.1.1",
          RuleSeverity.ADVISED,
          "words instead of the name of a file",
          "words instead of the names of %d files");

  private static final Pattern NAME =
      Pattern.compile(
          "(?iu)[^/\\n]*\\.(?:jpe?g|png|gif|webp|avif|svg|tiff?|bmp|heic)(?:[?#]\\S*)?"
              + "|(?:https?://|www\\.)\\S+"
              + "|(?:img|dsc[nf]?|pxl|mvi|image|bild|foto|photo|screenshot|bildschirmfoto|untitled|picture|figure|fig|graphic|imagen|afbeelding|immagine)[ _-]?\\d[\\d _-]*"
              // One word with strokes in it that somebody counts by is a name of a file without its
              // end.
              + "|[\\p{L}\\d]+(?:_[\\p{L}\\d]+)+"
              + "|[^\\p{L}\\p{N}\\p{So}]+"
              + "|\\d+"
              + "|(?:untitled|unnamed|ohne titel|sans titre|sin título|senza titolo|zonder titel|sem título|namnlös|bez tytułu)(?: design| image| picture| photo)?(?: ?[(]?\\d*[)]?)"
              + "|(?:no |missing |insert |add |write )?(?:alt|alternative|alternate)(?:[ -]?text)?(?: here| missing| goes here)?"
              + "|alternativtext|texte alternatif|texto alternativo|testo alternativo|alternatieve tekst|tekst alternatywny"
              + "|undefined|null|none|n/?a|tbd|todo|xxx+|placeholder|platzhalter|espace réservé|segnaposto|tijdelijke afbeelding"
              + "|spacer|image|picture|photo|photograph|graphic|illustration|bild|foto|grafik|imagen|immagine|afbeelding|obraz|zdjęcie|icon|logo|banner|thumbnail");

  public AlternativeFileName() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Picture picture, Passage passage, Settings settings) {
    return NAME.matcher(picture.alternative().strip()).matches()
        ? "The alternative text is a name or a number, and does not say what is to be seen."
        : "";
  }
}

package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.HtmlPiece;
import app.blenner.core.rule.PassageFingerprint;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;

/**
 * A habit of hand-made text that can be mended wherever it was found: all of it when a text is tidied, one by one where
 * a site looks for it before going live.
 */
interface CleanUpRule extends Rule {
  /** Asked at each place where a rule was found. */
  @FunctionalInterface
  interface Ask {
    /** Whether to mend it. */
    boolean take(CleanUpSpot spot);
  }

  /** What such a rule says of itself. People tidy a text when they choose to; a site can ask for it. */
  static RuleDescriptor describeOptional(String id, String label, String why, String reference) {
    return new RuleDescriptor(
        id,
        label,
        why,
        reference,
        RuleSeverity.OFF,
        "tidying in one place",
        "tidying in %d places");
  }

  /** The same of one that is advised everywhere: what it finds is in readers' way. */
  static RuleDescriptor describeAdvised(String id, String label, String why, String reference) {
    RuleDescriptor descriptor = describeOptional(id, label, why, reference);
    return new RuleDescriptor(
        id, label, why, reference, RuleSeverity.ADVISED, descriptor.one(), descriptor.several());
  }

  /** What is wrong at a place, in a sentence. */
  String message();

  /**
   * The text with this rule mended.
   *
   * @param language of the text, a BCP 47 tag
   * @param take only where it agrees is anything changed
   */
  Document mend(Document document, String language, Ask take);

  @Override
  default List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = findAll(subject.content().body(), subject.language(), settings);
    found.addAll(findIn(subject.pieces(), subject.language(), settings));
    return found;
  }

  /** What is found in pieces of HTML, told of each piece as a whole. */
  default List<Finding> findIn(List<HtmlPiece> pieces, String language, Settings settings) {
    return pieces.stream()
        .flatMap(
            piece ->
                findAll(piece.blocks(), language, settings).stream()
                    .map(f -> f.ofAround(piece.path())))
        .toList();
  }

  /** What is found in the blocks of a text; the places are those of the text. */
  default List<Finding> findAll(Document document, String language, Settings settings) {
    List<Finding> found = new ArrayList<>();
    mend(
        document,
        language,
        spot -> {
          found.add(
              Finding.inBody(
                  this,
                  settings.severityOf(this),
                  message(),
                  spot.path(),
                  new Finding.Words(spot.from(), spot.to()),
                  PassageFingerprint.lettersOf(spot.words()),
                  List.of(fix(language, spot.from()))));
          return false;
        });
    return found;
  }

  private Fix fix(String language, int from) {
    return Fix.ofItem(
        "Mend it",
        (content, at) ->
            content.withBody(
                mend(
                    content.body(),
                    language,
                    spot -> spot.path().equals(at) && spot.from() == from)));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** An alternative text does not begin by saying that it is of a picture. */
public final class AlternativeOpening extends BasicRule implements AlternativeRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-opening",
          "Alternative texts that begin “image of”",
          "A screen reader has just said that it is a picture.",
          "Common practice; W3C, Web Accessibility Tutorials, images: tips and tricks",
          RuleSeverity.ADVISED,
          "one alternative text without its opening",
          "%d alternative texts without their openings");

  public AlternativeOpening() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Picture picture, Passage passage, Settings settings) {
    String opening = openingOf(picture);
    return opening.isEmpty() ? "" : "The alternative text begins “" + opening + "”.";
  }

  /** Only in English can the rest stand as it is: in other languages the opening decides its forms. */
  @Override
  public List<Fix> repairs(Picture picture, Passage passage) {
    String rest = picture.alternative().strip().substring(openingOf(picture).length()).strip();
    return rest.isEmpty() || !passage.language().startsWith("en")
        ? List.of()
        : List.of(
            Fix.ofBlock(
                "Take the opening out",
                b -> b instanceof Picture p ? p.withAlternative(capitalOf(rest)) : b));
  }

  private static String openingOf(Picture picture) {
    String words = picture.alternative().strip().replace('’', '\'');
    String small = words.toLowerCase(Locale.ROOT);
    // Who writes in one language often keeps the habit of another.
    return Phrases.pictureWords().stream()
        .filter(o -> small.startsWith(o) && isWhole(small, o))
        .max(Comparator.comparingInt(String::length))
        .map(o -> words.substring(0, o.length()))
        .orElse("");
  }

  private static boolean isWhole(String words, String opening) {
    int end = opening.length();
    return !Character.isLetter(opening.charAt(end - 1))
        || end == words.length()
        || !Character.isLetter(words.charAt(end));
  }

  private static String capitalOf(String words) {
    int first = words.offsetByCodePoints(0, 1);
    return words.substring(0, first).toUpperCase(Locale.ROOT) + words.substring(first);
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.language.Counts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;

/** An alternative text can be heard in one breath. */
public final class AlternativeLength extends BasicRule implements AlternativeRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-length",
          "Long alternative texts",
          "It is read out without a stop, and nobody can go back in it. What is longer belongs in the text or the caption.",
          "Common practice; W3C, Web Accessibility Tutorials, complex images",
          RuleSeverity.ADVISED,
          "a shorter alternative text",
          "%d shorter alternative texts");

  private static final Parameter MOST =
      new Parameter("most", "Most characters of an alternative text", 50, 1000, 200);

  public AlternativeLength() {
    super(TOLD, Scope.BLOCK, MOST);
  }

  @Override
  public String problemWith(Picture picture, Passage passage, Settings settings) {
    int length = Counts.countCharacters(picture.alternative());
    int most = settings.numberOf(this, MOST);
    return length <= most
        ? ""
        : "The alternative text has "
            + length
            + " characters; "
            + most
            + " are enough to be heard.";
  }
}

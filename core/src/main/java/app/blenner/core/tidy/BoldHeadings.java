package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.intake.HeadingCandidate;
import app.blenner.core.intake.HeadingEvidence;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import java.util.List;

/** Lines that play heading. */
final class BoldHeadings extends BasicRule implements CleanUpRule {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeAdvised(
          "bold-headings",
          "Lines that play heading",
          "A bold line is no heading to a search engine or a screen reader.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; failure F2, technique H42");

  BoldHeadings() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public String message() {
    return "This line plays heading, but is none.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    List<HeadingCandidate> chosen =
        HeadingEvidence.find(document).stream()
            .filter(
                c ->
                    take.take(
                        CleanUpSpot.ofBlock(
                            c.path(),
                            c.words(),
                            c.words(),
                            "Heading " + c.level() + " (" + c.because() + ")")))
            .toList();
    return chosen.isEmpty() ? document : HeadingEvidence.make(document, chosen);
  }
}

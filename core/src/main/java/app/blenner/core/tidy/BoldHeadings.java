package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.intake.HeadingCandidate;
import app.blenner.core.intake.HeadingEvidence;
import java.util.List;

/** Lines that play heading. */
final class BoldHeadings implements CleanUpRule {
  @Override
  public String id() {
    return "bold-headings";
  }

  @Override
  public String label() {
    return "Lines that play heading";
  }

  @Override
  public String why() {
    return "A bold line is no heading to a search engine or a screen reader.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    List<HeadingCandidate> chosen =
        HeadingEvidence.find(document).stream()
            .filter(
                c ->
                    take.take(
                        c.words(), c.words(), "Heading " + c.level() + " (" + c.because() + ")"))
            .toList();
    return chosen.isEmpty() ? document : HeadingEvidence.make(document, chosen);
  }
}

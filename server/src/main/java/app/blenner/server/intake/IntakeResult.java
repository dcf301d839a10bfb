package app.blenner.server.intake;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.intake.FileIntake;
import app.blenner.core.intake.HeadingCandidate;
import app.blenner.core.intake.HeadingEvidence;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.PasteMode;
import java.util.List;

/**
 * Foreign text after it was taken in.
 *
 * @param body the clean text as HTML
 * @param read how it was read
 * @param sentence what was kept and dropped, in a sentence or two
 * @param notes what else there is to know
 * @param headings the lines that look like headings
 */
record IntakeResult(
    String body, PasteMode mode, String sentence, List<String> notes, List<HeadingLine> headings) {

  /** A line that looks like a heading: what it says, which level, and what speaks for it. */
  record HeadingLine(String words, int level, String because) {
    static HeadingLine of(HeadingCandidate candidate) {
      return new HeadingLine(candidate.words(), candidate.level(), candidate.because());
    }
  }

  static IntakeResult of(Intake intake, boolean makeHeadings) {
    Document document =
        makeHeadings
            ? HeadingEvidence.make(intake.document(), intake.headings())
            : intake.document();
    return new IntakeResult(
        HtmlWriter.write(document),
        intake.read(),
        intake.report().sentence(),
        intake.report().notes(),
        intake.headings().stream().map(HeadingLine::of).toList());
  }

  /**
   * A file or page after it was taken in.
   *
   * @param title what the text is called
   */
  record ImportedFile(String title, IntakeResult result) {
    static ImportedFile of(FileIntake file) {
      return new ImportedFile(file.title(), IntakeResult.of(file.intake(), false));
    }
  }
}

package app.blenner.server.intake;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.text.Encoding;
import app.blenner.core.intake.FileIntake;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.Offer;
import app.blenner.core.intake.PasteMode;
import java.util.List;

/**
 * Foreign text after it was taken in.
 *
 * @param body the clean text as HTML
 * @param mode how it was read
 * @param other the other way that would also do; the same where there is none
 * @param sentence what was kept and dropped, in a sentence or two
 * @param notes what else there is to know
 * @param offers what it leaves open, whether or not it was taken
 */
record IntakeResult(
    String body,
    PasteMode mode,
    PasteMode other,
    String sentence,
    List<String> notes,
    List<Offered> offers) {

  /** What is offered, and the lines it concerns. */
  record Offered(Offer.Kind kind, List<Line> lines) {
    static Offered of(Offer offer) {
      return new Offered(
          offer.kind(), offer.lines().stream().map(l -> new Line(l.words(), l.about())).toList());
    }
  }

  /** A line: what it says, and what would become of it. */
  record Line(String words, String about) {}

  static IntakeResult of(Intake intake) {
    return new IntakeResult(
        HtmlWriter.write(intake.document()),
        intake.read(),
        intake.other() == null ? intake.read() : intake.other(),
        intake.report().sentence(),
        intake.report().notes(),
        intake.offers().stream().map(Offered::of).toList());
  }

  /**
   * A file or page after it was taken in.
   *
   * @param title what the text is called
   * @param encoding the encoding it was read in; without a name where its format leaves no choice
   */
  record ImportedFile(String title, IntakeResult result, ReadIn encoding) {
    static ImportedFile of(FileIntake file) {
      Encoding encoding = file.encoding();
      return new ImportedFile(
          file.title(),
          IntakeResult.of(file.intake()),
          encoding == null ? new ReadIn("", List.of()) : ReadIn.of(encoding));
    }
  }

  /** The encoding a file was read in, and others with its first lines as they would read. */
  record ReadIn(String name, List<OtherEncoding> others) {
    static ReadIn of(Encoding encoding) {
      return new ReadIn(
          encoding.name(),
          encoding.others().stream().map(o -> new OtherEncoding(o.name(), o.lines())).toList());
    }
  }

  /** An encoding a file could be in, and its first lines as they would read. */
  record OtherEncoding(String name, String lines) {}
}

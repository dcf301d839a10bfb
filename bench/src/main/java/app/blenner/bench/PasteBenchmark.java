package app.blenner.bench;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.IntakeSource;
import app.blenner.core.intake.PasteMode;
import org.jsoup.Jsoup;

/** Cleaning a paste of a word processor, beside jsoup parsing the same HTML. */
final class PasteBenchmark {
  private final IntakeSource paste;

  PasteBenchmark(int words) {
    this.paste = IntakeSource.ofHtml(SampleText.pasted(words));
  }

  public String core() {
    Intake intake = Intake.read(paste, PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
    return HtmlWriter.write(intake.document());
  }

  public Object jsoup() {
    return Jsoup.parse(paste.html());
  }
}

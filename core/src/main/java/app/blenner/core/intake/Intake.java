package app.blenner.core.intake;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.WordText;
import app.blenner.core.toolset.FilteredText;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;

/**
 * A foreign text taken in.
 *
 * @param document the clean text
 * @param read how it was read; never the plain {@link PasteMode#CLEAN} where that chose another
 * @param other the other way that would also do, where only a person can tell; else null
 * @param report what became of it
 * @param offers what it leaves open, and what was decided of that already
 */
public record Intake(
    Document document, PasteMode read, PasteMode other, IntakeReport report, List<Offer> offers) {

  /** The same with one more thing told. */
  Intake with(String sentence) {
    List<String> notes = new java.util.ArrayList<>(report.notes());
    notes.add(0, sentence);
    IntakeReport more = new IntakeReport(report.sentence(), report.kept(), report.dropped(), notes);
    return new Intake(document, read, other, more, offers);
  }

  /**
   * Takes a text in.
   *
   * @param material what came
   * @param mode how to take it
   * @param pictures where its pictures go
   * @param destination the text it will join
   * @param taken which offers are taken
   */
  public static Intake read(
      IntakeSource material,
      PasteMode mode,
      Pictures pictures,
      Destination destination,
      Set<Offer.Kind> taken) {
    IntakeReport.Tally tally = new IntakeReport.Tally();
    if (mode == PasteMode.CLEAN || mode == PasteMode.FORMATTED) {
      if (!material.html().isBlank()) {
        Element body = HtmlCleaning.clean(material.html(), mode, pictures, destination, tally);
        return tidied(body, mode, destination, taken, true, tally);
      }
      return PlainIntake.read(material.text(), PasteMode.CLEAN, destination, taken, tally);
    }
    return PlainIntake.read(characters(material, tally), mode, destination, taken, tally);
  }

  /** Takes a text in, with all it leaves open left so. */
  public static Intake read(
      IntakeSource material, PasteMode mode, Pictures pictures, Destination destination) {
    return read(material, mode, pictures, destination, Set.of());
  }

  /**
   * Takes the text of a word processor's file in.
   *
   * @param text what a reader made of the file
   * @param mode {@link PasteMode#CLEAN} or {@link PasteMode#FORMATTED}
   * @param destination the text it will join
   * @param taken which offers are taken
   */
  public static Intake read(
      WordText text, PasteMode mode, Destination destination, Set<Offer.Kind> taken) {
    IntakeReport.Tally tally = new IntakeReport.Tally();
    tally.dropped(IntakeReport.Dropped.DELETION, text.deletions());
    tally.dropped(IntakeReport.Dropped.REMARK, text.remarks());
    if (text.remarks() > 0) {
      tally.note(TrackedChanges.REMARKS_STAY);
    }
    text.notes().forEach(tally::note);
    Element body = HtmlCleaning.clean(text.body(), Pictures.NONE, destination, tally);
    return tidied(body, mode, destination, taken, false, tally);
  }

  /** HTML after all steps, made a text. */
  static Intake tidied(
      Element body,
      PasteMode mode,
      Destination destination,
      Set<Offer.Kind> taken,
      boolean fromPage,
      IntakeReport.Tally tally) {
    Document read = LineBreakCleaning.partAtDoubles(HtmlReader.read(body));
    Document dressed =
        HeadingLevels.belowTitle(
            DirectionCleaning.cleanDirections(read, destination.direction()), tally);
    Offers offers = new Offers(taken);
    // In a word processor's file a line break is somebody's; on a clipboard it may be a page's
    // edge.
    Document whole =
        fromPage ? WrappedLines.noteWraps(offers.withoutRunningLines(dressed), tally) : dressed;
    List<HeadingCandidate> headings = HeadingEvidence.find(whole);
    Document document =
        mode == PasteMode.FORMATTED
            ? FormattingCleaning.cleanFormatting(whole)
            : FormattingCleaning.off(whole, tally);
    document = offers.withLists(offers.withHeadings(document, headings));
    return done(document, mode, null, offers.all(), destination, tally);
  }

  /** A text that was read already, with what there is to tell of it. */
  static Intake of(Document document, PasteMode read, Destination destination) {
    IntakeReport.Tally tally = new IntakeReport.Tally();
    Document directed = DirectionCleaning.cleanDirections(document, destination.direction());
    return done(
        HeadingLevels.belowTitle(directed, tally), read, null, List.of(), destination, tally);
  }

  static Intake done(
      Document document,
      PasteMode read,
      PasteMode other,
      List<Offer> offers,
      Destination destination,
      IntakeReport.Tally tally) {
    Document undecided = RemotePictures.undecided(held(document, destination, tally), tally);
    ContentCounts.count(undecided, tally);
    return new Intake(undecided, read, other, tally.report(), offers);
  }

  /** The text as far as the one it joins may hold it. */
  private static Document held(
      Document document, Destination destination, IntakeReport.Tally tally) {
    if (destination.allowance() == null) {
      return document;
    }
    FilteredText held = FilteredText.of(document, destination.allowance());
    if (!held.isWhole()) {
      tally.notOffered(held.words());
    }
    return held.text();
  }

  /**
   * The characters that came, or those inside the HTML where only that came. What the HTML held besides characters is
   * told as left behind.
   */
  private static String characters(IntakeSource material, IntakeReport.Tally tally) {
    if (material.html().isBlank()) {
      return material.text();
    }
    IntakeReport.Tally all = new IntakeReport.Tally();
    Element body =
        HtmlCleaning.clean(material.html(), PasteMode.CLEAN, Pictures.NONE, Destination.NEW, all);
    Document document = HtmlReader.read(body);
    ContentCounts.count(document, all);
    tally.formLost(all);
    return material.text().isEmpty() ? wordsOf(document) : material.text();
  }

  private static String wordsOf(Document document) {
    return String.join("\n\n", RunningText.of(document));
  }
}

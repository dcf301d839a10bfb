package app.blenner.core.intake;

import app.blenner.core.document.PlainText;
import app.blenner.core.format.office.Pictures;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/** Foreign HTML, treated step by step until the reader of HTML can take it for what it means. */
final class HtmlCleaning {
  private HtmlCleaning() {}

  /**
   * A page after all steps.
   *
   * @param mode whether colours and fonts are of use, or only what they may mean
   */
  static Element clean(
      String html,
      PasteMode mode,
      Pictures pictures,
      Destination destination,
      IntakeReport.Tally tally) {
    return clean(cleanPage(html, mode), pictures, destination, tally);
  }

  /** The body of a page, with what its style sheet says written onto its elements. */
  static Element cleanPage(String html, PasteMode mode) {
    org.jsoup.nodes.Document page = Jsoup.parse(PlainText.legal(html));
    page.outputSettings().prettyPrint(false);
    StyleSheet.of(page, mode == PasteMode.FORMATTED).ifPresent(s -> s.inline(page.body()));
    return page.body();
  }

  /** A body after all steps; it is changed. */
  static Element clean(
      Element body, Pictures pictures, Destination destination, IntakeReport.Tally tally) {
    PageFeatures features = new PageFeatures(body);
    for (CleaningStep step : steps(pictures, destination)) {
      if (step.concerns(features)) {
        step.take(body, tally);
      }
    }
    return body;
  }

  /** What is done to HTML, in this order: what goes, goes before anything is counted. */
  static List<CleaningStep> steps(Pictures pictures, Destination destination) {
    return List.of(
        new TrackedChanges(),
        new HiddenContent(),
        new CodeBlocks(),
        new OwnPlaces(),
        new Footnotes(destination.names()),
        new LetterPictures(),
        new LeveledLists(),
        new PartedLists(),
        new FakedLists(),
        new WordParagraphs(),
        new HeadingRoles(),
        new TableCleaning(),
        new PictureCleaning(pictures, destination.own()),
        new BlankLines(),
        new ListNumbers(),
        new ListTables(),
        new BlockType(),
        new AnchorCleaning(destination.names()),
        new LinkCleaning(destination.own()),
        new WordDirections(),
        new Emphasis());
  }
}

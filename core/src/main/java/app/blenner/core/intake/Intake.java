package app.blenner.core.intake;

import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.text.TextReader;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/**
 * A foreign text taken in.
 *
 * @param document the clean text
 * @param read how it was read; never the plain {@link PasteMode#CLEAN} where that chose another
 * @param report what became of it
 * @param headings lines that look like headings and are not
 */
public record Intake(
    Document document, PasteMode read, Report report, List<HeadingCandidate> headings) {

  /** Signs of Markdown that no other text has: a heading, a fence, the head of a table. */
  private static final List<Pattern> STRONG_SIGNS =
      Stream.of("(?m)^#{1,6} \\S", "(?m)^(```|~~~)", "(?m)^\\|.*\\|\\s*\\n\\|[ :|-]+\\|")
          .map(Pattern::compile)
          .toList();

  /** Signs that may stand in any text by chance. */
  private static final List<Pattern> SIGNS =
      Stream.of(
              "\\[[^\\]\\n]+\\]\\([^)\\s]+\\)",
              "(?<![\\w*])\\*\\*[^*\\n]+\\*\\*(?!\\w)",
              "(?m)^[-*+] \\S.*\\n[-*+] \\S",
              "(?m)^\\d+\\. \\S.*\\n\\d+\\. \\S",
              "(?m)^> \\S")
          .map(Pattern::compile)
          .toList();

  /**
   * Takes a text in.
   *
   * @param material what came
   * @param mode how to take it
   * @param pictures where its pictures go
   * @param namesInUse names of places in the text it will join
   */
  public static Intake read(
      Material material, PasteMode mode, Pictures pictures, Set<String> namesInUse) {
    Report.Tally tally = new Report.Tally();
    return switch (mode) {
      case CLEAN, FORMATTED ->
          material.html().isBlank()
              ? plain(material.text(), tally)
              : formatted(material.html(), mode, pictures, namesInUse, tally);
      case PARAGRAPHS -> done(TextReader.paragraphs(characters(material)), mode, tally);
      case LINES -> done(TextReader.withBreaks(characters(material)), mode, tally);
      case MARKDOWN -> markdown(characters(material), tally);
    };
  }

  /**
   * Takes the text of a word processor's file in.
   *
   * @param text what a reader made of the file
   * @param mode {@link PasteMode#CLEAN} or {@link PasteMode#FORMATTED}
   * @param namesInUse names of places in the text it will join
   */
  public static Intake read(WordText text, PasteMode mode, Set<String> namesInUse) {
    Report.Tally tally = new Report.Tally();
    tally.dropped(Report.Dropped.DELETION, text.deletions());
    tally.dropped(Report.Dropped.REMARK, text.remarks());
    if (text.remarks() > 0) {
      tally.note(Tracked.REMARKS_STAY);
    }
    text.notes().forEach(tally::note);
    return tidied(washed(text.body(), Pictures.NONE, namesInUse, tally), mode, tally);
  }

  private static Intake formatted(
      String html, PasteMode mode, Pictures pictures, Set<String> namesInUse, Report.Tally tally) {
    return tidied(wash(html, pictures, namesInUse, tally), mode, tally);
  }

  private static Intake tidied(Element body, PasteMode mode, Report.Tally tally) {
    Document dressed = HeadingLevels.belowTitle(Breaks.partAtDoubles(HtmlReader.read(body)), tally);
    List<HeadingCandidate> headings = HeadingEvidence.find(dressed);
    Document document =
        mode == PasteMode.FORMATTED ? Formatting.tidy(dressed) : Formatting.off(dressed);
    Counting.count(document, tally);
    return new Intake(document, mode, tally.report(), headings);
  }

  /** The page after all steps, as the reader of HTML shall see it. */
  static Element wash(String html, Pictures pictures, Set<String> namesInUse, Report.Tally tally) {
    org.jsoup.nodes.Document page = Jsoup.parse(PlainText.legal(html));
    page.outputSettings().prettyPrint(false);
    return washed(page.body(), pictures, namesInUse, tally);
  }

  private static Element washed(
      Element body, Pictures pictures, Set<String> namesInUse, Report.Tally tally) {
    PageFeatures features = new PageFeatures(body);
    for (CleaningStep step : steps(pictures, namesInUse)) {
      if (step.concerns(features)) {
        step.take(body, tally);
      }
    }
    return body;
  }

  /** What is done to HTML, in this order: what goes, goes before anything is counted. */
  static List<CleaningStep> steps(Pictures pictures, Set<String> namesInUse) {
    return List.of(
        new Tracked(),
        new Hidden(),
        new Footnotes(namesInUse),
        new FakedLists(),
        new WordParagraphs(),
        new Tables(),
        new PictureCleaning(pictures),
        new BlankLines(),
        new BlockType(),
        new Links(),
        new Emphasis());
  }

  /** Plain text, read for what it is. */
  private static Intake plain(String text, Report.Tally tally) {
    if (looksLikeMarkdown(text)) {
      return markdown(text, tally);
    }
    Optional<Element> signed = SignedLines.read(text);
    if (signed.isPresent()) {
      return tidied(washed(signed.get(), Pictures.NONE, Set.of(), tally), PasteMode.CLEAN, tally);
    }
    if (TextReader.isBrokenByEdge(text)) {
      TextReader.Joined joined = TextReader.joined(text);
      tally.note(
          "Joined "
              + (joined.joined() == 1 ? "one line" : joined.joined() + " lines")
              + " that the edge of a page had broken.");
      return done(joined.document(), PasteMode.CLEAN, tally);
    }
    boolean spaced = PlainText.legal(text).matches("(?s).*\\S[ \\t]*\\n[ \\t]*\\n\\s*\\S.*");
    return done(
        spaced ? TextReader.withBreaks(text) : TextReader.paragraphs(text), PasteMode.CLEAN, tally);
  }

  private static Intake markdown(String text, Report.Tally tally) {
    Document document = HeadingLevels.belowTitle(MarkdownReader.read(text), tally);
    tally.note("Read as Markdown.");
    return done(document, PasteMode.MARKDOWN, tally);
  }

  /** A text that was read already, with what there is to tell of it. */
  static Intake of(Document document, PasteMode read) {
    Report.Tally tally = new Report.Tally();
    return done(HeadingLevels.belowTitle(document, tally), read, tally);
  }

  private static Intake done(Document document, PasteMode read, Report.Tally tally) {
    Counting.count(document, tally);
    return new Intake(document, read, tally.report(), List.of());
  }

  /**
   * Whether plain text is Markdown. One sign may stand in any text; two of different kinds, or a
   * heading or a fence, hardly do by chance.
   */
  static boolean looksLikeMarkdown(String text) {
    long strong = STRONG_SIGNS.stream().filter(sign -> sign.matcher(text).find()).count();
    long weak = SIGNS.stream().filter(sign -> sign.matcher(text).find()).count();
    return strong > 0 || weak > 1;
  }

  /** The characters that came, or those inside the HTML where only that came. */
  private static String characters(Material material) {
    if (!material.text().isEmpty()) {
      return material.text();
    }
    Element body = wash(material.html(), Pictures.NONE, Set.of(), new Report.Tally());
    return String.join("\n\n", RunningText.of(HtmlReader.read(body)));
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Code;
import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.text.TextReader;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;

/**
 * Plain text, read for what it is: Markdown, lines with signs, lines that the edge of a page broke, or else a paragraph
 * in each line. Nothing is done to its lines in silence, and the other way is always there.
 */
final class PlainIntake {
  /** Signs of Markdown that no other text has: a heading, a fence, the head of a table. */
  private static final List<Pattern> STRONG_SIGNS =
      Stream.of("(?m)^#{1,6} \\S", "(?m)^(```|~~~)", "(?m)^\\|.*\\|\\s*\\n\\|[ :|-]+\\|")
          .map(Pattern::compile)
          .toList();

  /** Signs that may stand in any text by chance. */
  private static final List<Pattern> SIGNS =
      Stream.of(
              "\\[[^\\[\\]\\n]+\\]\\([^()\\s]+\\)",
              "(?<![\\w*])\\*\\*[^*\\n]+\\*\\*(?!\\w)",
              "(?m)^[-*+] \\S.*\\n[-*+] \\S",
              "(?m)^\\d+\\. \\S.*\\n\\d+\\. \\S",
              "(?m)^> \\S")
          .map(Pattern::compile)
          .toList();

  private PlainIntake() {}

  static Intake read(
      String given,
      PasteMode mode,
      Destination destination,
      Set<Offer.Kind> taken,
      IntakeReport.Tally tally) {
    String text = Ligatures.replaceLigatures(DirectionalMarks.replaceMarks(given, tally), tally);
    return switch (mode) {
      case PARAGRAPHS, LINES, JOINED ->
          lines(TextReader.withBreaks(text), mode, null, destination, taken, tally);
      case MARKDOWN -> markdownOf(text, destination, tally);
      case CLEAN, FORMATTED -> recognised(text, destination, taken, tally);
    };
  }

  private static Intake recognised(
      String text, Destination destination, Set<Offer.Kind> taken, IntakeReport.Tally tally) {
    if (!hasFence(text) && CodeEvidence.isCodeByItself(text)) {
      return codeOf(text, destination, tally);
    }
    if (looksLikeMarkdown(text)) {
      return markdownOf(text, destination, tally);
    }
    Optional<Element> signed = SignedLines.read(text);
    if (signed.isPresent()) {
      Element body = HtmlCleaning.clean(signed.get(), Pictures.NONE, destination, tally);
      return judged(HtmlReader.read(body), destination, taken, tally);
    }
    return judged(TextReader.withBreaks(text), destination, taken, tally);
  }

  /** A fence says itself what is code. */
  private static boolean hasFence(String text) {
    return STRONG_SIGNS.get(1).matcher(text).find();
  }

  private static Intake codeOf(String text, Destination destination, IntakeReport.Tally tally) {
    CodeLanguage language = CodeLanguage.guess(text).orElseThrow();
    tally.note(language.note());
    String lines = text.replace("\r\n", "\n").replace('\r', '\n').stripTrailing();
    Document document = new Document(List.of(new Code(language.id(), lines)));
    return Intake.done(
        document, PasteMode.CLEAN, PasteMode.PARAGRAPHS, List.of(), destination, tally);
  }

  /** Lines taken as the evidence says. */
  private static Intake judged(
      Document lines, Destination destination, Set<Offer.Kind> taken, IntakeReport.Tally tally) {
    if (WrappedLines.isWrapped(lines)) {
      return lines(lines, PasteMode.JOINED, PasteMode.PARAGRAPHS, destination, taken, tally);
    }
    // A single line is a paragraph in any way.
    boolean broken = lines.blocks().stream().anyMatch(WrappedLines::isBroken);
    if (broken) {
      tally.note("Each line became a paragraph; nothing says that the edge of a page broke them.");
    }
    return lines(
        lines, PasteMode.PARAGRAPHS, broken ? PasteMode.JOINED : null, destination, taken, tally);
  }

  /** A file of plain text: as a paste, but lines with signs are its own, and Markdown has an ending of its own. */
  static Intake ofFile(
      String given,
      PasteMode mode,
      Destination destination,
      Set<Offer.Kind> taken,
      IntakeReport.Tally tally) {
    String text = Ligatures.replaceLigatures(DirectionalMarks.replaceMarks(given, tally), tally);
    if (mode == PasteMode.CLEAN) {
      return judged(TextReader.withBreaks(text), destination, taken, tally);
    }
    PasteMode other = mode == PasteMode.JOINED ? PasteMode.PARAGRAPHS : PasteMode.JOINED;
    return lines(TextReader.withBreaks(text), mode, other, destination, taken, tally);
  }

  private static Intake lines(
      Document lines,
      PasteMode mode,
      PasteMode other,
      Destination destination,
      Set<Offer.Kind> taken,
      IntakeReport.Tally tally) {
    Offers offers = new Offers(taken);
    Document broken = offers.withoutRunningLines(lines);
    Document made =
        switch (mode) {
          case JOINED -> WrappedLines.joinLines(broken, tally);
          case PARAGRAPHS -> LineBreakCleaning.partAtAll(broken);
          default -> broken;
        };
    Document document =
        offers.withLists(DirectionCleaning.cleanDirections(made, destination.direction()));
    return Intake.done(document, mode, other, offers.all(), destination, tally);
  }

  private static Intake markdownOf(String text, Destination destination, IntakeReport.Tally tally) {
    Document read =
        DirectionCleaning.cleanDirections(MarkdownReader.read(text), destination.direction());
    tally.note("Read as Markdown.");
    Document document = HeadingLevels.belowTitle(read, tally);
    return Intake.done(
        document, PasteMode.MARKDOWN, PasteMode.PARAGRAPHS, List.of(), destination, tally);
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
}

package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** What a text wears: colours, fonts, sizes, and the language every word of it says it is in. */
final class FormattingCleaning {
  private static final Set<Mark.Kind> HAND_MADE =
      EnumSet.of(
          Mark.Kind.FONT, Mark.Kind.SIZE, Mark.Kind.COLOUR, Mark.Kind.HIGHLIGHT, Mark.Kind.STYLE);

  private FormattingCleaning() {}

  /** The text as {@link #cleanFormatting} has it, and without colours, fonts, sizes and alignment. */
  static Document off(Document document, IntakeReport.Tally tally) {
    String most = mostSaid(document);
    return document.map(
        block -> cleanFormatting(plain(block, tally), most, FormattingCleaning::isHandMade));
  }

  private static Block plain(Block block, IntakeReport.Tally tally) {
    if (block instanceof Paragraph p && !p.style().isPlain()) {
      return new Paragraph(p.content(), plain(p.style(), tally));
    } else if (block instanceof Heading h && !h.style().isPlain()) {
      return new Heading(h.level(), h.anchor(), h.content(), plain(h.style(), tally));
    }
    return block;
  }

  /** Which way lines run is no formatting. */
  private static BlockStyle plain(BlockStyle style, IntakeReport.Tally tally) {
    if (style.align() == BlockStyle.Align.JUSTIFIED) {
      tally.dropped(IntakeReport.Dropped.JUSTIFIED, 1);
    } else if (style.align() == BlockStyle.Align.CENTRE
        || style.align() == BlockStyle.Align.RIGHT) {
      tally.dropped(IntakeReport.Dropped.ALIGNED, 1);
    }
    return BlockStyle.PLAIN.directed(style.direction());
  }

  private static boolean isHandMade(Mark mark) {
    return mark instanceof Mark.Valued v && HAND_MADE.contains(v.kind());
  }

  /**
   * The text without what says nothing: underlines that only links wear, bold of whole headings, and
   * the language that most of the words are in anyway.
   */
  static Document cleanFormatting(Document document) {
    String most = mostSaid(document);
    return document.map(block -> cleanFormatting(block, most, m -> false));
  }

  private static Block cleanFormatting(Block block, String language, Predicate<Mark> more) {
    boolean boldHeading =
        block instanceof Heading h && h.content().stream().allMatch(FormattingCleaning::isStrong);
    return block.mapInlines(
        inline -> {
          boolean link = inline.marks().link().isPresent();
          return inline.withMarks(
              inline
                  .marks()
                  .without(
                      m ->
                          (link && m == Mark.Plain.UNDERLINE)
                              || (boldHeading && m == Mark.Plain.STRONG)
                              || (m instanceof Mark.Valued v && isLanguage(v, language))
                              || more.test(m)));
        });
  }

  private static boolean isStrong(Inline inline) {
    return inline.marks().all().contains(Mark.Plain.STRONG);
  }

  private static boolean isLanguage(Mark.Valued mark, String primary) {
    String tag = mark.value();
    int end = primary.length();
    return mark.kind() == Mark.Kind.LANGUAGE
        && tag.startsWith(primary)
        && (tag.length() == end || tag.charAt(end) == '-');
  }

  private static String primaryOf(String tag) {
    int hyphen = tag.indexOf('-');
    return hyphen < 0 ? tag : tag.substring(0, hyphen);
  }

  private static String mostSaid(Document document) {
    Map<String, Integer> said = new HashMap<>();
    document.each(
        block -> {
          for (Inline i : block.content()) {
            if (i instanceof Text t) {
              said.merge(
                  t.marks().valueOf(Mark.Kind.LANGUAGE, ""), t.text().length(), Integer::sum);
            }
          }
        });
    Map<String, Integer> primaries = new HashMap<>();
    said.forEach((tag, length) -> primaries.merge(primaryOf(tag), length, Integer::sum));
    return primaries.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse("");
  }
}

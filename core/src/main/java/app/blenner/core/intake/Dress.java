package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Contents;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Paragraph;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** What a text wears: colours, fonts, sizes, and the language every word of it says it is in. */
final class Dress {
  private static final Set<Mark.Kind> HAND_MADE =
      Set.of(
          Mark.Kind.FONT, Mark.Kind.SIZE, Mark.Kind.COLOUR, Mark.Kind.HIGHLIGHT, Mark.Kind.STYLE);

  private Dress() {}

  /** The text without colours, fonts, sizes and alignment. */
  static Document off(Document document) {
    return document.map(Dress::plain);
  }

  private static Block plain(Block block) {
    Block bare = block;
    if (block instanceof Paragraph p && !p.style().equals(BlockStyle.PLAIN)) {
      bare = new Paragraph(p.content(), BlockStyle.PLAIN);
    } else if (block instanceof Heading h && !h.style().equals(BlockStyle.PLAIN)) {
      bare = new Heading(h.level(), h.anchor(), h.content(), BlockStyle.PLAIN);
    }
    return Contents.change(
        bare,
        content ->
            content.stream().map(i -> i.withMarks(i.marks().without(Dress::isHandMade))).toList());
  }

  private static boolean isHandMade(Mark mark) {
    return mark instanceof Mark.Valued v && HAND_MADE.contains(v.kind());
  }

  /**
   * The text without what says nothing: underlines that only links wear, bold of whole headings, and
   * the language that most of the words are in anyway.
   */
  static Document tidy(Document document) {
    String most = mostSaid(document);
    return document.map(
        block ->
            Contents.change(
                block,
                content -> {
                  boolean boldHeading =
                      block instanceof Heading && content.stream().allMatch(Dress::isStrong);
                  return content.stream().map(i -> tidy(i, boldHeading, most)).toList();
                }));
  }

  private static boolean isStrong(Inline inline) {
    return inline.marks().all().contains(Mark.Plain.STRONG);
  }

  private static Inline tidy(Inline inline, boolean boldHeading, String language) {
    boolean link = inline.marks().link().isPresent();
    return inline.withMarks(
        inline
            .marks()
            .without(
                m ->
                    (link && m == Mark.Plain.UNDERLINE)
                        || (boldHeading && m == Mark.Plain.STRONG)
                        || (m instanceof Mark.Valued v && isLanguage(v, language))));
  }

  private static boolean isLanguage(Mark.Valued mark, String primary) {
    return mark.kind() == Mark.Kind.LANGUAGE && primary(mark.value()).equals(primary);
  }

  private static String primary(String tag) {
    return tag.replaceFirst("-.*", "");
  }

  private static String mostSaid(Document document) {
    Map<String, Integer> said = new HashMap<>();
    document.walk(
        (path, block) -> {
          for (Inline i : Contents.of(block)) {
            int length = i instanceof app.blenner.core.document.Text t ? t.text().length() : 0;
            String language = i.marks().value(Mark.Kind.LANGUAGE).orElse("");
            said.merge(primary(language), length, Integer::sum);
          }
        });
    return said.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse("");
  }
}

package app.blenner.core.preflight.typesetting;

import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Paragraph;
import app.blenner.core.rule.Place;
import app.blenner.core.typeset.Measure;
import app.blenner.core.typeset.MeasuredText;
import java.util.Optional;

/** Paragraphs whose lines are known: those that fill the column of the text. In a cell or a column nobody knows how wide it is. */
final class MeasuredParagraphs {
  private MeasuredParagraphs() {}

  /** A paragraph as it is set; empty where it is none, or its lines are not known. */
  static Optional<MeasuredText> set(Place place, String language) {
    return place.path().steps().size() <= 1
            && place.block() instanceof Paragraph p
            && isUsual(p.style())
        ? MeasuredText.of(p.content(), language, Measure.TEXT_SIZE)
        : Optional.empty();
  }

  private static boolean isUsual(BlockStyle style) {
    return style.indent() == 0 && !style.dropCap() && style.name().isEmpty();
  }
}

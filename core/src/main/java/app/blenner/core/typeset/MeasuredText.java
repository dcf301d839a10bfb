package app.blenner.core.typeset;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Running text in the size of a page, of which is known where its lines may break and how wide each stretch is. */
public final class MeasuredText {
  private static final char NO_BREAK_SPACE = '\u00A0';

  private final String text;

  /** The width of each character, in pixels. */
  private final double[] widths;

  /** How much each is set away from the one before, in pixels. */
  private final double[] between;

  private final boolean[] mayBreak;

  private MeasuredText(String text, double[] widths, double[] between, boolean[] mayBreak) {
    this.text = text;
    this.widths = widths;
    this.between = between;
    this.mayBreak = mayBreak;
  }

  /**
   * A line.
   *
   * @param from its first character within the text
   * @param to the character after its last, without the spaces that hang at its end
   * @param width how wide it is without them, in pixels
   * @param forced whether somebody broke it, or the text ends with it
   */
  public record Line(int from, int to, double width, boolean forced) {}

  /**
   * Running text as it is set.
   *
   * @param language a BCP 47 tag
   * @param size in pixels
   * @return empty where it holds letters or a dress of which the widths are not known
   */
  public static Optional<MeasuredText> of(List<Inline> content, String language, double size) {
    String text = Inlines.textOf(content);
    double[] widths = new double[text.length()];
    double[] between = new double[text.length()];
    int at = 0;
    FontMetrics before = null;
    for (Inline inline : content) {
      FontMetrics face = face(inline);
      if (face == null) {
        return Optional.empty();
      }
      int end = at + (inline instanceof LineBreak ? 1 : Inlines.textOf(List.of(inline)).length());
      for (int i = at; i < end; i++) {
        char c = text.charAt(i);
        if (c != '\n') {
          double width = face.widthOf(c);
          if (width == FontMetrics.UNKNOWN) {
            return Optional.empty();
          }
          widths[i] = width * size;
          boolean joins = i > 0 && (i > at || face == before) && text.charAt(i - 1) != '\n';
          char earlier = i > 1 ? text.charAt(i - 2) : 0;
          between[i] = joins ? face.kerningBetween(earlier, text.charAt(i - 1), c) * size : 0;
        }
      }
      at = end;
      before = face;
    }
    return Optional.of(new MeasuredText(text, widths, between, breaks(text, language)));
  }

  private static FontMetrics face(Inline inline) {
    boolean bold = false;
    boolean italic = false;
    for (Mark mark : inline.marks().all()) {
      if (mark == Mark.Plain.STRONG) {
        bold = true;
      } else if (mark == Mark.Plain.EMPHASIS) {
        italic = true;
      } else if (mark instanceof Mark.Plain p
          ? p != Mark.Plain.UNDERLINE && p != Mark.Plain.STRIKETHROUGH
          : mark instanceof Mark.Valued v && changesWidth(v.kind())) {
        return null;
      }
    }
    return bold
        ? (italic ? FontMetrics.BOLD_ITALIC : FontMetrics.BOLD)
        : italic ? FontMetrics.ITALIC : FontMetrics.REGULAR;
  }

  private static boolean changesWidth(Mark.Kind kind) {
    return switch (kind) {
      case LANGUAGE, ABBREVIATION, COLOUR, HIGHLIGHT -> false;
      default -> true;
    };
  }

  /** Before which characters a line may begin, the place behind the last with them. Unicode Standard Annex #14. */
  static boolean[] breaks(String text, String language) {
    boolean[] may = new boolean[text.length() + 1];
    BreakIterator lines = BreakIterator.getLineInstance(ULocale.forLanguageTag(language));
    lines.setText(text);
    for (int i = lines.first(); i != BreakIterator.DONE; i = lines.next()) {
      may[i] = true;
    }
    return may;
  }

  /** The characters. */
  public String text() {
    return text;
  }

  /** How wide a stretch is by itself, in pixels. */
  double width(int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += widths[i] + (i > from ? between[i] : 0);
    }
    return sum;
  }

  /** Its lines in a measure: as many words in each as it holds, a word that is too long for one broken where it must be. */
  public List<Line> lines(double measure) {
    List<Line> out = new ArrayList<>();
    int from = 0;
    while (from < text.length()) {
      int end = lineEnd(from, measure);
      int to = end;
      boolean forced = end == text.length() || text.charAt(end - 1) == '\n';
      while (to > from && hangs(text.charAt(to - 1))) {
        to--;
      }
      double width = width(from, to) + (to > from ? hanging(to - 1) : 0);
      out.add(new Line(from, to, width, forced));
      from = end;
    }
    return out;
  }

  /** The first character of the next line. */
  private int lineEnd(int from, double measure) {
    double width = 0;
    int last = from;
    for (int i = from; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\n') {
        return i + 1;
      }
      width += widths[i] + (i > from ? between[i] : 0);
      // Spaces at the end hang beyond the measure. Browsers reckon in 64ths of a pixel.
      if (!hangs(c) && width + hanging(i) > measure + 1.0 / 64) {
        return last > from ? last : Math.max(i, from + 1);
      }
      if (mayBreak[i + 1]) {
        last = i + 1;
      }
    }
    return text.length();
  }

  /** How much a letter moves for the sake of a space behind it: that it keeps although the space hangs beyond the measure. */
  private double hanging(int last) {
    return last + 1 < text.length() && hangs(text.charAt(last + 1)) ? between[last + 1] : 0;
  }

  private static boolean hangs(char c) {
    return c == ' ' || c == '\n' || (c >= '\u2002' && c <= '\u200A' && c != '\u2007');
  }

  /** The spaces within a line that justifying makes wider. */
  List<Integer> spaces(Line line) {
    List<Integer> out = new ArrayList<>();
    for (int i = line.from(); i < line.to(); i++) {
      if (text.charAt(i) == ' ' || text.charAt(i) == NO_BREAK_SPACE) {
        out.add(i);
      }
    }
    return out;
  }
}

package app.blenner.core.face;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;

/**
 * How wide a title is among the results of a search. They are set at 20 pixels in a plain sans (common practice); the font
 * measured is Liberation Sans, which is as wide, letter for letter, as what most screens have.
 */
public final class TitleWidth {
  /** Where the font is found among what the application ships with; pages that show a result take it from there too. */
  public static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  /** The size of a title, in pixels. */
  public static final int SIZE = 20;

  /** Beyond what a title may have; what comes after it is not seen anyway. */
  private static final int LONGEST = 1_000;

  private static final Font SANS = font();

  private static final FontRenderContext EXACT =
      new FontRenderContext(new AffineTransform(), true, true);

  private TitleWidth() {}

  /** The width in pixels; of letters the font does not have, of East Asian ones for example, a good guess. */
  public static double of(String title) {
    double sum = 0;
    int end = Math.min(title.length(), LONGEST);
    int at = 0;
    while (at < end) {
      boolean has = SANS.canDisplay(title.codePointAt(at));
      int from = at;
      while (at < end && SANS.canDisplay(title.codePointAt(at)) == has) {
        at += Character.charCount(title.codePointAt(at));
      }
      String run = title.substring(from, Math.min(at, title.length()));
      sum += has ? new TextLayout(run, SANS, EXACT).getAdvance() : guessed(run);
    }
    return sum;
  }

  /** Wide letters are as wide as they are high, others a little more than half that. Source: Unicode Annex 11. */
  private static double guessed(String run) {
    return run.codePoints()
        .mapToDouble(
            c ->
                switch (UCharacter.getIntPropertyValue(c, UProperty.EAST_ASIAN_WIDTH)) {
                  case UCharacter.EastAsianWidth.WIDE, UCharacter.EastAsianWidth.FULLWIDTH -> SIZE;
                  default -> UCharacter.getType(c) == UCharacter.NON_SPACING_MARK ? 0 : SIZE * 0.55;
                })
        .sum();
  }

  private static Font font() {
    try (InputStream in = TitleWidth.class.getResourceAsStream(FONT)) {
      return Font.createFont(Font.TRUETYPE_FONT, in)
          .deriveFont((float) SIZE)
          .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException(e);
    }
  }
}

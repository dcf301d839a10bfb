package app.blenner.core.house;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.house.Contrast.Level;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The house style's measures. */
public class ContrastTest {

  /**
   * WCAG 2.2, glossary, "contrast ratio": ratios reach from 1 to 21. The grey values are the well-known
   * thresholds of its formula: #767676 is the lightest grey that passes AA on white, #949494 the
   * lightest that passes for large text, #595959 the lightest that passes AAA (from memory).
   */
  @DataProvider
  public Object[][] ratios() {
    return new Object[][] {
      {"#000000", "#ffffff", 21.0},
      {"#ffffff", "#ffffff", 1.0},
      {"#767676", "#ffffff", 4.54},
      {"#777777", "#ffffff", 4.47},
      {"#949494", "#ffffff", 3.03},
      {"#595959", "#ffffff", 7.0},
      {"#ff0000", "#ffffff", 3.99},
      {"#0000ff", "#ffffff", 8.59},
      {"#ffff00", "#ffffff", 1.07},
    };
  }

  @Test(dataProvider = "ratios")
  public void ratiosAreThoseOfWcag(String text, String ground, double ratio) {
    assertEquals(Math.floor(Contrast.ratioOf(text, ground) * 100) / 100, ratio, 0.011);
    assertEquals(Contrast.ratioOf(ground, text), Contrast.ratioOf(text, ground), 1e-12);
  }

  /** Success criterion 1.4.3: 4.5 for text, 3 for large text; what is below is not rounded up. */
  @Test
  public void levelsAreThoseOfSuccessCriterion143() {
    assertEquals(Contrast.judge("#767676", "#fff").level(), Level.PASSED);
    assertEquals(Contrast.judge("#777777", "#fff").level(), Level.LARGE_ONLY);
    assertEquals(Contrast.judge("#949494", "white").level(), Level.LARGE_ONLY);
    assertEquals(Contrast.judge("#959595", "white").level(), Level.FAILED);
  }

  /** A half transparent black over white is the middle grey it is seen as. */
  @Test
  public void whatIsNotOpaqueIsMixedWithItsGround() {
    double mixed = Contrast.ratioOf("#00000080", "#ffffff");
    assertEquals(mixed, Contrast.ratioOf("#7f7f7f", "#ffffff"), 0.01);
    assertEquals(Contrast.ratioOf("#00000000", "#a63a1b"), 1.0, 1e-9);
  }

  @Test
  public void whatIsNoColourIsSaidPlainly() {
    Contrast.Judgement told = Contrast.judge("reddish", "#fff");
    assertEquals(told.colour(), "");
    assertTrue(told.sentence().startsWith("“reddish” is not a colour."), told.sentence());
    assertEquals(Contrast.judge("rgb(28, 34, 51)", "#fff").colour(), "#1c2233");
  }

  @Test
  public void namedStylesBecomeCssAndNothingElseDoes() {
    HouseStyle house =
        new HouseStyle(
            List.of(),
            List.of(),
            List.of(),
            List.of(
                new HouseStyle.NamedStyle(
                    "lead",
                    "Lead",
                    Map.of(
                        "font-size", "1.2em",
                        "position", "fixed",
                        "color", "red; } body { display: none"))));
    assertEquals(house.stylesheet(), ".article .style-lead { font-size: 1.2em }\n");
  }
}

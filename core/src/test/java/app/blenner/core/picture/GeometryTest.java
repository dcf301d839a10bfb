package app.blenner.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Crops, ratios, focus and turns, by worked examples and by what must hold for all of them. */
public class GeometryTest {
  /**
   * Which corner of the upright picture the first stored pixel is, and where its line runs. Source: CIPA DC-008 (Exif 2.32),
   * 4.6.4 A, Orientation: “the 0th row is at the visual …, and the 0th column is the visual …”.
   */
  @DataProvider
  public Object[][] orientations() {
    return new Object[][] {
      {1, "top", "left"},
      {2, "top", "right"},
      {3, "bottom", "right"},
      {4, "bottom", "left"},
      {5, "left", "top"},
      {6, "right", "top"},
      {7, "right", "bottom"},
      {8, "left", "bottom"},
    };
  }

  private static boolean isAt(String side, int x, int y, Size upright) {
    return switch (side) {
      case "top" -> y == 0;
      case "bottom" -> y == upright.height() - 1;
      case "left" -> x == 0;
      default -> x == upright.width() - 1;
    };
  }

  @Test(dataProvider = "orientations")
  public void exifOrientationsStandUpright(int orientation, String row, String column) {
    Size stored = new Size(5, 3);
    Orientation turn = Orientation.ofExif(orientation);
    Size upright = turn.of(stored);
    assertEquals(upright, orientation < 5 ? stored : new Size(3, 5));
    List<Orientation.Pixel> seen = new ArrayList<>();
    for (int y = 0; y < upright.height(); y++) {
      for (int x = 0; x < upright.width(); x++) {
        Orientation.Pixel from = turn.source(x, y, stored);
        assertEquals(from.y() == 0, isAt(row, x, y, upright), "row 0 is at the " + row);
        assertEquals(from.x() == 0, isAt(column, x, y, upright), "column 0 is at the " + column);
        seen.add(from);
      }
    }
    assertEquals(seen.stream().distinct().count(), 15, "every pixel once");
  }

  @Test
  public void turnsAddUp() {
    Size stored = new Size(4, 7);
    for (int a = 1; a <= 8; a++) {
      for (int b = 1; b <= 8; b++) {
        Orientation first = Orientation.ofExif(a);
        Orientation second = Orientation.ofExif(b);
        Orientation both = first.andThen(second);
        Size upright = both.of(stored);
        assertEquals(upright, second.of(first.of(stored)));
        for (int x = 0; x < upright.width(); x++) {
          for (int y = 0; y < upright.height(); y++) {
            Orientation.Pixel half = second.source(x, y, first.of(stored));
            assertEquals(
                both.source(x, y, stored), first.source(half.x(), half.y(), stored), a + ", " + b);
          }
        }
      }
    }
  }

  @Test
  public void aPartOfTheUprightPictureIsFoundWhereItIsStored() {
    Size stored = new Size(40, 30);
    for (int o = 1; o <= 8; o++) {
      Orientation turn = Orientation.ofExif(o);
      Crop part = new Crop(0.1, 0.2, 0.3, 0.4);
      Crop.Area seen = part.of(turn.of(stored));
      Crop.Area kept = turn.stored(part).of(stored);
      Orientation.Pixel corner = turn.source(seen.x(), seen.y(), stored);
      assertEquals(turn.of(kept.size()), seen.size(), "orientation " + o);
      assertTrue(
          corner.x() >= kept.x() && corner.x() < kept.x() + kept.size().width(),
          "orientation " + o);
      assertTrue(
          corner.y() >= kept.y() && corner.y() < kept.y() + kept.size().height(),
          "orientation " + o);
    }
  }

  /** A picture of 1500 × 1000, worked out by hand. */
  @DataProvider
  public Object[][] crops() {
    return new Object[][] {
      // 16:9 of 1500 wide is 843.75 high: 1000 - 843.75 = 156.25 go, half of it above.
      {new Ratio(16, 9), new Focus(0.5, 0.5), 0, 78, 1500, 844},
      // With the focus near the upper edge all of it goes below.
      {new Ratio(16, 9), new Focus(0.5, 0.1), 0, 0, 1500, 844},
      // With the focus at 600 the middle of the 844 is there: from 178 to 1022 is too far, so to
      // the edge.
      {new Ratio(16, 9), new Focus(0.5, 0.6), 0, 156, 1500, 844},
      // A square of 1000 around 900 reaches from 400 to 1400.
      {new Ratio(1, 1), new Focus(0.6, 0.5), 400, 0, 1000, 1000},
      {new Ratio(1, 1), new Focus(1, 1), 500, 0, 1000, 1000},
      {new Ratio(3, 2), new Focus(0, 0), 0, 0, 1500, 1000},
    };
  }

  @Test(dataProvider = "crops")
  public void automaticCropsRespectTheFocus(
      Ratio ratio, Focus focus, int x, int y, int width, int height) {
    Size size = new Size(1500, 1000);
    assertEquals(
        Crop.aroundFocus(size, ratio, focus).of(size),
        new Crop.Area(x, y, new Size(width, height)));
  }

  @Test
  public void theFocusIsAlwaysInSightAndNothingStandsOut() {
    for (int w = 1; w < 4000; w = w * 3 + 1) {
      for (int h = 1; h < 4000; h = h * 2 + 3) {
        Size size = new Size(w, h);
        for (Ratio ratio : List.of(Ratio.WIDE, Ratio.SQUARE, new Ratio(2, 3), new Ratio(100, 1))) {
          for (double f = 0; f <= 1; f += 0.125) {
            Focus focus = new Focus(f, 1 - f);
            Crop crop = Crop.aroundFocus(size, ratio, focus);
            assertTrue(
                crop.left() <= focus.x() + 1e-9
                    && crop.left() + crop.width() >= focus.x() - 1e-9
                    && crop.top() <= focus.y() + 1e-9
                    && crop.top() + crop.height() >= focus.y() - 1e-9,
                size + " " + ratio + " " + focus);
            Crop.Area area = crop.of(size);
            assertTrue(area.x() >= 0 && area.x() + area.size().width() <= w, size + " " + area);
            assertTrue(area.y() >= 0 && area.y() + area.size().height() <= h, size + " " + area);
            assertTrue(crop.width() == 1 || crop.height() == 1, "as large as it can be");
          }
        }
      }
    }
  }

  @Test
  public void aPartOfAPartIsAPartOfTheWhole() {
    Crop outer = new Crop(0.2, 0.4, 0.5, 0.5);
    Crop inner = outer.withinCrop(new Crop(0.5, 0, 0.5, 1));
    assertEquals(inner.left(), 0.45, 1e-9);
    assertEquals(inner.width(), 0.25, 1e-9);
    assertEquals(inner.top(), 0.4, 1e-9);
    assertEquals(inner.height(), 0.5, 1e-9);
    assertEquals(outer.focus(new Focus(0.45, 0.4)), new Focus(0.5, 0));
    assertEquals(outer.focus(new Focus(0.9, 0.9)), new Focus(1, 1));
  }

  @Test
  public void editsAreSpeltAndReadBack() {
    for (PictureEdit edit :
        List.of(
            PictureEdit.NONE,
            new PictureEdit(new Orientation(1, false), Crop.WHOLE),
            new PictureEdit(new Orientation(3, true), new Crop(0.25, 0.125, 0.5, 0.333333)))) {
      assertEquals(PictureEdit.parse(edit.toString()), Optional.of(edit), edit.toString());
    }
    assertEquals(PictureEdit.parse("turn 9"), Optional.empty());
    assertEquals(
        new PictureEdit(new Orientation(1, false), Crop.WHOLE).of(new Size(300, 200)),
        new Size(200, 300));
  }

  @Test
  public void renditionsAreNamedAndReadBack() {
    for (String name : List.of("640", "640-16x9", "1440-1x1")) {
      assertEquals(Rendition.parse(name, "webp").orElseThrow().name(), name);
    }
    for (String name :
        List.of("", "0", "640-", "640-0x9", "640-16x9x2", "-640", "99999999", "640-101x1")) {
      assertEquals(Rendition.parse(name, "webp"), Optional.empty(), name);
    }
    assertEquals(Rendition.parse("640", "gif"), Optional.empty());
    Rendition wide = Rendition.parse("640-16x9", "jpg").orElseThrow();
    assertEquals(wide.of(new Size(1500, 1000)), new Size(640, 360));
    assertEquals(
        Rendition.parse("640", "jpg").orElseThrow().of(new Size(1500, 1000)), new Size(640, 427));
  }

  @Test
  public void widthsGoInStepsAndNeverBeyondThePicture() {
    assertEquals(Widths.of(1000), List.of(160, 240, 360, 480, 720, 1000));
    assertEquals(Widths.of(720), List.of(160, 240, 360, 480, 720));
    assertEquals(Widths.of(12), List.of(12));
    assertEquals(Widths.of(6000).get(8), Integer.valueOf(2560));
    assertEquals(Widths.of(6000).size(), 9);
    assertEquals(Widths.atLeast(6000, 721), 1080);
    assertEquals(Widths.atLeast(1000, 2000), 1000);
    assertEquals(Widths.cut(new Size(1500, 1000), Ratio.SQUARE), 1000);
    assertThrows(IllegalArgumentException.class, () -> new Size(0, 3));
  }
}

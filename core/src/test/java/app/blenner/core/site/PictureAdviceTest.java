package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Side;
import app.blenner.core.document.Width;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** Advice on pictures by worked examples, on a measure of 640 pixels and 832 for what is wide. */
public class PictureAdviceTest {
  private static SiteAsset picture(String type, int width, int height, long bytes, boolean moves) {
    return new SiteAsset("a", type, bytes, width, height, moves, "", "t", false);
  }

  private static String said(SiteAsset asset, String width, Side side) {
    return PictureAdvice.of(asset, Width.parse(width), side).stream()
        .map(PictureAdvice::says)
        .collect(Collectors.joining(" "));
  }

  @Test
  public void enlargement() {
    SiteAsset small = picture("image/jpeg", 400, 300, 40_000, false);
    List<PictureAdvice> wide = PictureAdvice.of(small, Width.OWN, Side.WIDE);
    assertTrue(wide.get(0).says().contains("enlarged by 108 %"), wide.toString()); // 832 of 400
    assertEquals(wide.get(0).width(), "400px");
    assertTrue(said(small, "500px", Side.NONE).contains("enlarged by 25 %"));
    assertTrue(said(small, "100%", Side.NONE).contains("enlarged by 60 %")); // 640 of 400
    assertTrue(!said(small, "60%", Side.NONE).contains("enlarged")); // 384
    assertTrue(!said(small, "", Side.NONE).contains("enlarged"), "as wide as it is");
    assertEquals(said(picture("image/svg+xml", 40, 30, 400, false), "100%", Side.NONE), "");
  }

  @Test
  public void paper() {
    // 640 pixels of 96 to an inch are 6.67 inches; 150 dots to an inch make 1000.
    assertEquals(said(picture("image/jpeg", 1000, 700, 90_000, false), "", Side.NONE), "");
    assertTrue(
        said(picture("image/jpeg", 900, 700, 90_000, false), "", Side.NONE).contains("135 dots"));
  }

  @Test
  public void weightLettersAndFormat() {
    assertTrue(
        said(picture("image/gif", 1000, 600, 4_300_000, true), "", Side.NONE).contains("4.3 MB"));
    assertEquals(said(picture("image/jpeg", 6000, 4000, 24_000_000, false), "", Side.NONE), "");
    String chart = said(picture("image/png", 1800, 900, 60_000, false), "", Side.NONE);
    assertTrue(chart.contains("20 % as large") && chart.contains("lower than 60 pixels"), chart);
    String photo = said(picture("image/png", 1000, 1000, 1_900_000, false), "", Side.NONE);
    assertTrue(photo.contains("photograph"), photo);
    assertEquals(said(picture("audio/mpeg", 0, 0, 9_000_000, false), "", Side.NONE), "");
  }
}

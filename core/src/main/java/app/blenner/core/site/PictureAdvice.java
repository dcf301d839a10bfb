package app.blenner.core.site;

import app.blenner.core.document.Side;
import app.blenner.core.document.Width;
import app.blenner.core.media.FileType;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Plain advice on a picture at the place where it is used, judged by what readers get of it and how large it is shown.
 * Sources: common practice; for paper, 150 dots per inch as what still looks sharp at arm's length (common practice).
 *
 * @param says what is not as good as it could be, in a sentence
 * @param remedy what helps, in a sentence
 * @param width the width that puts it right, as CSS has it; empty where another width does not
 */
public record PictureAdvice(String says, String remedy, String width) {
  /** The narrowest screen in wide use, and the size that letters need on it, in CSS pixels; common practice. */
  private static final int PHONE = 360;

  private static final int LEGIBLE = 12;

  /** A picture that is given to readers as it is may weigh so much, in bytes. */
  private static final long HEAVY = 1_000_000;

  /** CSS Values 4, 6.2: pixels to an inch, on paper too. */
  private static final double PIXELS_PER_INCH = 96;

  private static final int SHARP_ON_PAPER = 150;

  /** Photographs have more bytes than this to a pixel as PNG, drawings far fewer. */
  private static final double PHOTOGRAPH = 1.2;

  /** What is to be said of a picture in a text. */
  public static List<PictureAdvice> of(SiteAsset asset, Width width, Side side) {
    if (asset.size().isEmpty()) {
      return List.of();
    }
    int shown = Sizes.onWideScreen(width, side, asset.width());
    return Stream.of(onSharpness(asset, shown), onWeight(asset), onPhones(asset), onFormat(asset))
        .flatMap(Optional::stream)
        .toList();
  }

  private static Optional<PictureAdvice> onSharpness(SiteAsset asset, int shown) {
    int own = asset.width();
    if (asset.mediaType().equals(FileType.SVG.mediaType())) {
      return Optional.empty();
    }
    if (shown > own) {
      return Optional.of(
          new PictureAdvice(
              "It is shown "
                  + shown
                  + " pixels wide and has only "
                  + own
                  + ": enlarged by "
                  + percent((double) shown / own - 1)
                  + ", it looks blurred.",
              "Show it as wide as it is, or bring a larger one in.",
              own + "px"));
    }
    double dots = own / (shown / PIXELS_PER_INCH);
    if (dots >= SHARP_ON_PAPER || asset.moves()) {
      return Optional.empty();
    }
    return Optional.of(
        new PictureAdvice(
            "Printed, it has "
                + Math.round(dots)
                + " dots to an inch; from "
                + SHARP_ON_PAPER
                + " it looks sharp.",
            "It does for screens. For paper bring one in that is "
                + Math.round(shown / PIXELS_PER_INCH * SHARP_ON_PAPER)
                + " pixels wide.",
            ""));
  }

  private static Optional<PictureAdvice> onWeight(SiteAsset asset) {
    if (asset.hasRenditions() || asset.bytes() <= HEAVY) {
      return Optional.empty();
    }
    return Optional.of(
        new PictureAdvice(
            String.format(
                Locale.ROOT,
                "Every reader loads all of it, %.1f MB, on a phone too.",
                asset.bytes() / 1e6),
            asset.moves()
                ? "Bring it in as a film: that has a tenth of the weight, and can be stopped."
                : "Save it with fewer points, or bring it in as a picture of pixels.",
            ""));
  }

  private static Optional<PictureAdvice> onPhones(SiteAsset asset) {
    int own = asset.width();
    boolean drawn = asset.mediaType().equals("image/png") || asset.mediaType().equals("image/gif");
    if (!drawn || own < 3 * PHONE) {
      return Optional.empty();
    }
    return Optional.of(
        new PictureAdvice(
            "On a phone it is "
                + Math.round(100.0 * PHONE / own)
                + " % as large. Letters in it that are lower than "
                + own * LEGIBLE / PHONE
                + " pixels cannot be read there.",
            "Say in the text what they say, or cut the picture to what matters.",
            ""));
  }

  private static Optional<PictureAdvice> onFormat(SiteAsset asset) {
    boolean photograph =
        asset.mediaType().equals(FileType.PNG.mediaType())
            && asset.bytes() > PHOTOGRAPH * asset.width() * asset.height();
    return photograph
        ? Optional.of(
            new PictureAdvice(
                "It seems to be a photograph, and is a PNG, a format for drawings.",
                "As a JPEG it would weigh a fraction in browsers that know no WebP.",
                ""))
        : Optional.empty();
  }

  private static String percent(double share) {
    return Math.round(share * 100) + " %";
  }
}

package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import app.blenner.core.picture.Rendition;
import app.blenner.core.picture.Size;
import app.blenner.core.picture.Widths;
import java.util.stream.Collectors;

/**
 * The elements by which a browser picks the size of a picture that its screen needs. Source: HTML Living Standard, 4.8.2
 * and 4.8.4.2.
 *
 * @param asset the picture
 * @param alternative its alternative text; null where nobody said
 * @param sizes how wide the page shows it, as the attribute has it
 * @param ratio the shape it is cut to, or null
 * @param first whether it is the first on its page, and so asked for early
 * @param words the words of the language of its page
 */
record PictureTag(
    SiteAsset asset,
    String alternative,
    String sizes,
    Ratio ratio,
    boolean first,
    SiteWords words) {

  void write(HtmlOut out) {
    if (asset.gone()) {
      gone(out);
      return;
    }
    if (!asset.hasRenditions()) {
      out.open("img").attribute("src", asset.path());
      rest(out, asset.width(), asset.height());
      return;
    }
    Size whole = asset.size().orElseThrow();
    int own = Widths.cut(whole, ratio);
    Rendition largest = new Rendition(Widths.atLeast(own, own), ratio, asset.plainFormat());
    Size shown = largest.of(whole);
    out.open("picture").endOpen();
    out.open("source").attribute("type", Rendition.Format.WEBP.mediaType());
    out.attribute("srcset", set(own, Rendition.Format.WEBP)).attribute("sizes", sizes).endOpen();
    out.open("img").attribute("src", asset.pathOf(SiteAsset.USUAL, ratio, asset.plainFormat()));
    out.attribute("srcset", set(own, asset.plainFormat())).attribute("sizes", sizes);
    rest(out, shown.width(), shown.height());
    out.close("picture");
  }

  /** A quiet place of the same shape, with words for those who cannot see that it is one. */
  private void gone(HtmlOut out) {
    out.open("span").attribute("class", "gone").attribute("role", "img");
    out.attribute("aria-label", words.get("picture.gone"));
    String shape =
        ratio != null
            ? ratio.wide() + " / " + ratio.high()
            : asset.size().map(s -> s.width() + " / " + s.height()).orElse("3 / 2");
    out.attribute("style", "aspect-ratio: " + shape).endOpen().close("span");
  }

  private String set(int own, Rendition.Format format) {
    return Widths.of(own).stream()
        .map(w -> asset.pathOf(new Rendition(w, ratio, format)) + " " + w + "w")
        .collect(Collectors.joining(", "));
  }

  private void rest(HtmlOut out, int width, int height) {
    if (alternative != null) {
      out.attribute("alt", alternative);
    }
    if (width > 0 && height > 0) {
      out.attribute("width", String.valueOf(width)).attribute("height", String.valueOf(height));
    }
    if (first) {
      out.attribute("fetchpriority", "high");
    } else {
      out.attribute("loading", "lazy");
    }
    out.endOpen();
  }
}

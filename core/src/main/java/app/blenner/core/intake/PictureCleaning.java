package app.blenner.core.intake;

import app.blenner.core.document.Address;
import app.blenner.core.format.office.Pictures;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.jsoup.nodes.Element;

/**
 * Pictures: those that come whole become assets, those of this site are its assets, those of other sites stay where
 * they are ({@link RemotePictures}), those that count readers go, and of those whose file did not come along a person is
 * told.
 */
final class PictureCleaning implements CleaningStep {
  private final Pictures keeper;
  private final Function<String, Optional<Address>> own;

  /**
   * @param own what an absolute address of the site's own stands for
   */
  PictureCleaning(Pictures keeper, Function<String, Optional<Address>> own) {
    this.keeper = keeper;
    this.own = own;
  }

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("img");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int lost = 0;
    int unreadable = 0;
    List<Element> gone = new ArrayList<>();
    for (Element img : body.select("img")) {
      String src = img.attr("src").strip();
      if (TextSize.isDot(img) || isPixel(src)) {
        tally.dropped(IntakeReport.Dropped.TRACKER, 1);
        gone.add(img);
      } else if (src.startsWith("data:")) {
        Optional<String> asset = keep(src, img.attr("alt"));
        if (asset.isPresent()) {
          img.attr("src", "../assets/" + asset.get());
        } else {
          unreadable++;
          gone.add(img);
        }
      } else if (src.matches("(?i)https?://.*")) {
        own.apply(src)
            .filter(a -> a.kind() == Address.Kind.ASSET)
            .ifPresent(a -> img.attr("src", a.value()));
      } else if (!src.startsWith("../assets/")) {
        lost++;
        gone.add(img);
      }
      img.removeAttr("width").removeAttr("height");
    }
    DomWalk.remove(gone);
    tally.dropped(IntakeReport.Dropped.PICTURE, lost + unreadable);
    if (lost > 0) {
      tally.note(
          "The clipboard held only the places of "
              + (lost == 1 ? "a picture" : lost + " pictures")
              + " on your machine. Import the file itself, or paste them one by one.");
    }
    if (unreadable > 0) {
      tally.note("A picture could not be read as GIF, JPEG, PNG or WebP.");
    }
  }

  /** A picture of one pixel that came whole is there to be fetched, not to be looked at. */
  private static boolean isPixel(String src) {
    if (!src.startsWith("data:image/") || src.length() > 400) {
      return false;
    }
    int comma = src.indexOf(',');
    try (var in =
        new javax.imageio.stream.MemoryCacheImageInputStream(
            new java.io.ByteArrayInputStream(
                Base64.getMimeDecoder().decode(src.substring(comma + 1))))) {
      var readers = javax.imageio.ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return false;
      }
      var reader = readers.next();
      reader.setInput(in);
      boolean pixel = reader.getWidth(0) <= 2 && reader.getHeight(0) <= 2;
      reader.dispose();
      return pixel;
    } catch (java.io.IOException | IllegalArgumentException e) {
      return false;
    }
  }

  private Optional<String> keep(String data, String alternative) {
    int comma = data.indexOf(',');
    if (comma < 0) {
      return Optional.empty();
    }
    String head = data.substring(5, comma).toLowerCase(Locale.ROOT);
    String type = head.replaceFirst(";.*", "");
    if (!head.endsWith(";base64") || !type.startsWith("image/")) {
      return Optional.empty();
    }
    try {
      byte[] bytes = Base64.getMimeDecoder().decode(data.substring(comma + 1));
      String words = alternative.isBlank() ? "picture" : alternative;
      return keeper.keep(words, type, bytes);
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}

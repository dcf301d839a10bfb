package app.blenner.core.picture;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A named way of making a picture from a file: to a width, perhaps cut to a shape, in a format. Its name is in public
 * addresses, so that only what is one can be asked for.
 *
 * @param width in pixels
 * @param ratio the shape it is cut to, or null for its own
 * @param format what it is written in
 */
public record Rendition(int width, Ratio ratio, Format format) {

  private static final Pattern SPELT = Pattern.compile("([1-9]\\d{0,4})(?:-(\\d+x\\d+))?");

  /** What pages can show everywhere. */
  public enum Format {
    JPEG("image/jpeg", "jpg"),
    PNG("image/png", "png"),
    WEBP("image/webp", "webp");

    private final String mediaType;
    private final String ending;

    Format(String mediaType, String ending) {
      this.mediaType = mediaType;
      this.ending = ending;
    }

    public String mediaType() {
      return mediaType;
    }

    /** Of its file's name, without the dot. */
    public String ending() {
      return ending;
    }

    /** The format of an ending. */
    public static Optional<Format> ofEnding(String ending) {
      for (Format f : values()) {
        if (f.ending.equals(ending)) {
          return Optional.of(f);
        }
      }
      return Optional.empty();
    }
  }

  /**
   * The rendition of a name.
   *
   * @param name as {@link #name} gives it
   * @param ending of the file
   */
  public static Optional<Rendition> parse(String name, String ending) {
    Matcher m = SPELT.matcher(name);
    Optional<Format> format = Format.ofEnding(ending);
    if (!m.matches() || format.isEmpty()) {
      return Optional.empty();
    }
    Optional<Ratio> ratio = m.group(2) == null ? Optional.empty() : Ratio.parse(m.group(2));
    if (m.group(2) != null && ratio.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Rendition(Integer.parseInt(m.group(1)), ratio.orElse(null), format.get()));
  }

  /** Its name, as in {@code 640} or {@code 640-16x9}. */
  public String name() {
    return ratio == null ? Integer.toString(width) : width + "-" + ratio;
  }

  /**
   * The part of a picture it shows.
   *
   * @param size of the edited picture
   */
  public Crop cropOf(Size size, Focus focus) {
    return ratio == null ? Crop.WHOLE : Crop.aroundFocus(size, ratio, focus);
  }

  /**
   * How large it comes out.
   *
   * @param size of the edited picture
   */
  public Size of(Size size) {
    if (ratio == null) {
      return size.atWidth(width);
    }
    return new Size(width, (int) Math.max(1, Math.round(width / ratio.value())));
  }
}

package app.blenner.server.file;

import app.blenner.core.media.FileType;
import app.blenner.core.picture.Orientation;
import app.blenner.core.picture.Size;
import java.time.Duration;
import java.util.Optional;

/**
 * What is known of a file that is kept.
 *
 * @param hash the SHA-256 of its bytes
 * @param mediaType what they are, as read from them
 * @param bytes how many
 * @param width in pixels, standing upright; 0 where it has none
 * @param height in pixels, standing upright; 0 where it has none
 * @param orientation how its stored pixels are turned, 1 to 8 as in EXIF
 * @param frames how many pictures move one after the other; 0 where it is not a picture
 * @param plays how long it plays; zero where it does not, or does not say
 * @param pages how many pages it has; 0 where it has none, or does not say
 */
public record StoredFile(
    String hash,
    String mediaType,
    long bytes,
    int width,
    int height,
    int orientation,
    int frames,
    Duration plays,
    int pages) {

  public FileType type() {
    return FileType.ofMediaType(mediaType).orElse(FileType.TEXT);
  }

  /** Its size standing upright, where it is a picture. */
  public Optional<Size> size() {
    return width > 0 && height > 0 ? Optional.of(new Size(width, height)) : Optional.empty();
  }

  /** Whether it can be cut, turned and made smaller: a picture of pixels that stands still. */
  public boolean isStill() {
    return type().isPixels() && size().isPresent() && frames <= 1;
  }

  /** How its stored pixels are turned. */
  public Orientation turn() {
    return Orientation.ofExif(orientation);
  }
}

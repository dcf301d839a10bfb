package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Takes out of a picture's file what is not picture: where and with what it was taken, thumbnails, words, and whatever
 * hangs on behind its end. The pixels, the profile of their colours and which way is up stay, bit by bit.
 */
public final class PictureData {
  private PictureData() {}

  /**
   * Writes a picture without them.
   *
   * @param type JPEG, PNG, GIF or WebP; of other types nothing is taken out
   * @param orientation its EXIF orientation, 1 to 8, which is said again
   * @throws BrokenPictureException where the file ends before the picture does, or is not what it seems
   */
  public static void strip(Path from, Path to, FileType type, int orientation)
      throws IOException, BrokenPictureException {
    try (DataInputStream in =
            new DataInputStream(new BufferedInputStream(Files.newInputStream(from), 1 << 16));
        DataOutputStream out =
            new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(to), 1 << 16))) {
      switch (type) {
        case JPEG -> JpegData.strip(in, out, orientation);
        case PNG -> PngData.strip(in, out, orientation);
        case GIF -> GifData.strip(in, out);
        case WEBP -> WebpData.strip(in, out, orientation);
        default -> in.transferTo(out);
      }
    } catch (EOFException e) {
      throw new BrokenPictureException(
          "This picture is broken: its file ends before the picture does.");
    }
    if (type == FileType.WEBP) {
      WebpData.sayLength(to);
    }
  }

  static BrokenPictureException broken() {
    return new BrokenPictureException(
        "This picture is broken: there is something in it that is no picture.");
  }

  /** EXIF data that say no more than which way is up: a TIFF header and one entry (CIPA DC-008, 4.5). */
  static byte[] upright(int orientation) {
    return new byte[] {
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      1,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
  }
}

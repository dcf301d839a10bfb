package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;

/** How long a picture moves once it is shown. */
public final class MovingTime {
  /** It does not end by itself. */
  public static final Duration WITHOUT_END = Duration.ofDays(36_500);

  private MovingTime() {}

  /** How long a picture moves; zero where it stands still, or breaks off. */
  public static Duration of(Path file, FileType type) throws IOException {
    if (type != FileType.GIF) {
      return Duration.ZERO; // pages show the first picture of other types only
    }
    try (DataInputStream in =
        new DataInputStream(new BufferedInputStream(Files.newInputStream(file)))) {
      return GifTime.of(in);
    } catch (BrokenPictureException e) {
      return Duration.ZERO;
    }
  }
}

package app.blenner.core.media;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;

/**
 * What a file says of itself, read once.
 *
 * @param orientation how the stored pixels of a picture are turned, 1 to 8 as in CIPA DC-008
 * @param plays how long sound or film plays; zero where it does not say
 * @param pages how many pages a PDF has; 0 for other files
 * @param words what it says of what it shows
 */
public record FileMetadata(int orientation, Duration plays, int pages, Description words) {
  public static final FileMetadata NOTHING =
      new FileMetadata(1, Duration.ZERO, 0, Description.NONE);

  /** What a file says; nothing where nobody can read it. */
  public static FileMetadata of(Path file, FileType type) {
    try {
      return switch (type.kind()) {
        case PICTURE -> type == FileType.SVG ? NOTHING : pictureOf(file);
        case SOUND, FILM -> new FileMetadata(1, PlayingTime.of(file, type), 0, Description.NONE);
        case DOCUMENT -> type == FileType.PDF ? PdfPages.says(file) : NOTHING;
        case TEXT, ARCHIVE -> NOTHING;
      };
    } catch (ImageProcessingException | IOException | RuntimeException | StackOverflowError e) {
      return NOTHING;
    }
  }

  private static FileMetadata pictureOf(Path file) throws ImageProcessingException, IOException {
    Metadata data = ImageMetadataReader.readMetadata(file.toFile());
    return new FileMetadata(
        orientation(data), Duration.ZERO, 0, new PictureMetadata(data).description());
  }

  private static int orientation(Metadata data) {
    ExifIFD0Directory exif = data.getFirstDirectoryOfType(ExifIFD0Directory.class);
    Integer said = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
    return said == null || said < 1 || said > 8 ? 1 : said;
  }
}

package app.blenner.server.file;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.IOException;
import java.nio.file.Path;

/** Which way is up, as cameras say it in EXIF data. */
final class Orientation {
  private Orientation() {}

  /** 1 to 8; 1 where the picture does not say. */
  static int of(Path picture) {
    try {
      Metadata data = ImageMetadataReader.readMetadata(picture.toFile());
      ExifIFD0Directory exif = data.getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer said = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
      return said == null || said < 1 || said > 8 ? 1 : said;
    } catch (ImageProcessingException | IOException | RuntimeException e) {
      return 1; // data nobody can read say nothing
    }
  }
}

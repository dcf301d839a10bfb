package app.blenner.core.format.office;

import java.util.Optional;

/** Where the files of assets come from, for a text that goes out with its pictures. */
@FunctionalInterface
public interface Media {
  /** Has none. */
  Media NONE = name -> Optional.empty();

  /**
   * A picture's file.
   *
   * @param bytes the file
   * @param mediaType as {@code image/png}
   * @param width in pixels
   * @param height in pixels
   */
  record File(byte[] bytes, String mediaType, int width, int height) {}

  /** The file of an asset; empty if it does not exist or is not a picture. */
  Optional<File> findFile(String asset);
}

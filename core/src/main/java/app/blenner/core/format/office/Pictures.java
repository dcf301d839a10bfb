package app.blenner.core.format.office;

import java.util.Optional;

/** Where pictures go that come inside a text. */
@FunctionalInterface
public interface Pictures {
  /** Keeps none. */
  Pictures NONE = (name, mediaType, bytes) -> Optional.empty();

  /**
   * Keeps a picture.
   *
   * @param name a name for its file, without a folder
   * @param mediaType what it says it is, as {@code image/png}
   * @param bytes the file
   * @return the name of the asset it became; empty where it cannot be kept
   */
  Optional<String> keep(String name, String mediaType, byte[] bytes);
}

package app.blenner.server.file;

import java.time.Duration;

/**
 * What was seen in the pixels of a picture.
 *
 * @param moves how long it moves by itself; zero where it stands still
 * @param words whether there seem to be words in it
 */
public record PictureInspection(Duration moves, boolean words) {
  /** Nothing that anybody would have to be told. */
  public static final PictureInspection NOTHING = new PictureInspection(Duration.ZERO, false);
}

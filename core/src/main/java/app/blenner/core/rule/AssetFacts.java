package app.blenner.core.rule;

import java.time.Duration;
import java.time.LocalDate;

/**
 * What rules ask of a picture or file of the site.
 *
 * @param title what people call it
 * @param licence on what terms it may be used, or empty
 * @param bytes how many readers load who get it as it is
 * @param width in pixels as it is shown, 0 where it has none
 * @param height in pixels as it is shown, 0 where it has none
 * @param form how readers get it
 * @param moves how long it moves by itself, as far as is known; zero where it stands still
 * @param words whether there seem to be words in it, as far as is known
 * @param expires the day from which readers do not see it any more, or null
 * @param binned whether it is in the bin, where readers do not see it
 */
public record AssetFacts(
    String title,
    String licence,
    long bytes,
    int width,
    int height,
    Form form,
    Duration moves,
    boolean words,
    LocalDate expires,
    boolean binned) {

  /** Of one that is not in the bin. */
  public AssetFacts(
      String title,
      String licence,
      long bytes,
      int width,
      int height,
      Form form,
      Duration moves,
      boolean words,
      LocalDate expires) {
    this(title, licence, bytes, width, height, form, moves, words, expires, false);
  }

  /** How readers get a file. */
  public enum Form {
    /** Pixels, made as small as each reader needs them. */
    FITTED,
    /** The file itself. */
    AS_IT_IS,
    /** The file itself, drawn by lines, and so never blurred. */
    LINES
  }

  /** Whether readers get the file itself. */
  public boolean asItIs() {
    return form != Form.FITTED;
  }

  /** Whether it is drawn by lines. */
  public boolean lines() {
    return form == Form.LINES;
  }
}

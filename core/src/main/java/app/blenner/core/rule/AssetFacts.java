package app.blenner.core.rule;

import java.time.LocalDate;

/**
 * What rules ask of a picture or file of the site.
 *
 * @param title what people call it
 * @param licence on what terms it may be used, or empty
 * @param bytes how many readers load who get it as it is
 * @param width in pixels as it is shown, 0 where it has none
 * @param asItIs whether readers get the file itself, and not one made small enough for them
 * @param lines whether it is drawn by lines, and so never blurred
 * @param moves whether it is a picture that moves
 * @param expires the day from which readers do not see it any more, or null
 */
public record AssetFacts(
    String title,
    String licence,
    long bytes,
    int width,
    boolean asItIs,
    boolean lines,
    boolean moves,
    LocalDate expires) {}

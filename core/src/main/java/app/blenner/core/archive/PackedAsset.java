package app.blenner.core.archive;

import java.nio.file.Path;
import java.time.Instant;

/**
 * An asset of a package.
 *
 * @param name its file name
 * @param file where its bytes are
 * @param title what people call it
 * @param alternative what it shows, or empty
 * @param credit who made it, or empty
 * @param added when it was added; null where nobody says
 */
public record PackedAsset(
    String name, Path file, String title, String alternative, String credit, Instant added) {}

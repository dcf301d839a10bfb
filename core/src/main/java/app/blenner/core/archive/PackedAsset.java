package app.blenner.core.archive;

import java.nio.file.Path;

/**
 * An asset of a package.
 *
 * @param name its file name
 * @param file where its bytes are
 * @param title what people call it
 * @param alternative what it shows, or empty
 * @param credit who made it, or empty
 */
public record PackedAsset(
    String name, Path file, String title, String alternative, String credit) {}

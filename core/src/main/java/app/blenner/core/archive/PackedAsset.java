package app.blenner.core.archive;

import app.blenner.core.media.Description;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;

/**
 * An asset of a package.
 *
 * @param name its lasting name
 * @param file where its bytes are
 * @param said what is said of it
 * @param edit what people have done to it
 * @param focus what every crop keeps in sight
 * @param added when it was added; null where nobody says
 * @param expires from when readers may not see it any more; null for never
 * @param binned since when it is in the bin; null where it is not
 * @param whole whether where and with what a picture was taken stays in its file
 * @param collections the names of those it is in
 */
public record PackedAsset(
    String name,
    Path file,
    Description said,
    PictureEdit edit,
    Focus focus,
    Instant added,
    Instant expires,
    Instant binned,
    boolean whole,
    List<String> collections) {}

package app.blenner.core.archive;

import app.blenner.core.item.Content;
import app.blenner.core.item.Kind;
import app.blenner.core.item.Stage;

/**
 * An item of a package.
 *
 * @param key its key, the name of its file
 * @param kind its kind
 * @param stage its stage
 * @param owner sign-in name of the person it belongs to
 * @param daysAgo how many days before the package is read it was last changed
 * @param content its working copy
 * @param live what is live of it; null where nothing is, or nothing ever was
 */
public record PackedItem(
    String key, Kind kind, Stage stage, String owner, int daysAgo, Content content, Content live) {}

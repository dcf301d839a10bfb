package app.blenner.server.item.store;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;

/**
 * One of the two texts an item can have: its working copy, or what readers see of it.
 *
 * @param forReaders whether this is what readers see
 * @param content as it was written
 * @param whole the same with what its pieces hold in their places
 */
public record ItemText(
    String itemKey, boolean forReaders, Kind kind, Content content, Content whole) {}

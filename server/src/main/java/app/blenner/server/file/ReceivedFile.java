package app.blenner.server.file;

import app.blenner.core.media.Description;

/**
 * A file that was taken in.
 *
 * @param said what the bytes that came say of themselves
 */
public record ReceivedFile(StoredFile file, Description said) {}

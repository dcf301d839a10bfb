package app.blenner.server.file;

import app.blenner.server.change.Change;

/**
 * Something was seen in a picture of which people are told.
 *
 * @param hash the SHA-256 of its file
 */
public record PictureInspected(String hash) implements Change {}

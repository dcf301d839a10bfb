package app.blenner.server.file;

/**
 * Something was seen in a picture of which people are told.
 *
 * @param hash the SHA-256 of its file
 */
public record PictureInspected(String hash) {}

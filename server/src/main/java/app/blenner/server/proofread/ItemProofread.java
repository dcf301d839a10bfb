package app.blenner.server.proofread;

/**
 * All texts of an item have been read.
 *
 * @param item its key
 */
public record ItemProofread(String item) {}

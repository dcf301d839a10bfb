package app.blenner.server.proofread;

import app.blenner.server.change.Change;

/**
 * All texts of an item have been read.
 *
 * @param item its key
 */
public record ItemProofread(String item) implements Change {}

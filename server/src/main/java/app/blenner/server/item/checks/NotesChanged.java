package app.blenner.server.item.checks;

import app.blenner.server.change.Change;

/**
 * What is kept for an item besides what is written in it is another, and what rules find may be too.
 *
 * @param item its key
 */
public record NotesChanged(String item) implements Change {}

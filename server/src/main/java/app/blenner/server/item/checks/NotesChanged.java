package app.blenner.server.item.checks;

/**
 * What is kept for an item besides what is written in it is another, and what rules find may be too.
 *
 * @param item its key
 */
public record NotesChanged(String item) {}

package app.blenner.core.archive;

/**
 * A line of an item's notebook.
 *
 * @param words what it says
 * @param ticked whether it has been covered
 */
public record PackedNote(String words, boolean ticked) {}

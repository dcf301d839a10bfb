package app.blenner.server.change;

/**
 * Something that others have to hear of once it is committed.
 *
 * <p>A change is a record of texts, numbers and lists of them, never of entities or of anything else that lives in one
 * process: other servers of the same site will have to read it.
 */
public interface Change {}

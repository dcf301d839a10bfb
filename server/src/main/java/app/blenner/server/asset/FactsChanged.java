package app.blenner.server.asset;

import app.blenner.server.change.Change;
import java.util.List;

/**
 * What rules know of some assets is not what it was.
 *
 * @param names their names
 */
public record FactsChanged(List<String> names) implements Change {}

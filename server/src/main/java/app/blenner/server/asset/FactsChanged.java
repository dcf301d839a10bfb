package app.blenner.server.asset;

import app.blenner.server.change.Change;
import java.util.List;

/**
 * Rules know more of some assets than before.
 *
 * @param names their names
 */
public record FactsChanged(List<String> names) implements Change {}

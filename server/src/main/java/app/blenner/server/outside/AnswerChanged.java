package app.blenner.server.outside;

import app.blenner.server.change.Change;
import java.util.List;

/**
 * A place elsewhere answered otherwise than before.
 *
 * @param items the keys of the items that lead there
 */
public record AnswerChanged(List<String> items) implements Change {}

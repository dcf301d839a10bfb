package app.blenner.core.archive;

import app.blenner.core.document.Document;
import java.util.List;

/**
 * An outline of a package.
 *
 * @param name what people call it
 * @param about what it is for, in a line
 * @param kinds the names of the kinds of item it is for
 * @param body its structure and prompts
 */
public record PackedOutline(String name, String about, List<String> kinds, Document body) {}

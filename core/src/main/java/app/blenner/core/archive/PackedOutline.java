package app.blenner.core.archive;

import app.blenner.core.document.Document;
import java.util.List;

/**
 * An outline or a snippet of a package.
 *
 * @param key its lasting key, by which it is linked; empty where it has none yet
 * @param name what people call it
 * @param about what it is for, in a line
 * @param kinds the names of the kinds of item it is for; none of a snippet that is for all
 * @param snippet whether it is dropped into a text; else it begins one
 * @param shelf what a snippet stands together with, or empty
 * @param role the role it is for, in small letters, or empty for everybody
 * @param body its structure and prompts
 */
public record PackedOutline(
    String key,
    String name,
    String about,
    List<String> kinds,
    boolean snippet,
    String shelf,
    String role,
    Document body) {}

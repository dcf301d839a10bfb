package app.blenner.core.site;

/**
 * What items within a section can be about.
 *
 * @param slug its short name, by which items and lists of items refer to it
 * @param name its name as readers see it
 */
public record Topic(String slug, String name) {}

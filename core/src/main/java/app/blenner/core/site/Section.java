package app.blenner.core.site;

/**
 * A part of the site.
 *
 * @param slug its short name and the first part of its addresses
 * @param name its name as readers see it
 * @param description what it is about, in a sentence
 */
public record Section(String slug, String name, String description) {}

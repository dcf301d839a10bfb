package app.blenner.core.tidy;

/**
 * One place where a rule was found.
 *
 * @param key tells it from others of its rule: the same for the same words, whatever other rules have changed about them
 * @param before what is there
 * @param after what would stand there
 */
public record CleanUpMatch(String key, String before, String after) {}

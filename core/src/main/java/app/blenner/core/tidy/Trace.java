package app.blenner.core.tidy;

import java.util.Locale;

/**
 * One place where a rule was found.
 *
 * @param key the same for the same words, whatever other rules have changed about them
 * @param before what stands there
 * @param after what would stand there
 */
public record Trace(String key, String before, String after) {

  /** The letters of some words, which no rule changes but for their case. */
  static String letters(String words) {
    return words.replaceAll("\\P{L}", "").toLowerCase(Locale.ROOT);
  }
}

package app.blenner.core.language;

import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * A pattern that is tried only where a text holds one of some signs, without which it matches nowhere. Looking for a few
 * signs takes a fraction of the time of a pattern with many branches, and most texts hold none.
 */
public final class GatedPattern {
  private final Pattern pattern;
  private final List<String> signs;

  private GatedPattern(Pattern pattern, List<String> signs) {
    this.pattern = pattern;
    this.signs = signs;
  }

  /**
   * A pattern with its signs.
   *
   * @param signs in small letters; every match holds one of them once its capitals are made small
   */
  public static GatedPattern of(Pattern pattern, String... signs) {
    return new GatedPattern(pattern, List.of(signs));
  }

  /** A text that several such patterns are tried on; its letters are made small once. */
  public static final class Text {
    private final String text;
    private final String small;

    public Text(String text) {
      this.text = text;
      this.small = text.toLowerCase(Locale.ROOT);
    }
  }

  /** Whether a text can hold a match. */
  boolean mayMatch(Text in) {
    return signs.stream().anyMatch(in.small::contains);
  }

  /** All that matches in a text, in its order. */
  public List<MatchResult> findAll(Text text) {
    return mayMatch(text) ? pattern.matcher(text.text).results().toList() : List.of();
  }

  /** All that matches in a text, in its order. */
  public List<MatchResult> findAll(String text) {
    return findAll(new Text(text));
  }
}

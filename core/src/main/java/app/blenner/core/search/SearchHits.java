package app.blenner.core.search;

import app.blenner.core.terms.WordForms;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where the words somebody looked for stand in a text: in any of their forms, whatever their accents, and within words that
 * are put together of others.
 */
public final class SearchHits {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}\\p{N}]+");
  private static final Pattern MARKS = Pattern.compile("\\p{M}");

  /** Fewer letters stand in too many words that have nothing to do with them. */
  private static final int SHORTEST_PART = 4;

  /** Nobody looks for more words. */
  private static final int MOST = 24;

  /** Behind this many letters of a text nobody looks for a passage. */
  private static final int FAR = 200_000;

  private final WordForms forms;
  private final Set<String> stems = new HashSet<>();
  private final List<String> parts = new ArrayList<>();

  /**
   * @param asked what somebody typed
   * @param language the BCP 47 tag of the text
   */
  public SearchHits(String asked, String language) {
    forms = new WordForms(language);
    List<String> words = WORD.matcher(asked).results().map(MatchResult::group).limit(MOST).toList();
    List<String> telling = words.stream().filter(w -> !forms.isStop(w)).toList();
    // Where only words that say little are asked for, these are what is looked for.
    for (String word : telling.isEmpty() ? words : telling) {
      stems.add(stemOf(word));
      String plain = plain(word);
      if (plain.length() >= SHORTEST_PART) {
        parts.add(plain);
      }
    }
  }

  /**
   * A piece of a text.
   *
   * @param words what it says
   * @param hit whether it is what somebody looked for
   */
  public record Piece(String words, boolean hit) {}

  private String stemOf(String word) {
    return plain(forms.stem(word));
  }

  private static String plain(String word) {
    String small = word.toLowerCase(Locale.ROOT);
    return MARKS.matcher(Normalizer.normalize(small, Normalizer.Form.NFD)).replaceAll("");
  }

  private boolean isHit(String word) {
    String plain = plain(word);
    return stems.contains(stemOf(word)) || parts.stream().anyMatch(plain::contains);
  }

  /** A whole text with what was looked for in it told apart. */
  public List<Piece> markHits(String text) {
    List<Piece> out = new ArrayList<>();
    Matcher m = WORD.matcher(text);
    int from = 0;
    while (m.find()) {
      if (isHit(m.group())) {
        if (m.start() > from) {
          out.add(new Piece(text.substring(from, m.start()), false));
        }
        out.add(new Piece(m.group(), true));
        from = m.end();
      }
    }
    if (from < text.length()) {
      out.add(new Piece(text.substring(from), false));
    }
    return out;
  }

  /**
   * The passage of a text that has most of what was looked for.
   *
   * @param most how many characters it has at most
   * @return nothing where the text has none of it
   */
  public List<Piece> best(String text, int most) {
    String near = text.length() > FAR ? text.substring(0, FAR) : text;
    List<int[]> hits = new ArrayList<>();
    Matcher m = WORD.matcher(near);
    while (m.find()) {
      if (isHit(m.group())) {
        hits.add(new int[] {m.start(), m.end()});
      }
    }
    if (hits.isEmpty()) {
      return List.of();
    }
    int best = 0;
    int count = 0;
    int end = 0;
    for (int i = 0; i < hits.size(); i++) {
      end = Math.max(end, i);
      while (end < hits.size() && hits.get(end)[1] - hits.get(i)[0] <= most / 2) {
        end++;
      }
      if (end - i > count) {
        count = end - i;
        best = i;
      }
    }
    return markHits(around(near, hits.get(best)[0], most));
  }

  /** So much of a text around a place, from one word to another, with dots where more of it stands. */
  private static String around(String text, int at, int most) {
    int from = Math.max(0, at - most / 3);
    while (from > 0 && from < at && !Character.isWhitespace(text.charAt(from - 1))) {
      from++;
    }
    int to = Math.min(text.length(), from + most);
    while (to < text.length() && to > at + 1 && !Character.isWhitespace(text.charAt(to))) {
      to--;
    }
    if (to < text.length() && to <= at + 1) {
      to = Math.min(text.length(), from + most);
    }
    String piece = text.substring(from, to).strip().replaceAll("\\s+", " ");
    return (from > 0 ? "… " : "") + piece + (to < text.length() ? " …" : "");
  }
}

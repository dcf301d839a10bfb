package app.blenner.core.preflight.house;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words a house does not want, and those it wants instead, found in a text in time that grows with the text alone, however
 * many words there are. Small and capital letters are the same, and any white space is one space. In writing without
 * spaces a word is found wherever it stands.
 */
final class WordBook {
  /** A word, with what is within it; what joins it to others is looked at besides. */
  private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}\\p{M}]+");

  private static final Pattern BETWEEN = Pattern.compile("[\\s\\u00A0\\u202F]+");
  private static final Pattern ARROW = Pattern.compile("\\s*(?:→|=>|->|=|\\t)\\s*");

  /**
   * A word that is not wanted.
   *
   * @param tokens its parts, in small letters
   * @param between what stands between them
   * @param better what is wanted instead; empty where it is only to go
   */
  private record Entry(List<String> tokens, List<String> between, String better) {}

  /** A place where a word stands that is not wanted. */
  record Hit(int from, int to, String better) {}

  private record Token(int from, int to, String small) {}

  private final Map<String, List<Entry>> byFirst = new HashMap<>();
  private final Map<Integer, List<Entry>> unspaced = new HashMap<>();

  WordBook(Collection<String> lines) {
    for (String line : lines) {
      String[] parts = ARROW.split(line.strip(), 2);
      Entry entry = entryOf(parts[0].strip(), parts.length > 1 ? parts[1].strip() : "");
      if (entry == null) {
        continue;
      }
      String first = entry.tokens.get(0);
      if (isUnspaced(first.codePointAt(0))) {
        unspaced.computeIfAbsent(first.codePointAt(0), c -> new ArrayList<>()).add(entry);
      } else {
        byFirst.computeIfAbsent(first, t -> new ArrayList<>()).add(entry);
      }
    }
    // The longest first: “e-mail address” before “e-mail”.
    byFirst.values().forEach(WordBook::longestFirst);
    unspaced.values().forEach(WordBook::longestFirst);
  }

  private static void longestFirst(List<Entry> entries) {
    entries.sort((a, b) -> b.tokens.size() - a.tokens.size());
  }

  private static Entry entryOf(String words, String better) {
    List<Token> tokens = tokens(words);
    if (tokens.isEmpty()) {
      return null;
    }
    List<String> between = new ArrayList<>();
    for (int i = 1; i < tokens.size(); i++) {
      between.add(jointOf(words, tokens.get(i - 1).to, tokens.get(i).from));
    }
    return new Entry(tokens.stream().map(Token::small).toList(), between, better);
  }

  private static boolean isUnspaced(int c) {
    return Character.isIdeographic(c)
        || switch (Character.UnicodeScript.of(c)) {
          case HIRAGANA, KATAKANA, THAI, LAO, KHMER, MYANMAR -> true;
          default -> false;
        };
  }

  private static List<Token> tokens(String text) {
    List<Token> out = new ArrayList<>();
    Matcher m = TOKEN.matcher(text);
    while (m.find()) {
      out.add(new Token(m.start(), m.end(), m.group().toLowerCase(Locale.ROOT)));
    }
    return out;
  }

  private static String jointOf(String text, int from, int to) {
    return BETWEEN.matcher(text.substring(from, to).replace('’', '\'')).replaceAll(" ");
  }

  /** Where unwanted words stand, in reading order; none overlaps another. */
  List<Hit> hitsIn(String text) {
    List<Hit> hits = new ArrayList<>();
    List<Token> tokens = tokens(text);
    int i = 0;
    while (i < tokens.size()) {
      Token first = tokens.get(i);
      int used =
          isUnspaced(first.small.codePointAt(0))
              ? within(first, text, hits)
              : spaced(tokens, i, text, hits);
      i += Math.max(1, used);
    }
    return hits;
  }

  /** How many words were found to be one that is not wanted; 0 for none. */
  private int spaced(List<Token> tokens, int at, String text, List<Hit> hits) {
    for (Entry entry : byFirst.getOrDefault(tokens.get(at).small, List.of())) {
      int count = entry.tokens.size();
      if (at + count <= tokens.size() && standsOf(entry, tokens, at, text)) {
        int from = tokens.get(at).from;
        int to = tokens.get(at + count - 1).to;
        String better = better(entry, text, from, to);
        if (better != null) {
          hits.add(new Hit(from, to, better));
        }
        return count;
      }
    }
    return 0;
  }

  private static boolean standsOf(Entry entry, List<Token> tokens, int at, String text) {
    for (int k = 0; k < entry.tokens.size(); k++) {
      Token token = tokens.get(at + k);
      if (!token.small.equals(entry.tokens.get(k))
          || k > 0
              && !jointOf(text, tokens.get(at + k - 1).to, token.from)
                  .equals(entry.between.get(k - 1))) {
        return false;
      }
    }
    // “well-known” is not “well”.
    Token last = tokens.get(at + entry.tokens.size() - 1);
    return !joined(text, tokens.get(at).from - 1, -1) && !joined(text, last.to, 1);
  }

  private static boolean joined(String text, int at, int step) {
    int next = at + step;
    return at >= 0
        && at < text.length()
        && "-‐‑'’".indexOf(text.charAt(at)) >= 0
        && next >= 0
        && next < text.length()
        && Character.isLetterOrDigit(text.charAt(next));
  }

  private int within(Token run, String text, List<Hit> hits) {
    int at = run.from;
    while (at < run.to) {
      int found = 0;
      for (Entry entry : unspaced.getOrDefault(text.codePointAt(at), List.of())) {
        String word = entry.tokens.get(0);
        if (entry.tokens.size() == 1 && text.startsWith(word, at)) {
          hits.add(new Hit(at, at + word.length(), entry.better));
          found = word.length();
          break;
        }
      }
      at += found > 0 ? found : Character.charCount(text.codePointAt(at));
    }
    return 1;
  }

  /** What is wanted in the place of a word; null where that is what is there already. */
  private static String better(Entry entry, String text, int from, int to) {
    String there = text.substring(from, to);
    String wanted = entry.better;
    if (wanted.isEmpty()) {
      return wanted;
    }
    int within = wanted.toLowerCase(Locale.ROOT).indexOf(there.toLowerCase(Locale.ROOT));
    if (within >= 0 && wanted.length() > there.length()) {
      // “dark sky reserve” is right, although “reserve” by itself is not.
      boolean whole =
          from >= within && text.regionMatches(true, from - within, wanted, 0, wanted.length());
      return whole ? null : cased(wanted, there);
    }
    // Where only capitals tell them apart, one that begins a sentence is no other word.
    boolean capitals = wanted.equalsIgnoreCase(there);
    String now = capitals && !beginsSentence(text, from) ? wanted : cased(wanted, there);
    return now.equals(there) ? null : now;
  }

  private static boolean beginsSentence(String text, int at) {
    int i = at - 1;
    while (i >= 0 && !Character.isLetterOrDigit(text.charAt(i))) {
      if (".!?:…\n".indexOf(text.charAt(i)) >= 0) {
        return true;
      }
      i--;
    }
    return i < 0;
  }

  /** What is wanted, with a capital where what is there has one. */
  private static String cased(String better, String there) {
    if (better.isEmpty() || !Character.isUpperCase(there.codePointAt(0))) {
      return better;
    }
    int first = better.codePointAt(0);
    return Character.toString(Character.toTitleCase(first))
        + better.substring(Character.charCount(first));
  }
}

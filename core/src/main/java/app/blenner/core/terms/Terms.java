package app.blenner.core.terms;

import app.blenner.core.document.Block;
import app.blenner.core.document.CancellationToken;
import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a text speaks of.
 *
 * @param words how many words it has
 * @param wanted the terms it was to use, in their order
 * @param densestWords the words it uses most, but for those that say nothing alone
 * @param densestPhrases the phrases of two or three words it uses most
 */
public record Terms(int words, List<Use> wanted, List<Use> densestWords, List<Use> densestPhrases) {

  /**
   * How a text uses a term.
   *
   * @param term the term; for one that was found, in its most frequent form
   * @param count how often it is used
   * @param perHundred how many of a hundred words belong to it
   * @param places where, in reading order
   * @param advice what speaks for saying it more or less often, in a sentence or two; empty where nothing does
   */
  public record Use(String term, int count, double perHundred, List<Spot> places, String advice) {}

  /**
   * A use of a term.
   *
   * @param block the block at the top of the text it is in, from 0
   * @param along how far along the text, from 0 to 1
   */
  public record Spot(int block, double along) {}

  private static final int MOST_SHOWN = 12;

  private record Token(String word, String stem, int block, int piece) {}

  /**
   * Looks through a text.
   *
   * @param wanted words and phrases it is to use
   * @param language a BCP 47 tag
   */
  public static Terms of(Document document, List<String> wanted, String language) {
    WordForms forms = new WordForms(language);
    List<Token> tokens = new ArrayList<>();
    int piece = 0;
    for (int i = 0; i < document.blocks().size(); i++) {
      Block block = document.blocks().get(i);
      for (String text : RunningText.of(List.of(block))) {
        tokens(text, forms, i, piece++, tokens);
      }
    }
    List<Use> uses =
        wanted.stream()
            .filter(w -> !w.isBlank())
            .map(w -> useOf(w.strip(), tokens, forms))
            .toList();
    return new Terms(tokens.size(), uses, words(tokens, forms), phrasesOf(tokens, forms));
  }

  /**
   * Which of some terms are said, in whatever form.
   *
   * @param texts paragraphs, headings and so on; no phrase goes from one into the next
   */
  public static Set<String> termsSaid(List<String> texts, List<String> wanted, String language) {
    WordForms forms = new WordForms(language);
    List<Token> tokens = new ArrayList<>();
    for (int i = 0; i < texts.size(); i++) {
      tokens(texts.get(i), forms, 0, i, tokens);
    }
    return wanted.stream()
        .filter(w -> !places(partsOf(w.strip(), forms), tokens).isEmpty())
        .collect(Collectors.toSet());
  }

  /** Words by UAX #29; what holds no letter and no digit is none. */
  private static void tokens(String text, WordForms forms, int block, int piece, List<Token> out) {
    BreakIterator words = BreakIterator.getWordInstance(forms.locale());
    words.setText(text);
    int start = words.first();
    for (int end = words.next(); end != BreakIterator.DONE; start = end, end = words.next()) {
      CancellationToken.check();
      if (words.getRuleStatus() != BreakIterator.WORD_NONE) {
        String word = text.substring(start, end);
        out.add(new Token(word, forms.stem(word), block, piece));
      }
    }
  }

  private static List<Token> partsOf(String term, WordForms forms) {
    List<Token> parts = new ArrayList<>();
    tokens(term, forms, 0, 0, parts);
    return parts;
  }

  private static List<Spot> places(List<Token> parts, List<Token> tokens) {
    List<Spot> places = new ArrayList<>();
    int length = parts.size();
    for (int i = 0; length > 0 && i + length <= tokens.size(); i++) {
      if (matchesOf(tokens, i, parts)) {
        places.add(placeOf(tokens, i));
        i += length - 1;
      }
    }
    return places;
  }

  private static Use useOf(String term, List<Token> tokens, WordForms forms) {
    List<Token> parts = partsOf(term, forms);
    List<Spot> places = places(parts, tokens);
    int count = places.size();
    return new Use(
        term,
        count,
        share(count * parts.size(), tokens.size()),
        places,
        TermShare.ofWanted(count, tokens.size()));
  }

  private static boolean matchesOf(List<Token> tokens, int at, List<Token> parts) {
    for (int k = 0; k < parts.size(); k++) {
      boolean same = tokens.get(at + k).stem().equals(parts.get(k).stem());
      if (!same || tokens.get(at + k).piece() != tokens.get(at).piece()) {
        return false;
      }
    }
    return true;
  }

  private static Spot placeOf(List<Token> tokens, int at) {
    double along = tokens.size() < 2 ? 0 : (double) at / (tokens.size() - 1);
    return new Spot(tokens.get(at).block(), Math.round(along * 1000) / 1000.0);
  }

  private static double share(int count, int all) {
    return all == 0 ? 0 : Math.round(count * 1000.0 / all) / 10.0;
  }

  /** What is counted under one key, with the forms it was met in. */
  private static final class Group {
    private final List<Spot> places = new ArrayList<>();
    private final Map<String, Integer> met = new HashMap<>();
    private int last = -1;

    void add(String form, int at, int length, Spot place) {
      if (at < last + length && last >= 0) {
        return; // a phrase does not overlap itself
      }
      last = at;
      places.add(place);
      met.merge(form, 1, Integer::sum);
    }

    String form() {
      // Of forms met equally often the shortest, then the first of the alphabet.
      return met.entrySet().stream()
          .min(
              Comparator.<Map.Entry<String, Integer>>comparingInt(e -> -e.getValue())
                  .thenComparingInt(e -> e.getKey().length())
                  .thenComparing(Map.Entry::getKey))
          .orElseThrow()
          .getKey();
    }
  }

  private static List<Use> words(List<Token> tokens, WordForms forms) {
    Map<String, Group> groups = new LinkedHashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token t = tokens.get(i);
      if (!forms.isStop(t.word()) && t.word().codePoints().anyMatch(Character::isLetter)) {
        groups
            .computeIfAbsent(t.stem(), s -> new Group())
            .add(t.word().toLowerCase(forms.locale()), i, 1, placeOf(tokens, i));
      }
    }
    return densest(groups, 1, tokens.size());
  }

  private static List<Use> phrasesOf(List<Token> tokens, WordForms forms) {
    List<Use> out = new ArrayList<>();
    for (int length = 3; length >= 2; length--) {
      Map<String, Group> groups = new LinkedHashMap<>();
      for (int i = 0; i + length <= tokens.size(); i++) {
        List<Token> part = tokens.subList(i, i + length);
        boolean together = part.get(0).piece() == part.get(length - 1).piece();
        boolean says =
            !forms.isStop(part.get(0).word()) && !forms.isStop(part.get(length - 1).word());
        boolean letters =
            part.stream().allMatch(t -> t.word().codePoints().anyMatch(Character::isLetter));
        if (together && says && letters) {
          String key = String.join(" ", part.stream().map(Token::stem).toList());
          String form =
              String.join(" ", part.stream().map(Token::word).toList()).toLowerCase(forms.locale());
          groups.computeIfAbsent(key, s -> new Group()).add(form, i, length, placeOf(tokens, i));
        }
      }
      for (Use use : densest(groups, length, tokens.size())) {
        // A phrase that only ever stands within a longer one is that one.
        boolean within =
            out.stream().anyMatch(o -> o.term().contains(use.term()) && o.count() >= use.count());
        if (!within) {
          out.add(use);
        }
      }
    }
    out.sort(Comparator.comparingInt(u -> -u.count()));
    return out.stream().limit(MOST_SHOWN).toList();
  }

  private static List<Use> densest(Map<String, Group> groups, int length, int all) {
    return groups.values().stream()
        .filter(g -> g.places.size() > 1)
        .map(
            g ->
                new Use(
                    g.form(),
                    g.places.size(),
                    share(g.places.size() * length, all),
                    g.places,
                    TermShare.ofFound(g.places.size(), all)))
        .sorted(Comparator.comparingInt(u -> -u.count()))
        .limit(MOST_SHOWN)
        .toList();
  }
}

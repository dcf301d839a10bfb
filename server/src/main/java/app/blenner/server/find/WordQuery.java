package app.blenner.server.find;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.lucene.analysis.miscellaneous.ASCIIFoldingFilter;
import org.hibernate.search.engine.search.predicate.SearchPredicate;
import org.hibernate.search.engine.search.predicate.dsl.BooleanPredicateClausesStep;
import org.hibernate.search.engine.search.predicate.dsl.PredicateFinalStep;
import org.hibernate.search.engine.search.predicate.dsl.SearchPredicateFactory;

/**
 * What somebody typed, as a question to the index. Each word is looked for as it is, by its forms, as a part of a compound,
 * and, being the last, as the beginning of one; what is in quotation marks, and codes with signs in them, as they stand.
 */
final class WordQuery {
  /** Nobody looks for more; the rest would only cost time. */
  static final int MOST_WORDS = 24;

  private static final Pattern TERM = Pattern.compile("[\"“„«]([^\"”“»]*)[\"”“»]|(\\S+)");
  private static final Pattern CODE = Pattern.compile("[\\p{L}\\p{N}]+(?:[-._/:][\\p{L}\\p{N}]+)+");
  private static final Pattern NO_LETTER = Pattern.compile("[^\\p{L}\\p{N}]+");

  /** What a field counts, from what somebody who edits thinks of first. */
  private static final float TITLE = 8f;

  private static final float KEYWORDS = 5f;
  private static final float HEADINGS = 4f;
  private static final float SUMMARY = 3f;
  private static final float PART = 0.6f;
  private static final float MISTYPED = 0.3f;
  private static final int SHORTEST_MISTYPED = 4;
  private static final int SHORTEST_PART = 4;
  private static final int LONGEST_PART = 16;

  /** With more words than this, not each of them has to be there. */
  private static final int ALL_OF = 2;

  private static final int OF_MANY_PER_CENT = 70;

  private record Term(String words, boolean exact) {}

  private final List<Term> terms = new ArrayList<>();
  private final boolean cut;
  private final boolean open;

  WordQuery(String typed) {
    Matcher m = TERM.matcher(typed);
    boolean more = false;
    while (m.find() && !more) {
      String quoted = m.group(1);
      String words = (quoted == null ? m.group(2) : quoted).strip();
      if (!NO_LETTER.matcher(words).matches() && !words.isEmpty()) {
        more = terms.size() == MOST_WORDS;
        if (!more) {
          terms.add(new Term(words, quoted != null || CODE.matcher(words).matches()));
        }
      }
    }
    cut = more;
    open = !typed.isEmpty() && Character.isLetterOrDigit(typed.codePointBefore(typed.length()));
  }

  /** Whether nothing is asked for. */
  boolean isEmpty() {
    return terms.isEmpty();
  }

  /** Whether there were more words than are looked for. */
  boolean isCut() {
    return cut;
  }

  /**
   * The question.
   *
   * @param forgiving whether one wrong letter of a word is forgiven
   */
  SearchPredicate predicate(SearchPredicateFactory f, boolean forgiving) {
    BooleanPredicateClausesStep<?, ?> all = f.bool();
    for (int i = 0; i < terms.size(); i++) {
      boolean last = open && i == terms.size() - 1;
      all.should(term(f, terms.get(i), last, forgiving));
    }
    int wanted =
        terms.size() <= ALL_OF
            ? terms.size()
            : Math.max(ALL_OF, terms.size() * OF_MANY_PER_CENT / 100);
    all.minimumShouldMatchNumber(wanted);
    // Words that stand together as they were typed say more than the same words apart.
    if (terms.size() > 1 && terms.size() <= 6) {
      String together = String.join(" ", terms.stream().map(Term::words).toList());
      BooleanPredicateClausesStep<?, ?> with = f.bool().must(all);
      with.should(f.phrase().field(IndexFields.TITLE).matching(together).slop(1).boost(TITLE));
      with.should(f.phrase().field(IndexFields.WORDS).matching(together).slop(2).boost(2f));
      return with.toPredicate();
    }
    return all.toPredicate();
  }

  /** The question for what has any of the words, those first that have most of them. */
  SearchPredicate any(SearchPredicateFactory f) {
    BooleanPredicateClausesStep<?, ?> any = f.bool();
    terms.forEach(t -> any.should(term(f, t, false, false)));
    return any.toPredicate();
  }

  private static PredicateFinalStep term(
      SearchPredicateFactory f, Term term, boolean last, boolean forgiving) {
    String words = term.words;
    BooleanPredicateClausesStep<?, ?> any = f.bool();
    if (term.exact) {
      any.should(f.phrase().field(IndexFields.TITLE).matching(words).boost(TITLE));
      any.should(f.phrase().field(IndexFields.SUMMARY).matching(words).boost(SUMMARY));
      any.should(f.phrase().field(IndexFields.HEADINGS).matching(words).boost(HEADINGS));
      any.should(f.phrase().field(IndexFields.KEYWORDS).matching(words).boost(KEYWORDS));
      return any.should(f.phrase().field(IndexFields.WORDS).matching(words));
    }
    any.should(f.match().field(IndexFields.TITLE).matching(words).boost(TITLE));
    any.should(f.match().field(IndexFields.KEYWORDS).matching(words).boost(KEYWORDS));
    any.should(f.match().field(IndexFields.HEADINGS).matching(words).boost(HEADINGS));
    any.should(f.match().field(IndexFields.SUMMARY).matching(words).boost(SUMMARY));
    any.should(f.match().field(IndexFields.WORDS).matching(words));
    for (String language : Languages.ALL.keySet()) {
      any.should(f.match().field(IndexFields.titleOf(language)).matching(words).boost(TITLE / 2));
      any.should(f.match().field(IndexFields.wordsOf(language)).matching(words).boost(0.8f));
    }
    if (words.length() >= SHORTEST_PART) {
      any.should(partOf(f, folded(words)).boost(PART));
    }
    if (last) {
      String begins = folded(words);
      any.should(f.prefix().field(IndexFields.TITLE).matching(begins).boost(TITLE / 2));
      any.should(f.prefix().field(IndexFields.KEYWORDS).matching(begins).boost(KEYWORDS / 2));
      // A beginning of three letters is that of very many words.
      if (begins.length() >= SHORTEST_PART) {
        any.should(f.prefix().field(IndexFields.WORDS).matching(begins).boost(0.5f));
      }
    }
    if (forgiving && words.length() >= SHORTEST_MISTYPED) {
      any.should(
          f.match().field(IndexFields.TITLE).matching(words).fuzzy(1).boost(TITLE * MISTYPED));
      any.should(
          f.match()
              .fields(
                  IndexFields.SUMMARY,
                  IndexFields.WORDS,
                  IndexFields.KEYWORDS,
                  IndexFields.HEADINGS)
              .matching(words)
              .fuzzy(1)
              .boost(MISTYPED));
    }
    return any;
  }

  /** A part of a word: each four letters in a row of it are those of a word. */
  private static BooleanPredicateClausesStep<?, ?> partOf(SearchPredicateFactory f, String word) {
    BooleanPredicateClausesStep<?, ?> all = f.bool();
    for (int i = 0; i + SHORTEST_PART <= Math.min(word.length(), LONGEST_PART); i++) {
      all.must(
          f.match()
              .field(IndexFields.PARTS)
              .matching(word.substring(i, i + SHORTEST_PART))
              .analyzer(ItemAnalysis.FOLDED));
    }
    return all;
  }

  /** As the index has it. */
  private static String folded(String words) {
    String small = words.toLowerCase(java.util.Locale.ROOT);
    char[] in = small.toCharArray();
    char[] out = new char[in.length * 4];
    int length = ASCIIFoldingFilter.foldToASCII(in, 0, out, 0, in.length);
    return new String(out, 0, length);
  }
}

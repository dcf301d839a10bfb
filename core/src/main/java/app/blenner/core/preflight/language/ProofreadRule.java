package app.blenner.core.preflight.language;

import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRemark.Sort;
import app.blenner.core.proofread.ProofreadRequest;
import app.blenner.core.proofread.ProofreadText;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.WordList;
import app.blenner.core.rule.WordListCache;
import app.blenner.core.tidy.WordEdit;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Spelling, grammar and style, as far as the texts of an item have been read. */
public final class ProofreadRule extends BasicRule {
  /** The rule of spelling. */
  public static final String SPELLING = "spelling";

  private static final WordList WORDS =
      new WordList(
          "Words the house knows",
          "One in each line: names, places, terms. They count as written, and with a capital at the beginning of a sentence.");

  private final Sort sort;
  private final WordListCache<Set<String>> books = new WordListCache<>(ProofreadRule::words);

  /** Made once: whether one is on is asked at every save. */
  private static final List<Rule> ALL = made();

  private ProofreadRule(RuleDescriptor descriptor, Sort sort) {
    super(descriptor, Scope.SITE);
    this.sort = sort;
  }

  /** All of them. */
  public static List<Rule> all() {
    return ALL;
  }

  private static List<Rule> made() {
    return List.of(
        new ProofreadRule(
            new RuleDescriptor(
                SPELLING,
                "Words that may be misspelled",
                "Readers trust a text less with each slip they stumble over.",
                "Common practice: no text goes out unread; the dictionaries of LanguageTool 6.8",
                RuleSeverity.ADVISED,
                "one word spelled right",
                "%d words spelled right"),
            Sort.SPELLING),
        new ProofreadRule(
            new RuleDescriptor(
                "grammar",
                "Words that do not go together",
                "A sentence that has to be read twice is a sentence too many.",
                "Common practice: no text goes out unread; the grammar of LanguageTool 6.8",
                RuleSeverity.ADVISED,
                "a look at one sentence’s grammar",
                "a look at the grammar of %d sentences"),
            Sort.GRAMMAR),
        new ProofreadRule(
            new RuleDescriptor(
                "style",
                "Words for which there are better ones",
                "Plain words reach everybody, those too who read in a second language.",
                "Common practice of plain language; the style rules of LanguageTool 6.8",
                RuleSeverity.OFF,
                "a look at the style of one sentence",
                "a look at the style of %d sentences"),
            Sort.STYLE));
  }

  /** Whether a rule is on for whose sake texts have to be read. */
  public static boolean wantsReading(Settings settings) {
    return all().stream().anyMatch(r -> settings.weightOf(r) != RuleSeverity.OFF);
  }

  /** Whether what is read holds an item. */
  public static boolean holds(Settings settings) {
    return all().stream().anyMatch(r -> settings.weightOf(r) == RuleSeverity.REQUIRED);
  }

  @Override
  public Optional<WordList> words() {
    return sort == Sort.SPELLING ? Optional.of(WORDS) : Optional.empty();
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    // Read as the wrong language, every word would be a mistake.
    if (subject.itemContext().remarks().isEmpty() || subject.writtenIn().isPresent()) {
      return found;
    }
    Set<String> house = houseOf(settings, subject.itemContext().words());
    field(subject, settings, house, "title", subject.content().title(), found);
    field(subject, settings, house, "summary", subject.content().summary(), found);
    for (int i = 0; i < subject.passages().size(); i++) {
      for (Place place : subject.passages().get(i).places()) {
        if (ProofreadText.isRead(place.block())) {
          for (ProofreadRemark r : remarksOf(subject, place.text(), house)) {
            if (!ProofreadText.isLeftOut(place.block().content(), r.from(), r.to())) {
              found.add(
                  Finding.onWords(
                      this,
                      settings.severityOf(this),
                      message(r, place.text()),
                      place.inPassage(i),
                      r.from(),
                      r.to(),
                      fixes(r)));
            }
          }
        }
      }
    }
    return found;
  }

  private void field(
      Subject subject,
      Settings settings,
      Set<String> house,
      String field,
      String text,
      List<Finding> found) {
    for (ProofreadRemark r : remarksOf(subject, text, house)) {
      if (!ProofreadText.isAddress(text, r.from(), r.to())) {
        found.add(
            Finding.onFieldWords(
                this,
                settings.severityOf(this),
                message(r, text),
                field,
                text,
                new Finding.Words(r.from(), r.to()),
                List.of(Fix.ask("Write it otherwise", field))));
      }
    }
  }

  private List<ProofreadRemark> remarksOf(Subject subject, String text, Set<String> house) {
    List<ProofreadRemark> all =
        subject
            .itemContext()
            .remarks()
            .getOrDefault(new ProofreadRequest(subject.language(), text), List.of());
    return all.stream()
        .filter(r -> r.sort() == sort && r.from() < r.to() && r.to() <= text.length())
        .filter(r -> sort != Sort.SPELLING || !knows(house, text.substring(r.from(), r.to())))
        .toList();
  }

  private static List<Fix> fixes(ProofreadRemark remark) {
    return remark.better().stream()
        .map(
            better ->
                Fix.ofItem(
                    better.isEmpty() ? "Take it out" : "Write “" + better + "”",
                    (content, at) ->
                        content.withBody(
                            WordEdit.replaced(
                                content.body(), at, remark.from(), remark.to(), better))))
        .toList();
  }

  private static String message(ProofreadRemark remark, String text) {
    String there = text.substring(remark.from(), remark.to()).strip();
    return remark.sort() == Sort.SPELLING
        ? "“" + there + "” stands in no dictionary of this language."
        : "“" + there + "”: " + remark.message();
  }

  private Set<String> houseOf(Settings settings, Set<String> own) {
    if (sort != Sort.SPELLING) {
      return Set.of();
    }
    Set<String> house = books.of(settings.wordsOf(this));
    if (own.isEmpty()) {
      return house;
    }
    Set<String> both = new HashSet<>(house);
    own.forEach(word -> both.add(plain(word)));
    return both;
  }

  private static Set<String> words(List<String> lines) {
    Set<String> words = new HashSet<>();
    for (String line : lines) {
      words.addAll(List.of(plain(line).split("\\s+")));
    }
    return words;
  }

  /**
   * Whether a list of words has one: as it is, with a small letter where it is at the beginning of a sentence, in
   * capitals throughout, or with the ending of a genitive.
   */
  private static boolean knows(Set<String> words, String given) {
    String word = plain(given);
    if (has(words, word)) {
      return true;
    }
    String bare = word.replaceFirst("'s?$", "");
    if (!bare.equals(word) && has(words, bare)) {
      return true;
    }
    String[] parts = word.split("[-\\s]+");
    if (parts.length > 1) {
      for (String part : parts) {
        if (!has(words, part)) {
          return false;
        }
      }
      return true;
    }
    return false;
  }

  private static boolean has(Set<String> words, String word) {
    if (word.isEmpty() || words.contains(word)) {
      return true;
    }
    String first = word.substring(0, 1);
    return words.contains(first.toLowerCase(Locale.ROOT) + word.substring(1))
        || word.equals(word.toUpperCase(Locale.ROOT))
            && (words.contains(word.toLowerCase(Locale.ROOT))
                || words.contains(first + word.substring(1).toLowerCase(Locale.ROOT)));
  }

  private static String plain(String word) {
    return Normalizer.normalize(word, Normalizer.Form.NFC)
        .replace('’', '\'')
        .replace("\u00AD", "")
        .strip();
  }
}

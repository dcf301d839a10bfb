package app.blenner.spelling;

import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRemark.Sort;
import app.blenner.core.proofread.ProofreadRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.languagetool.JLanguageTool;
import org.languagetool.Languages;
import org.languagetool.rules.Rule;
import org.languagetool.rules.RuleMatch;

/** Those who read, one for each language; each is made when its language is first asked for, which takes seconds. */
final class LanguageToolPool {
  /** Where a tag names no country, and LanguageTool knows spelling by country only. */
  private static final Map<String, String> USUAL = Map.of("en", "en-GB", "de", "de-DE");

  /** Countries by whose spelling LanguageTool reads. */
  private static final Set<String> COUNTRIES =
      Set.of("en-GB", "en-US", "en-AU", "en-CA", "en-NZ", "en-ZA", "de-DE", "de-AT", "de-CH");

  private static final Set<String> OTHERS = Set.of("fr", "es", "it", "nl");

  /** What Blenner looks after by rules of its own, and what is no fault of language. */
  private static final Set<String> NOT_ASKED =
      Set.of(
          // Quotation marks, dashes, ellipses, spaces and doubled words: Tidy’s.
          "TYPOGRAPHY", "CAT_TYPOGRAPHIE", "TYPOGRAFIE", "TYPOGRAFÍA", "TYPOGRAFIA", "WHITESPACE");

  private static final Set<String> NOT_ASKED_RULES =
      Set.of(
          "WHITESPACE_RULE",
          "COMMA_PARENTHESIS_WHITESPACE",
          "SENTENCE_WHITESPACE",
          "EN_QUOTES",
          "TYPOGRAPHICAL_APOSTROPHE",
          "TYPOGRAFISCHE_ANFUEHRUNGSZEICHEN",
          "DOUBLE_PUNCTUATION",
          // A heading, a list or a cell of a table begins and ends as it likes.
          "UPPERCASE_SENTENCE_START",
          "PUNCTUATION_PARAGRAPH_END",
          "PUNCTUATION_PARAGRAPH_END2");

  private final Map<String, JLanguageTool> readers = new HashMap<>();

  /** The language by whose dictionaries a text is read; empty where there are none. */
  static Optional<String> language(String tag) {
    Locale locale = Locale.forLanguageTag(tag);
    String language = locale.getLanguage();
    String country = language + "-" + locale.getCountry();
    if (COUNTRIES.contains(country)) {
      return Optional.of(country);
    }
    return USUAL.containsKey(language)
        ? Optional.of(USUAL.get(language))
        : Optional.of(language).filter(OTHERS::contains);
  }

  /** What is to be said of a text; nothing where nobody knows its language. */
  List<ProofreadRemark> read(ProofreadRequest question) throws IOException {
    Optional<String> language = language(question.language());
    List<ProofreadRemark> out = new ArrayList<>();
    if (language.isPresent()) {
      JLanguageTool reader = readers.computeIfAbsent(language.get(), LanguageToolPool::made);
      for (RuleMatch match : reader.check(question.text())) {
        if (isAsked(match.getRule())) {
          out.add(remark(match));
        }
      }
    }
    return out;
  }

  private static JLanguageTool made(String language) {
    return new JLanguageTool(Languages.getLanguageForShortCode(language));
  }

  private static boolean isAsked(Rule rule) {
    return !NOT_ASKED.contains(rule.getCategory().getId().toString())
        && !NOT_ASKED_RULES.contains(rule.getId());
  }

  private static ProofreadRemark remark(RuleMatch match) {
    String message =
        match.getMessage().replaceAll("<suggestion>", "“").replaceAll("</suggestion>", "”");
    return new ProofreadRemark(
        match.getFromPos(),
        match.getToPos(),
        sort(match.getRule()),
        match.getRule().getId(),
        message,
        match.getSuggestedReplacements());
  }

  private static Sort sort(Rule rule) {
    return switch (rule.getLocQualityIssueType()) {
      case Misspelling -> rule.isDictionaryBasedSpellingRule() ? Sort.SPELLING : Sort.GRAMMAR;
      case Style, Register, LocaleViolation -> Sort.STYLE;
      default -> Sort.GRAMMAR;
    };
  }
}

package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Stretches of at least three words, or a whole line, in nothing but capitals. */
final class Capitals extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeAdvised(
          "capitals",
          "All capitals",
          "Words in capitals are read slowly, and letter by letter by some screen readers. Names must be set right by hand.",
          "Common practice: capitals are for names and the beginnings of sentences");

  private static final Pattern ROW =
      Pattern.compile(
          "\\p{Lu}[\\p{Lu}\\p{N}’'.-]*+(?:[ ,:;–—-]++[\\p{Lu}\\p{N}][\\p{Lu}\\p{N}’'.-]*+)*+");

  Capitals() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "These words stand in nothing but capitals.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    Locale locale = Locale.forLanguageTag(language);
    return CharacterEdits.mend(document, (text, code) -> editsFor(text, code, locale), take);
  }

  private static List<Edit> editsFor(String text, boolean[] code, Locale locale) {
    List<Edit> out = new ArrayList<>();
    int firstLetter = first(text, Character::isLetter);
    int lastLetter = last(text, Character::isLetter);
    int firstWord = first(text, c -> c < 128 && (Character.isLetterOrDigit(c) || c == '_'));
    Matcher m = ROW.matcher(text);
    while (m.find()) {
      int end = 1 + last(m.group(), c -> Character.isUpperCase(c) || isNumber(c)) + m.start();
      String row = text.substring(m.start(), end);
      long words = row.chars().filter(c -> c == ' ').count() + 1;
      long letters = row.codePoints().filter(Character::isLetter).count();
      boolean whole = firstLetter >= m.start() && lastLetter < end;
      boolean shouts = (words >= 3 && letters >= 10) || (whole && letters > 5);
      if (shouts && !code[m.start()]) {
        boolean first = firstWord >= m.start() || beginsSentence(text, m.start());
        out.add(new Edit(m.start(), end, sentence(row, first, locale)));
      }
    }
    return out;
  }

  private static boolean isNumber(int c) {
    int type = Character.getType(c);
    return type == Character.DECIMAL_DIGIT_NUMBER
        || type == Character.LETTER_NUMBER
        || type == Character.OTHER_NUMBER;
  }

  /** Where the first such character stands; behind the end where there is none. */
  private static int first(String text, IntPredicate wanted) {
    int i = 0;
    while (i < text.length() && !wanted.test(text.codePointAt(i))) {
      i += Character.charCount(text.codePointAt(i));
    }
    return i;
  }

  /** Where the last such character stands, or -1. */
  private static int last(String text, IntPredicate wanted) {
    int i = text.length();
    while (i > 0) {
      int c = text.codePointBefore(i);
      i -= Character.charCount(c);
      if (wanted.test(c)) {
        return i;
      }
    }
    return -1;
  }

  /** Whether a sentence ended before a place: a mark that ends one, and white space. */
  private static boolean beginsSentence(String text, int at) {
    int i = at;
    while (i > 0 && Character.isWhitespace(text.charAt(i - 1))) {
      i--;
    }
    return i < at && i > 0 && ".!?".indexOf(text.charAt(i - 1)) >= 0;
  }

  /** The words in small letters, with a capital where a sentence begins. */
  private static String sentence(String row, boolean first, Locale locale) {
    StringBuilder out = new StringBuilder(row.toLowerCase(locale));
    boolean begins = first;
    for (int i = 0; i < out.length(); i++) {
      char c = out.charAt(i);
      if (begins && Character.isLetter(c)) {
        String capital = String.valueOf(c).toUpperCase(locale);
        out.replace(i, i + 1, capital);
        begins = false;
      } else if (c == '.' && i + 1 < out.length() && out.charAt(i + 1) == ' ') {
        begins = true;
      }
    }
    return out.toString();
  }
}

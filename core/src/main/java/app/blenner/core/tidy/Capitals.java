package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Stretches of at least three words, or a whole line, in nothing but capitals. */
final class Capitals implements CleanUpRule {
  private static final Pattern ROW =
      Pattern.compile(
          "\\p{Lu}[\\p{Lu}\\p{N}’'.-]*(?:[ ,:;–—-]+[\\p{Lu}\\p{N}][\\p{Lu}\\p{N}’'.-]*)*[\\p{Lu}\\p{N}]");

  @Override
  public String id() {
    return "capitals";
  }

  @Override
  public String label() {
    return "All capitals";
  }

  @Override
  public String why() {
    return "CharacterEdits in capitals are read slowly, and letter by letter by some screen readers. Names must be set right by hand.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    Locale locale = Locale.forLanguageTag(language);
    return CharacterEdits.mend(document, (text, code) -> edits(text, code, locale), take);
  }

  private static List<Edit> edits(String text, boolean[] code, Locale locale) {
    List<Edit> out = new ArrayList<>();
    Matcher m = ROW.matcher(text);
    while (m.find()) {
      String row = m.group();
      long words = row.chars().filter(c -> c == ' ').count() + 1;
      long letters = row.codePoints().filter(Character::isLetter).count();
      boolean whole =
          text.substring(0, m.start()).codePoints().noneMatch(Character::isLetter)
              && text.substring(m.end()).codePoints().noneMatch(Character::isLetter);
      boolean shouts = (words >= 3 && letters >= 10) || (whole && letters > 5);
      if (shouts && !code[m.start()]) {
        boolean first = text.substring(0, m.start()).matches("(?s)|.*[.!?]\\s+|\\W*");
        out.add(new Edit(m.start(), m.end(), sentence(row, first, locale)));
      }
    }
    return out;
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

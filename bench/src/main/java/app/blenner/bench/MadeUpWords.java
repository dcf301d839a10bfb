package app.blenner.bench;

import java.util.Random;

/**
 * Words as seldom and as frequent as in texts: the frequency falls with the rank (Zipf).
 *
 * @param language in whose letters they are written
 */
record MadeUpWords(String language, Random random) {
  private static final int VOCABULARY = 20_000;

  /** So many words, with spaces between them. */
  String some(int count) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < count; i++) {
      double rank = Math.exp(random.nextDouble() * Math.log(VOCABULARY));
      out.append(i == 0 ? "" : " ").append(word((int) rank));
    }
    return out.toString();
  }

  private String word(int rank) {
    String vowels =
        switch (language) {
          case "ar" -> "اوي";
          case "el" -> "αεηιο";
          case "de" -> "aeiouäü";
          case "fr" -> "aeiouéè";
          default -> "aeiou";
        };
    String consonants =
        switch (language) {
          case "ar" -> "بتثجحدرسشعفقكلمن";
          case "el" -> "βγδζθκλμνπρστφχ";
          default -> "bdfglmnprstvk";
        };
    StringBuilder out = new StringBuilder();
    int n = rank * 7 + 3;
    do {
      out.append(consonants.charAt(n % consonants.length()));
      n /= consonants.length();
      out.append(vowels.charAt(n % vowels.length()));
      n /= vowels.length();
    } while (n > 0);
    return out.toString();
  }
}

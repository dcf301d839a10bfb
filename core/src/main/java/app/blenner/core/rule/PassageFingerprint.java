package app.blenner.core.rule;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.TextHash;
import app.blenner.core.format.html.HtmlWriter;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Tells passages apart by what they say: where a passage moves, or others are written around it, it is the same one; where
 * its own words change, it is another. Only letters and digits count, in small letters, so that a comma or a space put in
 * changes nothing.
 */
public final class PassageFingerprint {
  /** So many letters from its beginning tell a block. */
  private static final int BEGINNING = 48;

  /** So many letters on each side of some words tell which of the same words they are. */
  private static final int BESIDE = 12;

  private PassageFingerprint() {}

  /** What tells a block as a whole: how its words begin or, where it has none, how it is written. */
  static String ofBlock(Place place) {
    Block block = place.block();
    List<Block> alone = List.of(block);
    String words =
        lettersOf(RunningText.of(alone).stream().collect(Collectors.joining(" ")), BEGINNING);
    String told = words.isEmpty() ? HtmlWriter.write(new Document(alone)) : words;
    return TextHash.of(block.getClass().getSimpleName() + " " + told);
  }

  /** What tells some words of a block's own text: the words, and the letters on either side of them. */
  static String ofWords(Place place, int from, int to) {
    String text = place.text();
    return TextHash.of(
        text.substring(from, to)
            + "\n"
            + before(text, from)
            + "\n"
            + lettersOf(text.substring(to, Math.min(text.length(), to + 4 * BESIDE)), BESIDE));
  }

  private static String before(String text, int from) {
    String letters =
        lettersOf(text.substring(Math.max(0, from - 4 * BESIDE), from), Integer.MAX_VALUE);
    return letters.substring(Math.max(0, letters.length() - BESIDE));
  }

  /** What tells a place by the letters of the words it is in, which cleaning up never changes but for their case. */
  public static String lettersOf(String words) {
    StringBuilder out = new StringBuilder();
    words
        .codePoints()
        .filter(Character::isLetter)
        .forEach(c -> out.appendCodePoint(Character.toLowerCase(c)));
    return TextHash.of(out.toString());
  }

  private static String lettersOf(String text, int most) {
    StringBuilder out = new StringBuilder();
    text.codePoints()
        .filter(Character::isLetterOrDigit)
        .limit(most)
        .forEach(c -> out.appendCodePoint(Character.toLowerCase(c)));
    return out.toString();
  }
}

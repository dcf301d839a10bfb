package app.blenner.core.media;

import app.blenner.core.document.PlainText;
import java.util.List;

/**
 * What is said of a picture or file, wherever it is used.
 *
 * @param title what people call it
 * @param alternative what it shows, for those who cannot see it, or empty
 * @param caption words below it, or empty
 * @param credit who made it, or empty
 * @param source where it is from, or empty
 * @param licence on what terms it may be used, or empty
 * @param description more about it, for the people of the site, or empty
 * @param keywords free words
 */
public record Description(
    String title,
    String alternative,
    String caption,
    String credit,
    String source,
    String licence,
    String description,
    List<String> keywords) {

  /** Nothing. */
  public static final Description NONE = of("");

  public Description {
    title = lineOf(title, 300);
    alternative = lineOf(alternative, 1000);
    caption = lineOf(caption, 2000);
    credit = lineOf(credit, 300);
    source = lineOf(source, 1000);
    licence = lineOf(licence, 300);
    String legal = PlainText.legal(description).strip();
    description = legal.substring(0, Math.min(4000, legal.length()));
    keywords =
        keywords.stream()
            .map(k -> lineOf(k.replace(',', ' '), 100))
            .filter(k -> !k.isEmpty())
            .distinct()
            .limit(MOST_KEYWORDS)
            .toList();
  }

  private static final int MOST_KEYWORDS = 50;

  /** No more than a title. */
  public static Description of(String title) {
    return new Description(title, "", "", "", "", "", "", List.of());
  }

  private static String lineOf(String text, int most) {
    String line = PlainText.toLine(text);
    int end = Math.min(most, line.length());
    boolean parted = end < line.length() && Character.isHighSurrogate(line.charAt(end - 1));
    return line.substring(0, parted ? end - 1 : end);
  }

  /** The same, called otherwise. */
  public Description called(String other) {
    return new Description(
        other, alternative, caption, credit, source, licence, description, keywords);
  }
}

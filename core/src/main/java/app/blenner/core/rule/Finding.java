package app.blenner.core.rule;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.TextHash;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a rule found at one place.
 *
 * <p>Its {@link #identity()} tells it from every other finding of the same item, and lasts while what it is about does,
 * wherever that moves to.
 *
 * @param rule id of the rule
 * @param level how much it weighs
 * @param message what is wrong, in a sentence
 * @param why why it matters, in a sentence
 * @param field where: {@code title}, {@code summary}, {@code body}, or {@code field:} and the name of one
 * @param path the block, for a finding in the body; otherwise null
 * @param from first character of the stretch within the block's or field's text, from 0
 * @param to the character after its last; equal to {@code from} for the block as a whole
 * @param about what it is about, as {@link PassageFingerprint} tells it from others of its rule
 * @param number which of those that are about the same, from 1
 * @param fixes ways to mend it
 */
public record Finding(
    String rule,
    Severity level,
    String message,
    String why,
    String field,
    BlockPath path,
    int from,
    int to,
    String about,
    int number,
    List<Fix> fixes) {

  /** What stands before the name of a field, where a finding says on which it is. */
  public static final String FIELD = "field:";

  /** A finding on a field as a whole. */
  public static Finding onField(
      Rule rule, Severity level, String message, String field, List<Fix> fixes) {
    return new Finding(rule.id(), level, message, rule.why(), field, null, 0, 0, field, 1, fixes);
  }

  /** That a rule could not look at an item, by a fault of Blenner’s. */
  public static Finding ofFailed(Rule rule) {
    return new Finding(
        rule.id(),
        Severity.LOOK,
        "Blenner could not look for this here: "
            + rule.descriptor().label().toLowerCase(Locale.ROOT)
            + ".",
        "It failed at this item. Everything else was looked for; look for this yourself.",
        "title",
        null,
        0,
        0,
        "failed",
        1,
        List.of());
  }

  /** A finding on a block as a whole. */
  public static Finding onBlock(
      Rule rule, Severity level, String message, Place place, List<Fix> fixes) {
    return inBody(
        rule, level, message, place.path(), Words.NONE, PassageFingerprint.ofBlock(place), fixes);
  }

  /** A finding on a stretch of a block's own text. */
  public static Finding onWords(
      Rule rule, Severity level, String message, Place place, int from, int to, List<Fix> fixes) {
    return inBody(
        rule,
        level,
        message,
        place.path(),
        new Words(from, to),
        PassageFingerprint.ofWords(place, from, to),
        fixes);
  }

  /**
   * Some words of a text.
   *
   * @param from their first character
   * @param to the character after their last
   */
  public record Words(int from, int to) {
    /** The whole text is meant. */
    public static final Words NONE = new Words(0, 0);
  }

  /**
   * A finding on some words of a field.
   *
   * @param text what is in the field
   */
  public static Finding onFieldWords(
      Rule rule,
      Severity level,
      String message,
      String field,
      String text,
      Words words,
      List<Fix> fixes) {
    String said = text.substring(words.from, words.to);
    String about = TextHash.of(field + "\n" + said);
    return new Finding(
        rule.id(), level, message, rule.why(), field, null, words.from, words.to, about, 1, fixes);
  }

  /** A finding on something that leads somewhere. */
  public static Finding onLead(
      Rule rule, Severity level, String message, LinkOccurrence lead, List<Fix> fixes) {
    return lead.from() == lead.to()
        ? onBlock(rule, level, message, lead.place(), fixes)
        : onWords(rule, level, message, lead.place(), lead.from(), lead.to(), fixes);
  }

  /**
   * A finding on a field because of something that lies elsewhere.
   *
   * @param of what it lies in: of another one it is another finding
   */
  public static Finding onFieldOf(
      Rule rule, Severity level, String message, String field, String of, List<Fix> fixes) {
    String about = TextHash.of(field + "\n" + of);
    return new Finding(rule.id(), level, message, rule.why(), field, null, 0, 0, about, 1, fixes);
  }

  /**
   * A finding in the text, of which the rule itself tells what it is about.
   *
   * @param about as {@link PassageFingerprint} tells it
   */
  public static Finding inBody(
      Rule rule,
      Severity level,
      String message,
      BlockPath path,
      Words words,
      String about,
      List<Fix> fixes) {
    return new Finding(
        rule.id(), level, message, rule.why(), "body", path, words.from, words.to, about, 1, fixes);
  }

  /** As a short lasting word: the rule, what it is about, and which of several about the same. */
  public String identity() {
    return rule + ":" + about + (number > 1 ? "." + number : "");
  }

  /** The same, with other words for why it matters. */
  public Finding withMessage(String otherWhy) {
    return new Finding(rule, level, message, otherWhy, field, path, from, to, about, number, fixes);
  }

  /** The item with this mended. */
  public Content applyFix(Fix fix, Content content) {
    return fix.change().apply(content, path);
  }

  /** The same of a block around the one it is in, as a whole: what is inside that one can only be mended by hand. */
  public Finding ofAround(BlockPath around) {
    return new Finding(rule, level, message, why, field, around, 0, 0, about, number, List.of());
  }

  /** The same finding of the whole text, where this is one of the passage with a number. */
  Finding inPassage(int passage) {
    return with(path.prependStep(passage), number);
  }

  /** The same finding within the passage it is in, where this is one of a text of that passage alone. */
  public Finding withoutPassage() {
    return with(path.withoutFirst(), number);
  }

  private Finding with(BlockPath path, int number) {
    return new Finding(rule, level, message, why, field, path, from, to, about, number, fixes);
  }

  /** The findings of an item, those numbered that are about the same. */
  public static List<Finding> numbered(List<Finding> findings) {
    Map<String, Integer> seen = new HashMap<>();
    List<Finding> out = new ArrayList<>(findings.size());
    for (Finding f : findings) {
      out.add(f.with(f.path, seen.merge(f.rule + ":" + f.about, 1, Integer::sum)));
    }
    return out;
  }
}

package app.blenner.core.format.markup;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.html.MarkupCheck;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.markdown.MarkdownWriter;
import app.blenner.core.version.Differences;
import java.util.ArrayList;
import java.util.List;

/**
 * Markup as it was typed, and what it is read as.
 *
 * @param body the text in its stored form
 * @param canonical the same in the language it was typed in, as Blenner spells it
 * @param remarks what to know about single lines
 * @param changes what would read differently from what was typed
 */
public record TypedMarkup(
    String body, String canonical, List<MarkupCheck.Remark> remarks, List<Change> changes) {

  /** The languages markup can be typed in. */
  public enum Language {
    HTML,
    MARKDOWN
  }

  /**
   * A stretch of lines that changes.
   *
   * @param line the first of them as typed, counted from 1
   * @param before the lines as typed
   * @param after the lines as Blenner spells them
   */
  public record Change(int line, List<String> before, List<String> after) {}

  /** Reads typed markup. */
  public static TypedMarkup read(Language language, String typed) {
    boolean html = language == Language.HTML;
    Document document = html ? HtmlReader.read(typed) : MarkdownReader.read(typed);
    String canonical = html ? HtmlWriter.write(document) : MarkdownWriter.write(document);
    List<MarkupCheck.Remark> remarks = html ? MarkupCheck.check(typed) : List.of();
    return new TypedMarkup(
        HtmlWriter.write(document), canonical, remarks, changes(typed, canonical));
  }

  /** A stored text in one of the languages. */
  public static String write(Language language, String body) {
    Document document = HtmlReader.read(body);
    return language == Language.HTML ? HtmlWriter.write(document) : MarkdownWriter.write(document);
  }

  private static List<Change> changes(String typed, String canonical) {
    List<String> before = linesOf(typed);
    List<String> after = linesOf(canonical);
    // Spaces at the ends of lines and empty lines only lay the markup out.
    List<String> tightBefore = before.stream().map(String::strip).toList();
    List<String> tightAfter = after.stream().map(String::strip).toList();
    List<Change> out = new ArrayList<>();
    for (Differences.Stretch d : Differences.of(tightBefore, tightAfter)) {
      int line = d.from();
      List<String> was = before.subList(line, d.to());
      List<String> is = after.subList(d.otherFrom(), d.otherTo());
      if (was.stream().anyMatch(s -> !s.isBlank()) || is.stream().anyMatch(s -> !s.isBlank())) {
        out.add(new Change(line + 1, List.copyOf(was), List.copyOf(is)));
      }
    }
    return out;
  }

  private static List<String> linesOf(String text) {
    return text.lines().toList();
  }
}

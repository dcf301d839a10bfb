package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.AddressAdvice;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Element;
import org.jsoup.parser.ParseError;
import org.jsoup.parser.Parser;

/** Finds in typed HTML what the format will not keep, and what is not well formed, with its line. */
public final class MarkupCheck {

  /**
   * Something to know about a line of markup.
   *
   * @param line the line, counted from 1
   * @param from first character of it, from 0, in the whole text
   * @param to character after the last
   * @param severity {@code ERROR} for what is not well formed, {@code LOSS} for what is not kept
   * @param message the same in a sentence
   */
  public record Remark(int line, int from, int to, Severity severity, String message) {}

  /** How grave a remark is. */
  public enum Severity {
    ERROR,
    LOSS
  }

  /** The elements of the format. */
  public static final Set<String> ELEMENTS =
      Set.of(
          ("p h1 h2 h3 h4 h5 h6 ul ol li figure figcaption blockquote pre code hr br img table caption"
                  + " colgroup col thead tbody tfoot tr th td div aside form label input textarea select"
                  + " option button a data span abbr mark strong b em i u s del sub sup small audio video"
                  + " track iframe")
              .split(" "));

  private static final Set<String> SILENT =
      Set.of("script", "style", "object", "embed", "template");
  private static final Set<String> ADDRESSES = Set.of("href", "src", "cite", "poster");
  private static final int MOST = 200;

  /** Elements that need not be closed by hand, and whose errors say little. */
  private static final Map<String, String> PLAIN =
      Map.of(
          "Unexpected EndTag token", "This closing tag closes nothing that is open.",
          "Unexpectedly reached end of file", "Something that was opened is not closed.");

  private MarkupCheck() {}

  /** Looks typed HTML over. */
  public static List<Remark> check(String html) {
    List<Remark> out = new ArrayList<>();
    Parser parser = Parser.htmlParser().setTrackErrors(MOST).setTrackPosition(true);
    org.jsoup.nodes.Document page = parser.parseInput("<body>" + html, "");
    int shift = "<body>".length();
    for (ParseError error : parser.getErrors()) {
      int at = Math.max(0, Math.min(html.length(), error.getPosition() - shift));
      String told = plain(error.getErrorMessage());
      if (!told.isEmpty()) {
        out.add(remark(html, at, at, Severity.ERROR, told));
      }
    }
    for (Element e : page.body().getAllElements()) {
      if (e != page.body() && e.sourceRange().isTracked() && out.size() < MOST) {
        element(html, e, shift, out);
      }
    }
    return out;
  }

  private static String plain(String message) {
    if (message.contains("doctype") || message.contains("Doctype")) {
      return "";
    }
    for (Map.Entry<String, String> known : PLAIN.entrySet()) {
      if (message.contains(known.getKey())) {
        return known.getValue();
      }
    }
    return "Not well formed: " + message + ".";
  }

  private static void element(String html, Element e, int shift, List<Remark> out) {
    int from = Math.max(0, e.sourceRange().startPos() - shift);
    int to = Math.min(html.length(), Math.max(from, e.sourceRange().endPos() - shift));
    String name = e.normalName();
    if (from >= html.length() || html.charAt(from) != '<') {
      return; // the parser itself put it in
    }
    boolean raw = e.closest("div.html") != null;
    if (SILENT.contains(name)) {
      out.add(
          remark(html, from, to, Severity.LOSS, "<" + name + "> is not kept, nor what is in it."));
    } else if (!ELEMENTS.contains(name) && !raw) {
      out.add(remark(html, from, to, Severity.LOSS, "<" + name + "> is not kept; its words are."));
    }
    for (Attribute a : e.attributes()) {
      if (a.getKey().startsWith("on")) {
        out.add(
            remark(html, from, to, Severity.LOSS, "The attribute " + a.getKey() + " is not kept."));
      } else if (ADDRESSES.contains(a.getKey()) && Address.parse(a.getValue()).isEmpty()) {
        out.add(remark(html, from, to, Severity.LOSS, AddressAdvice.problem(a.getValue())));
      }
    }
  }

  private static Remark remark(String html, int from, int to, Severity severity, String message) {
    int line = 1 + (int) html.substring(0, from).chars().filter(c -> c == '\n').count();
    return new Remark(line, from, to, severity, message);
  }
}

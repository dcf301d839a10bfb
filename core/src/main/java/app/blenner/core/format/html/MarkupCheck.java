package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.AddressAdvice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.parser.ParseError;
import org.jsoup.parser.Parser;
import org.jsoup.select.NodeVisitor;

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
    Lines lines = new Lines(html);
    Parser parser = Parser.htmlParser().setTrackErrors(MOST).setTrackPosition(true);
    org.jsoup.nodes.Document page = parser.parseInput("<body>" + html, "");
    int shift = "<body>".length();
    for (ParseError error : parser.getErrors()) {
      int at = Math.max(0, Math.min(html.length(), error.getPosition() - shift));
      String told = plain(error.getErrorMessage());
      if (!told.isEmpty()) {
        out.add(lines.remark(at, at, Severity.ERROR, told));
      }
    }
    page.body().traverse(new Elements(html, lines, shift, out));
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

  /** Looks over the elements, knowing which stand in a piece that is kept as it is. */
  private static final class Elements implements NodeVisitor {
    private final String html;
    private final Lines lines;
    private final int shift;
    private final List<Remark> out;
    private int raw;

    Elements(String html, Lines lines, int shift, List<Remark> out) {
      this.html = html;
      this.lines = lines;
      this.shift = shift;
      this.out = out;
    }

    @Override
    public void head(Node node, int depth) {
      if (!(node instanceof Element e)) {
        return;
      }
      raw += isRaw(e) ? 1 : 0;
      if (depth > 0 && e.sourceRange().isTracked() && out.size() < MOST) {
        element(e);
      }
    }

    @Override
    public void tail(Node node, int depth) {
      raw -= node instanceof Element e && isRaw(e) ? 1 : 0;
    }

    private static boolean isRaw(Element e) {
      return e.normalName().equals("div") && e.hasClass("html");
    }

    private void element(Element e) {
      int from = Math.max(0, e.sourceRange().startPos() - shift);
      int to = Math.min(html.length(), Math.max(from, e.sourceRange().endPos() - shift));
      String name = e.normalName();
      if (from >= html.length() || html.charAt(from) != '<') {
        return; // the parser itself put it in
      }
      if (SILENT.contains(name)) {
        loss(from, to, "<" + name + "> is not kept, nor what is in it.");
      } else if (!ELEMENTS.contains(name) && raw == 0) {
        loss(from, to, "<" + name + "> is not kept; its words are.");
      }
      if (StyleDeclarations.isHidden(e) && e.hasText()) {
        loss(from, to, "This is hidden; its words are kept, and readers will see them.");
      }
      for (Attribute a : e.attributes()) {
        if (a.getKey().startsWith("on")) {
          loss(from, to, "The attribute " + a.getKey() + " is not kept.");
        } else if (ADDRESSES.contains(a.getKey()) && Address.parse(a.getValue()).isEmpty()) {
          loss(from, to, AddressAdvice.problemWith(a.getValue()));
        }
      }
    }

    private void loss(int from, int to, String message) {
      out.add(lines.remark(from, to, Severity.LOSS, message));
    }
  }

  /** Which line a character is in. */
  private static final class Lines {
    private final int[] ends;

    Lines(String html) {
      ends = IntStream.range(0, html.length()).filter(i -> html.charAt(i) == '\n').toArray();
    }

    Remark remark(int from, int to, Severity severity, String message) {
      int at = Arrays.binarySearch(ends, from);
      int line = 1 + (at < 0 ? -at - 1 : at);
      return new Remark(line, from, to, severity, message);
    }
  }
}

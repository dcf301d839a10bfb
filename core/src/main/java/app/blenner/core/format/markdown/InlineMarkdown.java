package app.blenner.core.format.markdown;

import app.blenner.core.document.Address;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import app.blenner.core.format.html.HtmlWriter;
import java.util.ArrayList;
import java.util.List;

/**
 * Writes running text. Each run carries its own signs; where the signs of CommonMark would not be
 * read as such beside these letters, the run is HTML.
 */
final class InlineMarkdown {
  private final StringBuilder out = new StringBuilder();

  String write(List<Inline> content) {
    for (int i = 0; i < content.size(); ) {
      int end = i + 1;
      Mark.Link link = link(content.get(i));
      while (link != null && end < content.size() && link.equals(link(content.get(end)))) {
        end++;
      }
      if (link == null) {
        run(content, i, false);
      } else {
        link(link, content.subList(i, end));
      }
      i = end;
    }
    return out.toString();
  }

  private static Mark.Link link(Inline inline) {
    Marks marks = inline instanceof Text t ? t.marks() : ((LineBreak) inline).marks();
    return marks.link().orElse(null);
  }

  private void link(Mark.Link link, List<Inline> inside) {
    String target = link.address().value().replace("(", "%28").replace(")", "%29");
    boolean plain =
        !link.newTab() && Address.parse(target).map(link.address()::equals).orElse(false);
    if (!plain) {
      html(inside);
      return;
    }
    out.append('[');
    for (int i = 0; i < inside.size(); i++) {
      run(inside, i, true);
    }
    out.append("](").append(target);
    if (!link.title().isEmpty()) {
      out.append(" \"")
          .append(link.title().replace("\\", "\\\\").replace("\"", "\\\"").replace("&", "&amp;"))
          .append('"');
    }
    out.append(')');
  }

  private void run(List<Inline> all, int index, boolean inLink) {
    if (!(all.get(index) instanceof Text text)) {
      out.append(
          all.get(index) instanceof LineBreak b
                  && b.marks().all().stream().allMatch(m -> inLink && m instanceof Mark.Link)
              ? "\\\n"
              : "<br>");
      return;
    }
    List<Mark> marks =
        new ArrayList<>(
            text.marks().all().stream().filter(m -> !(m instanceof Mark.Link)).toList());
    String words = text.text();
    if (marks.isEmpty()) {
      out.append(escape(words));
      return;
    }
    boolean alone =
        isOpen(index == 0 ? null : all.get(index - 1), true)
            && isOpen(index + 1 == all.size() ? null : all.get(index + 1), false)
            && isLetter(words.codePointAt(0))
            && isLetter(words.codePointBefore(words.length()));
    if (marks.size() == 1
        && marks.get(0) == Mark.Plain.CODE
        && !words.contains("`")
        && words.equals(words.strip())) {
      out.append('`').append(words).append('`');
    } else if (marks.size() == 1 && signOf(marks.get(0)) != null && alone) {
      String sign = signOf(marks.get(0));
      out.append(sign).append(escape(words)).append(sign);
    } else {
      html(List.of(new Text(words, new Marks(marks))));
    }
  }

  private static String signOf(Mark mark) {
    if (mark == Mark.Plain.STRONG) {
      return "**";
    }
    return mark == Mark.Plain.EMPHASIS ? "*" : mark == Mark.Plain.STRIKETHROUGH ? "~~" : null;
  }

  /** Whether signs beside this neighbour are read as signs: it ends, or begins, with a space. */
  private static boolean isOpen(Inline neighbour, boolean before) {
    if (neighbour == null || neighbour instanceof LineBreak) {
      return true;
    }
    Text t = (Text) neighbour;
    char c = before ? t.text().charAt(t.text().length() - 1) : t.text().charAt(0);
    boolean plain = t.marks().all().stream().allMatch(m -> m instanceof Mark.Link);
    return plain && (c == ' ' || (!before && ".,;:!?".indexOf(c) >= 0));
  }

  private static boolean isLetter(int c) {
    return Character.isLetterOrDigit(c);
  }

  /** The runs as HTML within the line. */
  private void html(List<Inline> content) {
    // A paragraph trims its ends; the stops keep what belongs to the run.
    List<Inline> held = new ArrayList<>();
    held.add(Text.of("|"));
    held.addAll(content);
    held.add(Text.of("|"));
    String html = HtmlWriter.write(new Document(List.of(new Paragraph(held, BlockStyle.PLAIN))));
    String inner = html.substring("<p>|".length(), html.length() - "|</p>".length());
    StringBuilder safe = new StringBuilder();
    boolean inTag = false;
    for (int i = 0; i < inner.length(); i++) {
      char c = inner.charAt(i);
      inTag = c == '<' || (inTag && c != '>');
      boolean sign = !inTag && c != '&' && c != '>' && c != ';' && SIGNS.indexOf(c) >= 0;
      safe.append(sign ? "\\" : "").append(c);
    }
    out.append(safe);
  }

  private static final String SIGNS = "\\`*_[]~!|";

  private static String escape(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '<' -> out.append("&lt;");
        case '>' -> out.append("&gt;");
        case '&' -> out.append("&amp;");
        case '\u00A0' -> out.append("&nbsp;");
        default -> {
          boolean inWord =
              c == '_'
                  && i > 0
                  && i + 1 < text.length()
                  && Character.isLetterOrDigit(text.charAt(i - 1))
                  && Character.isLetterOrDigit(text.charAt(i + 1));
          boolean bang = c == '!' && !(i + 1 < text.length() && text.charAt(i + 1) == '[');
          if (SIGNS.indexOf(c) >= 0 && !inWord && !bang && c != '|') {
            out.append('\\');
          }
          out.append(c);
        }
      }
    }
    return out.toString();
  }

  /** What would begin another block at the start of a line is only a character there. */
  static String startOfLine(String text) {
    return text.replaceAll("(?m)^([#+=-])", "\\\\$1")
        .replaceAll("(?m)^(\\d{1,9})([.)])", "$1\\\\$2")
        .replaceAll("(?m)^(\\|)", "\\\\$1");
  }
}

package app.blenner.core.format.text;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.PlainText;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;

/** Reads plain text. The characters stay as they are; only line breaks are judged. */
public final class TextReader {
  private TextReader() {}

  /** Each line that is not empty becomes a paragraph. */
  public static Document paragraphs(String text) {
    return new Document(lines(text).stream().map(l -> (Block) Paragraph.of(l)).toList());
  }

  /** An empty line parts paragraphs; other line breaks stay line breaks. */
  public static Document withBreaks(String text) {
    return grouped(text, false).document();
  }

  /**
   * A text without the line breaks that only a page's edge made.
   *
   * @param document the text
   * @param joined how many line breaks were taken out
   */
  public record Joined(Document document, int joined) {}

  /**
   * Joins lines that a page's edge broke: an empty line parts paragraphs, as does a line that ends
   * well before the edge behind a full stop. A word parted by a hyphen at the edge is made whole.
   */
  public static Joined joined(String text) {
    return grouped(text, true);
  }

  private static Joined grouped(String text, boolean join) {
    List<Block> out = new ArrayList<>();
    List<String> group = new ArrayList<>();
    int[] count = {0};
    int edge = edge(text);
    for (String line : (PlainText.legal(text) + "\n\n").split("\n", -1)) {
      String bare = line.strip();
      if (bare.isEmpty()) {
        add(out, group, join, count);
        continue;
      }
      group.add(bare);
      boolean ends = bare.matches("(?s).*[.!?:…][\"'”’»)]?$");
      if (join && ends && bare.length() < edge * 0.8) {
        add(out, group, join, count);
      }
    }
    return new Joined(new Document(out), count[0]);
  }

  private static void add(List<Block> out, List<String> group, boolean join, int[] count) {
    if (group.isEmpty()) {
      return;
    }
    List<Inline> content = new ArrayList<>();
    for (String line : group) {
      if (!content.isEmpty() && join) {
        count[0]++;
        String before = ((Text) content.get(0)).text();
        boolean parted =
            before.matches("(?s).*\\p{L}[-\u00AD\u2010]$") && Character.isLowerCase(line.charAt(0));
        String whole =
            parted ? before.substring(0, before.length() - 1) + line : before + " " + line;
        content.set(0, Text.of(whole));
        continue;
      }
      if (!content.isEmpty()) {
        content.add(new LineBreak(Marks.NONE));
      }
      content.add(Text.of(line));
    }
    out.add(new Paragraph(content, BlockStyle.PLAIN));
    group.clear();
  }

  /**
   * Whether a page's edge broke the lines: most are nearly as long as the longest, and go on in the
   * next one in the middle of a sentence.
   */
  public static boolean isBrokenByEdge(String text) {
    List<String> lines = lines(text);
    if (lines.size() < 4) {
      return false;
    }
    int edge = edge(text);
    if (edge < 35 || edge > 140) {
      return false;
    }
    int full = 0;
    int goesOn = 0;
    for (int i = 0; i + 1 < lines.size(); i++) {
      String line = lines.get(i);
      full += line.length() >= edge * 0.75 ? 1 : 0;
      char next = lines.get(i + 1).charAt(0);
      boolean open = !line.matches("(?s).*[.!?:…][\"'”’»)]?$");
      goesOn += open && (Character.isLowerCase(next) || line.length() >= edge * 0.85) ? 1 : 0;
    }
    int all = lines.size() - 1;
    return full * 10 >= all * 6 && goesOn * 10 >= all * 5;
  }

  /** The length that nine of ten lines do not exceed, in characters. */
  private static int edge(String text) {
    List<Integer> lengths = lines(text).stream().map(String::length).sorted().toList();
    return lengths.isEmpty() ? 0 : lengths.get((lengths.size() - 1) * 9 / 10);
  }

  /** The lines that are not empty, without white space at their ends. */
  private static List<String> lines(String text) {
    return PlainText.legal(text).lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
  }
}

package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;

/** Takes line breaks out of paragraphs that only the edge of a page has made, and makes parted words whole. */
final class WrappedLines {
  /**
   * A text without them.
   *
   * @param document the text
   * @param joined how many line breaks were taken out
   */
  record Joined(Document document, int joined) {}

  private WrappedLines() {}

  /** Whether the line breaks of a text's paragraphs were made by the edge of a page. */
  static boolean isWrapped(Document document) {
    return wrapping(document).isWrapped();
  }

  static boolean isBroken(Block block) {
    return block instanceof Paragraph p
        && p.content().stream().anyMatch(LineBreak.class::isInstance);
  }

  private static LineWrapping wrapping(Document document) {
    List<List<String>> groups = new ArrayList<>();
    for (Block block : document.blocks()) {
      // A paragraph of one line was broken by nobody.
      if (isBroken(block)) {
        groups.add(BrokenLines.of((Paragraph) block).words());
      }
    }
    groups.removeIf(g -> g.stream().anyMatch(String::isEmpty));
    return new LineWrapping(groups);
  }

  /** The text without line breaks that the edge of a page has made, told; as it is where there are none. */
  static Document noteWraps(Document document, IntakeReport.Tally tally) {
    // Two lines are an address, a greeting, a verse; what a page broke has at least three
    // somewhere.
    boolean hasMore =
        document.blocks().stream()
            .anyMatch(b -> isBroken(b) && BrokenLines.of((Paragraph) b).all().size() > 2);
    return hasMore && isWrapped(document) ? joinLines(document, tally) : document;
  }

  /** The text with its lines joined, told, whatever the evidence says. */
  static Document joinLines(Document document, IntakeReport.Tally tally) {
    Joined joined = join(document);
    if (joined.joined() > 0) {
      tally.note(
          "Joined "
              + (joined.joined() == 1 ? "one line" : joined.joined() + " lines")
              + " that the edge of a page had broken.");
    }
    return joined.document();
  }

  /** Joins what belongs together; where a line ends a paragraph, so does the paragraph that is made. */
  static Joined join(Document document) {
    LineWrapping wrapping = wrapping(document);
    List<Block> out = new ArrayList<>();
    int[] count = {0};
    for (Block block : document.blocks()) {
      if (isBroken(block)) {
        join((Paragraph) block, wrapping, out, count);
      } else {
        out.add(block);
      }
    }
    return new Joined(new Document(out), count[0]);
  }

  private static void join(Paragraph p, LineWrapping wrapping, List<Block> out, int[] count) {
    List<List<Inline>> lines = BrokenLines.of(p).all();
    List<Inline> run = new ArrayList<>(lines.get(0));
    for (int i = 1; i < lines.size(); i++) {
      String before = Inlines.textOf(lines.get(i - 1)).strip();
      String next = Inlines.textOf(lines.get(i)).strip();
      if (before.isEmpty() || next.isEmpty() || !wrapping.goesOn(before, next)) {
        out.add(new Paragraph(run, p.style()));
        run = new ArrayList<>(lines.get(i));
        continue;
      }
      count[0]++;
      if (LineWrapping.isParted(before, next)) {
        cutHyphen(run);
      } else {
        run.add(Text.of(" "));
      }
      run.addAll(lines.get(i));
    }
    out.add(new Paragraph(run, p.style()));
  }

  private static void cutHyphen(List<Inline> run) {
    for (int i = run.size() - 1; i >= 0; i--) {
      if (run.get(i) instanceof Text t && !t.text().isBlank()) {
        String text = t.text().stripTrailing();
        run.set(i, new Text(text.substring(0, text.length() - 1), t.marks()));
        return;
      }
    }
  }
}

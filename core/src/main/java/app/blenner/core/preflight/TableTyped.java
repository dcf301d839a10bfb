package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Table;
import app.blenner.core.item.Content;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What is in columns is a table, and not lines with strokes or spaces in them. */
public final class TableTyped extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "table-typed",
          "Tables made of lines",
          "On a phone the columns fall apart, and whoever hears them hears strokes.",
          "WCAG 2.2, failures F33 and F34",
          RuleSeverity.ADVISED,
          "one table in the place of lines",
          "%d tables in the place of lines");

  /** A stroke, a tab, or a gap of spaces that do not break. */
  private static final Pattern GAP =
      Pattern.compile(
          "[ \\u00A0]*[|\\u2502\\u00A6][ \\u00A0]*|\\t+|[ \\u00A0]*\\u00A0[ \\u00A0]{2,}");

  /** A line that draws one. */
  private static final Pattern RULE = Pattern.compile("[-–—=+|\\u2502\\s\\u00A0]{3,}");

  /** Two lines with a stroke each may be a title and a byline. */
  private static final int FEWEST_LINES = 2;

  /** A line of a paragraph, in its columns. */
  private record Line(List<List<Inline>> cells) {}

  public TableTyped() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Passage> passages = subject.passages();
    int i = 0;
    while (i < passages.size()) {
      int end = i;
      List<Line> lines = new ArrayList<>();
      List<Line> next = linesOf(passages.get(i));
      while (goesOn(lines, next)) {
        lines.addAll(next);
        end++;
        next = end < passages.size() ? linesOf(passages.get(end)) : List.of();
      }
      if (lines.size() >= FEWEST_LINES) {
        found.add(findingFor(subject, settings, i, end, lines));
      }
      i = Math.max(end, i + 1);
    }
    return found;
  }

  private Finding findingFor(
      Subject subject, Settings settings, int from, int to, List<Line> lines) {
    Place first = subject.passages().get(from).places().get(0).inPassage(from);
    int columns = lines.get(0).cells.size();
    return Finding.onBlock(
        this,
        settings.severityOf(this),
        "These " + lines.size() + " lines are a table of " + columns + " columns.",
        first,
        List.of(Fix.ofItem("Make it a table", (content, at) -> tabled(content, from, to, lines))));
  }

  private static Content tabled(Content content, int from, int to, List<Line> lines) {
    List<Table.Row> rows =
        lines.stream()
            .map(
                line ->
                    new Table.Row(
                        line.cells.stream()
                            .map(
                                cell ->
                                    new Table.Cell(
                                        1,
                                        1,
                                        BlockStyle.PLAIN.align(),
                                        List.of(new Paragraph(cell, BlockStyle.PLAIN))))
                            .toList()))
            .toList();
    Table table = new Table(List.of(), "", 1, false, List.of(), Table.Look.PLAIN, rows);
    List<Block> blocks = new ArrayList<>(content.body().blocks());
    blocks.subList(from, to).clear();
    blocks.add(from, table);
    return content.withBody(new Document(blocks));
  }

  private static boolean goesOn(List<Line> before, List<Line> next) {
    int columns =
        (before.isEmpty() ? next : before)
            .stream().mapToInt(l -> l.cells.size()).findFirst().orElse(0);
    return columns > 1 && !next.isEmpty() && next.stream().allMatch(l -> l.cells.size() == columns);
  }

  /** The lines of a paragraph in their columns; none where one of them has no columns. */
  private static List<Line> linesOf(Passage passage) {
    String text = passage.places().get(0).text();
    if (!(passage.block() instanceof Paragraph p) || !mayHaveColumns(text)) {
      return List.of();
    }
    List<Line> out = new ArrayList<>();
    int from = 0;
    for (String line : text.split("\n", -1)) {
      if (!RULE.matcher(line).matches()) {
        List<List<Inline>> cells = cells(p.content(), line, from);
        if (cells.size() < 2) {
          return List.of();
        }
        out.add(new Line(cells));
      }
      from += line.length() + 1;
    }
    return out;
  }

  /** Asked of every paragraph at every key. */
  private static boolean mayHaveColumns(String text) {
    return text.indexOf('|') >= 0
        || text.indexOf('\t') >= 0
        || text.indexOf('\u00A0') >= 0
        || text.indexOf('\u2502') >= 0
        || text.indexOf('\u00A6') >= 0;
  }

  private static List<List<Inline>> cells(List<Inline> content, String line, int from) {
    List<List<Inline>> out = new ArrayList<>();
    Matcher gap = GAP.matcher(line);
    int at = 0;
    while (gap.find()) {
      // A stroke at either end is the frame.
      if (gap.start() > 0) {
        out.add(Inlines.partOf(content, from + at, from + gap.start()));
      }
      at = gap.end();
    }
    if (at < line.length()) {
      out.add(Inlines.partOf(content, from + at, from + line.length()));
    }
    return out;
  }
}

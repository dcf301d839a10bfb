package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Table;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Flow;
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
    for (Flow flow : subject.flows()) {
      look(flow.places(), subject.content().body(), settings, found);
    }
    return found;
  }

  private void look(List<Place> places, Document body, Settings settings, List<Finding> found) {
    int i = 0;
    while (i < places.size()) {
      int end = i;
      List<Line> lines = new ArrayList<>();
      List<Line> next = linesOf(places.get(i));
      while (goesOn(lines, next)) {
        lines.addAll(next);
        end++;
        next = end < places.size() ? linesOf(places.get(end)) : List.of();
      }
      if (lines.size() >= FEWEST_LINES) {
        found.add(
            findingFor(settings, places.get(i), fixes(body, places.get(i), end - i, lines), lines));
      }
      i = Math.max(end, i + 1);
    }
  }

  /** Tables cannot be put into the cells of another one. */
  private static List<Fix> fixes(Document body, Place first, int count, List<Line> lines) {
    BlockPath list = first.path().withoutLast();
    boolean inTable =
        !list.steps().isEmpty()
            && body.blockAt(list.withoutLast()).filter(Table.class::isInstance).isPresent();
    return inTable
        ? List.of()
        : List.of(
            Fix.ofItem(
                "Make it a table",
                (content, at) ->
                    content.withBody(tabled(content.body(), at, count, tableOf(lines)))));
  }

  private Finding findingFor(Settings settings, Place first, List<Fix> fixes, List<Line> lines) {
    int columns = lines.get(0).cells.size();
    return Finding.onBlock(
        this,
        settings.severityOf(this),
        "These " + lines.size() + " lines are a table of " + columns + " columns.",
        first,
        fixes);
  }

  /** The text with a table in the place of some blocks that follow each other. */
  private static Document tabled(Document body, BlockPath first, int count, Table table) {
    BlockPath list = first.withoutLast();
    int from = first.steps().get(first.steps().size() - 1);
    return body.rebuild(
        (at, blocks) -> {
          if (!at.equals(list) || from + count > blocks.size()) {
            return blocks;
          }
          List<Block> out = new ArrayList<>(blocks);
          out.subList(from, from + count).clear();
          out.add(from, table);
          return out;
        });
  }

  private static Table tableOf(List<Line> lines) {
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
    return new Table(List.of(), "", 1, false, List.of(), Table.Look.PLAIN, rows);
  }

  private static boolean goesOn(List<Line> before, List<Line> next) {
    int columns =
        (before.isEmpty() ? next : before)
            .stream().mapToInt(l -> l.cells.size()).findFirst().orElse(0);
    return columns > 1 && !next.isEmpty() && next.stream().allMatch(l -> l.cells.size() == columns);
  }

  /** The lines of a paragraph in their columns; none where one of them has no columns. */
  private static List<Line> linesOf(Place place) {
    String text = place.text();
    if (!(place.block() instanceof Paragraph p) || !mayHaveColumns(text)) {
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

package app.blenner.server.item.content;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.kind.Kind;
import app.blenner.core.version.Comparison;
import java.util.ArrayList;
import java.util.List;

/**
 * Two texts of one item held against each other, as the editor shows them.
 *
 * @param fields the fields that differ
 * @param stretches the whole text in stretches
 */
record ComparisonView(List<FieldDifference> fields, List<StretchView> stretches) {

  /** A field that says something else in each of two texts; its number is chosen by. */
  record FieldDifference(int number, String label, String theirs, String mine) {}

  /**
   * A stretch of the text as HTML.
   *
   * @param number what it is chosen by, or -1 where both texts say the same
   */
  record StretchView(int number, String theirs, String mine) {}

  static ComparisonView of(Comparison c, Kind kind) {
    List<FieldDifference> fields = new ArrayList<>();
    for (Comparison.Field f : c.fields()) {
      fields.add(
          new FieldDifference(fields.size(), label(f, kind), f.of(c.theirs()), f.of(c.mine())));
    }
    List<StretchView> stretches =
        c.stretches().stream()
            .map(s -> new StretchView(s.number(), htmlOf(s.theirs()), htmlOf(s.mine())))
            .toList();
    return new ComparisonView(fields, stretches);
  }

  private static String label(Comparison.Field field, Kind kind) {
    return field.part() != null
        ? field.part().label()
        : kind.findField(field.own()).map(f -> f.head().label()).orElse(field.own());
  }

  private static String htmlOf(List<Block> blocks) {
    return HtmlWriter.write(new Document(blocks));
  }
}

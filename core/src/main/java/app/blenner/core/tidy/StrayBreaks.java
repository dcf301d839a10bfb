package app.blenner.core.tidy;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.CancellationToken;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Paragraph;
import app.blenner.core.intake.TypedItems;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;

/**
 * Line breaks inside paragraphs that stand for something else: for the end of a paragraph, or for
 * the edge of a page the text once stood on. Short lines, as of an address or a poem, stay.
 */
final class StrayBreaks extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeOptional(
          "stray-breaks",
          "Stray line breaks",
          "A line breaks by itself where the screen ends; a break typed there breaks it on every other screen too.",
          "HTML Living Standard, the br element: only where a break is part of what is said, as in a poem or an address");

  private static final int LONG_LINE = 45;

  StrayBreaks() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "Somebody broke this line by hand.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.rebuild(
        (at, blocks) -> {
          List<Block> out = new ArrayList<>();
          for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block instanceof Paragraph p
                && p.content().stream().anyMatch(LineBreak.class::isInstance)) {
              out.addAll(mend(at.appendStep(i), p, take));
            } else {
              out.add(block);
            }
          }
          return out;
        });
  }

  private static List<Block> mend(BlockPath path, Paragraph p, Ask take) {
    String text = Inlines.textOf(p.content());
    List<Edit> joins = new ArrayList<>();
    List<Integer> parts = new ArrayList<>();
    for (int i = text.indexOf('\n'); i >= 0; i = text.indexOf('\n', i + 1)) {
      CancellationToken.check();
      String line = text.substring(text.lastIndexOf('\n', i - 1) + 1, i);
      int lineEnd = text.indexOf('\n', i + 1);
      String next = text.substring(i + 1, lineEnd < 0 ? text.length() : lineEnd);
      boolean doubled = next.isEmpty();
      boolean ends = line.matches("(?s).*[.!?…][\"'”’»)]?$");
      if (TypedItems.isItem(next) || TypedItems.isItem(line)) {
        continue;
      }
      String words = line + next;
      if (doubled || (ends && line.length() >= LONG_LINE)) {
        String before = Excerpt.around(text, i, i + 1).replace("\n", " ↵ ");
        String after = before.replace(" ↵ ", " ¶ ");
        if (take.take(new CleanUpSpot(path, i, i + 1, words, before, after))) {
          parts.add(i);
        }
      } else if (!ends && line.length() >= LONG_LINE && !next.isEmpty()) {
        String before = Excerpt.around(text, i, i + 1).replace("\n", " ↵ ");
        boolean hyphen =
            line.matches("(?s).*\\p{L}[-\\u00AD\\u2010]$") && Character.isLowerCase(next.charAt(0));
        String after = before.replace(hyphen ? "- ↵ " : " ↵ ", hyphen ? "" : " ");
        if (take.take(new CleanUpSpot(path, i, i + 1, words, before, after))) {
          joins.add(hyphen ? new Edit(i - 1, i + 1, "") : new Edit(i, i + 1, " "));
        }
      }
    }
    if (joins.isEmpty() && parts.isEmpty()) {
      return List.of(p);
    }
    return partOf(p, joins, parts);
  }

  private static List<Block> partOf(Paragraph p, List<Edit> joins, List<Integer> parts) {
    List<Block> out = new ArrayList<>();
    Edits.Slices slices = new Edits.Slices(p.content());
    int from = 0;
    int next = 0;
    List<Integer> ends = new ArrayList<>(parts);
    ends.add(Inlines.textOf(p.content()).length());
    for (int to : ends) {
      List<Edit> here = new ArrayList<>();
      for (; next < joins.size() && joins.get(next).to() <= to; next++) {
        Edit join = joins.get(next);
        here.add(new Edit(join.from() - from, join.to() - from, join.with()));
      }
      out.add(new Paragraph(Edits.apply(slices.until(to), here), p.style()));
      slices.until(to + 1);
      from = to + 1;
    }
    return out;
  }
}

package app.blenner.core.tidy;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Stopping;
import app.blenner.core.intake.TypedItems;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;

/**
 * Line breaks inside paragraphs that stand for something else: for the end of a paragraph, or for
 * the edge of a page the text once stood on. Short lines, as of an address or a poem, stay.
 */
final class StrayBreaks implements CleanUpRule {
  private static final int LONG_LINE = 45;

  @Override
  public String id() {
    return "stray-breaks";
  }

  @Override
  public String label() {
    return "Stray line breaks";
  }

  @Override
  public String why() {
    return "A line breaks by itself where the screen ends; a break typed there breaks it on every other screen too.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.rebuild(
        blocks -> {
          List<Block> out = new ArrayList<>();
          for (Block block : blocks) {
            if (block instanceof Paragraph p
                && p.content().stream().anyMatch(LineBreak.class::isInstance)) {
              out.addAll(mend(p, take));
            } else {
              out.add(block);
            }
          }
          return out;
        });
  }

  private static List<Block> mend(Paragraph p, Ask take) {
    String text = Inlines.text(p.content());
    List<Edit> joins = new ArrayList<>();
    List<Integer> parts = new ArrayList<>();
    for (int i = text.indexOf('\n'); i >= 0; i = text.indexOf('\n', i + 1)) {
      Stopping.check();
      String line = text.substring(text.lastIndexOf('\n', i - 1) + 1, i);
      int after = text.indexOf('\n', i + 1);
      String next = text.substring(i + 1, after < 0 ? text.length() : after);
      boolean doubled = next.isEmpty();
      boolean ends = line.matches("(?s).*[.!?…][\"'”’»)]?$");
      if (TypedItems.isItem(next) || TypedItems.isItem(line)) {
        continue;
      }
      String letters = Trace.letters(line) + Trace.letters(next);
      if (doubled || (ends && line.length() >= LONG_LINE)) {
        String before = Snippet.around(text, i, i + 1).replace("\n", " ↵ ");
        if (take.take(letters, before, before.replace(" ↵ ", " ¶ "))) {
          parts.add(i);
        }
      } else if (!ends && line.length() >= LONG_LINE && !next.isEmpty()) {
        String before = Snippet.around(text, i, i + 1).replace("\n", " ↵ ");
        boolean hyphen =
            line.matches("(?s).*\\p{L}[-\\u00AD\\u2010]$") && Character.isLowerCase(next.charAt(0));
        if (take.take(
            letters, before, before.replace(hyphen ? "- ↵ " : " ↵ ", hyphen ? "" : " "))) {
          joins.add(hyphen ? new Edit(i - 1, i + 1, "") : new Edit(i, i + 1, " "));
        }
      }
    }
    if (joins.isEmpty() && parts.isEmpty()) {
      return List.of(p);
    }
    return part(p, joins, parts);
  }

  private static List<Block> part(Paragraph p, List<Edit> joins, List<Integer> parts) {
    List<Block> out = new ArrayList<>();
    Edits.Slices slices = new Edits.Slices(p.content());
    int from = 0;
    int next = 0;
    List<Integer> ends = new ArrayList<>(parts);
    ends.add(Inlines.text(p.content()).length());
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

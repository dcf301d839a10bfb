package app.blenner.core.intake;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Paragraph;
import java.util.ArrayList;
import java.util.List;

/** The lines of a paragraph that is broken by hand, each with its running text. */
record BrokenLines(List<List<Inline>> all) {

  static BrokenLines of(Paragraph paragraph) {
    List<List<Inline>> out = new ArrayList<>();
    List<Inline> line = new ArrayList<>();
    for (Inline inline : paragraph.content()) {
      if (inline instanceof LineBreak) {
        out.add(line);
        line = new ArrayList<>();
      } else {
        line.add(inline);
      }
    }
    out.add(line);
    return new BrokenLines(out);
  }

  List<String> words() {
    return all.stream().map(l -> Inlines.textOf(l).strip()).toList();
  }
}

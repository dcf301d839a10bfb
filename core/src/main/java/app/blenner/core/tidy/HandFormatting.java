package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Runs with a colour, font or size of their own. */
final class HandFormatting implements CleanUpRule {
  private static final Set<Mark.Kind> KINDS =
      Set.of(Mark.Kind.FONT, Mark.Kind.SIZE, Mark.Kind.COLOUR);

  @Override
  public String id() {
    return "hand-formatting";
  }

  @Override
  public String label() {
    return "Hand-made colours, fonts and sizes";
  }

  @Override
  public String why() {
    return "They stay behind when the site's design changes. A named style goes along.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.map(block -> block.mapContent(content -> mend(content, take)));
  }

  /** Neighbours that wear the same are one run, whatever else they wear. */
  private static List<Inline> mend(List<Inline> content, Ask take) {
    List<Inline> out = new ArrayList<>();
    int i = 0;
    while (i < content.size()) {
      List<Mark> worn = worn(content.get(i));
      int end = i + 1;
      while (end < content.size() && worn(content.get(end)).equals(worn)) {
        end++;
      }
      List<Inline> run = content.subList(i, end);
      boolean bare = !worn.isEmpty() && take.take(words(run), words(run), told(worn));
      for (Inline inline : run) {
        out.add(bare ? inline.withMarks(inline.marks().without(worn::contains)) : inline);
      }
      i = end;
    }
    return out;
  }

  private static List<Mark> worn(Inline inline) {
    return inline.marks().all().stream()
        .filter(m -> m instanceof Mark.Valued v && KINDS.contains(v.kind()))
        .toList();
  }

  private static String words(List<Inline> run) {
    return run.stream()
        .map(i -> i instanceof Text t ? t.text() : i instanceof LineBreak ? " " : "")
        .collect(Collectors.joining());
  }

  private static String told(List<Mark> worn) {
    return "without "
        + worn.stream()
            .map(m -> (Mark.Valued) m)
            .map(v -> v.kind().name().toLowerCase(Locale.ROOT) + " " + v.value())
            .collect(Collectors.joining(" and "));
  }
}

package app.blenner.core.tidy;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Runs with a colour, font or size of their own. */
final class HandFormatting extends BasicRule implements BlockCleanUp {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeOptional(
          "hand-formatting",
          "Hand-made colours, fonts and sizes",
          "They stay behind when the site's design changes. A named style goes along.",
          "Common practice: what a text looks like comes from the house style");

  private static final Set<Mark.Kind> KINDS =
      Set.of(Mark.Kind.FONT, Mark.Kind.SIZE, Mark.Kind.COLOUR);

  HandFormatting() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String message() {
    return "These words have a colour, font or size of their own.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return document.map((path, block) -> block.mapContent(content -> mend(path, content, take)));
  }

  /** Neighbours that wear the same are one run, whatever else they wear. */
  private static List<Inline> mend(BlockPath path, List<Inline> content, Ask take) {
    List<Inline> out = new ArrayList<>();
    int i = 0;
    int at = 0;
    while (i < content.size()) {
      List<Mark> worn = worn(content.get(i));
      int end = i + 1;
      while (end < content.size() && worn(content.get(end)).equals(worn)) {
        end++;
      }
      List<Inline> run = content.subList(i, end);
      String words = wordsOf(run);
      int to = at + run.stream().mapToInt(x -> x instanceof Text t ? t.text().length() : 1).sum();
      boolean bare =
          !worn.isEmpty()
              && take.take(new CleanUpSpot(path, at, to, words, words, describeOptional(worn)));
      for (Inline inline : run) {
        out.add(bare ? inline.withMarks(inline.marks().without(worn::contains)) : inline);
      }
      i = end;
      at = to;
    }
    return out;
  }

  private static List<Mark> worn(Inline inline) {
    return inline.marks().all().stream()
        .filter(m -> m instanceof Mark.Valued v && KINDS.contains(v.kind()))
        .toList();
  }

  private static String wordsOf(List<Inline> run) {
    return run.stream()
        .map(i -> i instanceof Text t ? t.text() : i instanceof LineBreak ? " " : "")
        .collect(Collectors.joining());
  }

  private static String describeOptional(List<Mark> worn) {
    return "without "
        + worn.stream()
            .map(m -> (Mark.Valued) m)
            .map(v -> v.kind().name().toLowerCase(Locale.ROOT) + " " + v.value())
            .collect(Collectors.joining(" and "));
  }
}

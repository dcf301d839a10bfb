package app.blenner.bench;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Paragraph;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How long all rules take: on a text nobody has seen, and after a key in a text that is known. */
public final class PreflightTiming {
  private static final int ROUNDS = 60;
  private static final int WARM_UP = 40;
  private static final RuleContext AROUND = RuleContext.of(Kinds.STANDARD.get(0));

  private static volatile Object sink;

  private PreflightTiming() {}

  public static void main(String[] arguments) {
    for (int words : new int[] {3_000, 20_000, 100_000}) {
      Document text = HtmlReader.read(SampleText.html(words));
      double[] first = new double[ROUNDS];
      double[] key = new double[ROUNDS];
      PassageCache known = new PassageCache();
      look(text, known);
      for (int i = -WARM_UP; i < ROUNDS; i++) {
        double whole = look(text, new PassageCache(0));
        double after = look(typed(text, i + WARM_UP), known);
        if (i >= 0) {
          first[i] = whole;
          key[i] = after;
        }
      }
      Arrays.sort(first);
      Arrays.sort(key);
      System.out.printf(
          "%7d words: never seen %6.1f ms (95th %6.1f), after a key %6.2f ms (95th %6.2f)%n",
          words,
          first[ROUNDS / 2],
          first[ROUNDS * 95 / 100],
          key[ROUNDS / 2],
          key[ROUNDS * 95 / 100]);
    }
  }

  private static double look(Document text, PassageCache known) {
    Content content = Content.builder().title("A title").summary("A summary").body(text).build();
    long begun = System.nanoTime();
    sink = Preflight.check(Subject.of(content, AROUND, known), Settings.USUAL);
    return (System.nanoTime() - begun) / 1e6;
  }

  /** The text with another word in a paragraph of its middle. */
  private static Document typed(Document text, int number) {
    List<Block> blocks = new ArrayList<>(text.blocks());
    int middle = blocks.size() / 2;
    while (!(blocks.get(middle) instanceof Paragraph)) {
      middle++;
    }
    blocks.set(middle, Paragraph.of("Word " + number + " and what follows it in this paragraph."));
    return new Document(blocks);
  }
}

package app.blenner.e2e;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Passages;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Surroundings;
import com.deque.html.axecore.playwright.AxeBuilder;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * Measures all rules in the core beside axe-core in Chromium, on one text and in turns. It asserts nothing; {@code ./blenner
 * bench} runs it.
 */
public class RulesSpeed extends OwnAppTest {
  private static final int WARM_UP = 12;
  private static final int ROUNDS = 15;

  private static String text(int words) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < words / 40; i++) {
      if (i % 8 == 0) {
        out.append("<h2>Part ").append(i).append("</h2>");
      }
      out.append("<p>The ridge keeps its dark, since nobody built a road over it; number ")
          .append(i);
      out.append(" of these has <a href=\"https://example.org/")
          .append(i)
          .append("\">a link of its own ")
          .append(i);
      out.append(
          "</a> and <strong>some</strong> words more, so that a page comes of it which people might read.</p>");
      if (i % 20 == 0) {
        out.append(
                "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch, no. ")
            .append(i);
        out.append("\"></figure><ul><li>one</li><li>two</li></ul>");
      }
    }
    return out.toString();
  }

  @Test
  public void besideAxe() {
    String html = text(3000);
    String key = new Api(context, app()).signIn("ilse").item("Speed", html);
    page.navigate(app().url("/editor/proof/" + key));
    double[] ours = new double[ROUNDS];
    double[] theirs = new double[ROUNDS];
    for (int i = -WARM_UP; i < ROUNDS; i++) {
      long begin = System.nanoTime();
      Content content =
          new Content("Speed", "A summary.", HtmlReader.read(html), "", List.of(), "", "");
      Preflight.check(
          Subject.of(content, Surroundings.of(Kinds.STANDARD.get(0)), new Passages(0)),
          Settings.USUAL);
      double own = (System.nanoTime() - begin) / 1e6;
      if (i >= -3) {
        begin = System.nanoTime();
        new AxeBuilder(page).include(List.of(".article")).setLegacyMode(true).analyze();
      }
      if (i >= 0) {
        ours[i] = own;
        theirs[i] = (System.nanoTime() - begin) / 1e6;
      }
    }
    Arrays.sort(ours);
    Arrays.sort(theirs);
    System.out.printf(
        Locale.ROOT,
        "all rules and the reading of the text %.1f ms, axe-core %.1f ms, ratio %.3f%n",
        ours[ROUNDS / 2],
        theirs[ROUNDS / 2],
        ours[ROUNDS / 2] / theirs[ROUNDS / 2]);
  }
}

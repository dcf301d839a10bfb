package app.blenner.e2e;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * Measures all rules in the core beside axe-core in Chromium, and the opening of the bench with rules and without, each on
 * one text and in turns. It asserts nothing; {@code ./blenner bench} runs it.
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
          Content.builder()
              .title("Speed")
              .summary("A summary.")
              .body(HtmlReader.read(html))
              .build();
      Preflight.check(
          Subject.of(content, RuleContext.of(Kinds.STANDARD.get(0)), new PassageCache(0)),
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

  /** How soon a text is on the bench, with the rules as they come and with all of them off. */
  @Test
  public void howSoonTheBenchOpens() {
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Speed of opening", text(3000));
    double[] with = new double[ROUNDS];
    double[] without = new double[ROUNDS];
    for (int i = -2; i < ROUNDS; i++) {
      weigh(api, null);
      double usual = opened(key);
      weigh(api, "OFF");
      double none = opened(key);
      if (i >= 0) {
        with[i] = usual;
        without[i] = none;
      }
    }
    weigh(api, null);
    Arrays.sort(with);
    Arrays.sort(without);
    System.out.printf(
        Locale.ROOT,
        "the bench opens a text of 3,000 words in %.0f ms with all rules, %.0f ms without, ratio %.3f%n",
        with[ROUNDS / 2],
        without[ROUNDS / 2],
        with[ROUNDS / 2] / without[ROUNDS / 2]);
  }

  private double opened(String key) {
    page.navigate("about:blank");
    long begin = System.nanoTime();
    page.navigate(app().url("/editor/items/" + key));
    page.locator(".ProseMirror").getByText("number 72 of these").waitFor();
    return (System.nanoTime() - begin) / 1e6;
  }

  /** Sets all rules for every kind; as they come where nothing is said. */
  private static void weigh(Api api, String weight) {
    JsonObject now = api.send("GET", "/rules", null);
    JsonArray rules = new JsonArray();
    if (weight != null) {
      for (Rule rule : Preflight.rules()) {
        if (!rule.always()) {
          JsonObject one = new JsonObject();
          one.addProperty("rule", rule.id());
          one.addProperty("weight", weight);
          one.add("numbers", new JsonObject());
          one.add("words", new JsonArray());
          one.addProperty("wording", "");
          one.addProperty("overrule", "NOBODY");
          rules.add(one);
        }
      }
    }
    JsonObject kind = new JsonObject();
    kind.addProperty("kind", "");
    kind.add("rules", rules);
    JsonArray kinds = new JsonArray();
    kinds.add(kind);
    JsonObject given = new JsonObject();
    given.add("kinds", kinds);
    api.send("PUT", "/rules", given);
  }
}

package app.blenner.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.util.Arrays;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * Measures the sheet in Chromium at three sizes: how long a text takes to open, and how much script
 * each key takes. It asserts nothing; {@code ./blenner bench} runs it.
 */
public class SheetSpeed extends BenchTest {
  private static final int KEYS = 200;
  private static final int WARM_UP = 40;
  private static final String WORDS =
      "the ridge keeps its dark because nobody built a road over it and the lamps below were hooded";

  private static String text(int words, int pictures, int tables) {
    String[] some = WORDS.split(" ");
    StringBuilder out = new StringBuilder();
    int paragraphs = words / 50;
    for (int i = 0; i < paragraphs; i++) {
      if (i % 10 == 0) {
        out.append("<h2>Part ").append(i).append("</h2>\n");
      }
      out.append("<p>");
      for (int w = 0; w < 45; w++) {
        out.append(some[(i * 7 + w * 3) % some.length]).append(' ');
      }
      out.append(
          "<strong>and some</strong> <a href=\"https://example.org/a\">more of it</a></p>\n");
      if (i % (paragraphs / pictures) == 0) {
        out.append(
            "<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch\"></figure>\n");
      }
      if (i % (paragraphs / tables) == 0) {
        out.append("<table><tbody>");
        out.append("<tr><td>Lodge</td><td>21.4</td><td>clear</td></tr>".repeat(8));
        out.append("</tbody></table>\n");
      }
    }
    return out.toString();
  }

  private static double metric(CDPSession cdp) {
    JsonArray metrics = cdp.send("Performance.getMetrics").getAsJsonArray("metrics");
    for (JsonElement m : metrics) {
      JsonObject metric = m.getAsJsonObject();
      if (metric.get("name").getAsString().equals("ScriptDuration")) {
        return metric.get("value").getAsDouble() * 1000;
      }
    }
    return 0;
  }

  @Test
  public void growsWithTheText() {
    System.out.println("words  pictures  tables  opens ms  key ms: median  95th percentile");
    for (int[] size : new int[][] {{1000, 5, 1}, {5000, 25, 5}, {20_000, 100, 20}}) {
      openWith(text(size[0], size[1], size[2]));
      page.reload();
      page.waitForTimeout(3000);
      double open =
          ((Number) page.evaluate("performance.getEntriesByName('sheet-open')[0].duration"))
              .doubleValue();
      sheet().locator("> p").nth(size[0] / 100).click();
      CDPSession cdp = context.newCDPSession(page);
      cdp.send("Performance.enable");
      double[] keys = new double[KEYS];
      for (int i = 0; i < WARM_UP + KEYS; i++) {
        double before = metric(cdp);
        page.keyboard().press(i % 6 == 5 ? "Space" : "e");
        page.waitForTimeout(60);
        if (i >= WARM_UP) {
          keys[i - WARM_UP] = metric(cdp) - before;
        }
      }
      Arrays.sort(keys);
      System.out.println(
          String.format(
              Locale.ROOT,
              "%5d %9d %7d %9.0f %15.1f %16.1f",
              size[0],
              size[1],
              size[2],
              open,
              keys[KEYS / 2],
              keys[KEYS * 95 / 100]));
    }
  }
}

package app.blenner.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How long the worklist, its filters, search and public pages take on sites of {@link SiteOfMany}, asked in turns:
 * {@code FindTiming BASE...}.
 */
final class FindTiming {
  private static final int ROUNDS = 60;
  private static final int WARM_UP = 15;
  private static final List<String> ASKED =
      List.of(
          "/worklist",
          "/worklist?page=20",
          "/worklist?stage=DRAFT",
          "/worklist?section=visit&topic=topic-3",
          "/worklist?kind=page&order=TITLE",
          "/worklist?keyword=word-33",
          "/worklist?mustFix=true",
          "/worklist?from=2026-11-01&until=2026-11-20",
          "/worklist?words=gunefa+nena",
          "/worklist?words=%22mi+mi%22",
          "/worklist?words=gunef",
          "/worklist?words=gunefaa+kalemi",
          "/worklist?size=8&words=fam");
  private static final List<String> READ =
      List.of("/", "/visit", "/visit?page=%d", "/research/item-%d");

  private FindTiming() {}

  public static void main(String[] bases) throws IOException, InterruptedException {
    List<EditorClient> editors = new ArrayList<>();
    for (String base : bases) {
      editors.add(new EditorClient(base));
    }
    for (String path : ASKED) {
      double[][] times = new double[bases.length][ROUNDS];
      for (int i = -WARM_UP; i < ROUNDS; i++) {
        for (int b = 0; b < bases.length; b++) {
          long begun = System.nanoTime();
          editors.get(b).ask("GET", path, "");
          if (i >= 0) {
            times[b][i] = (System.nanoTime() - begun) / 1e6;
          }
        }
      }
      told(path, times);
    }
    HttpClient reader = HttpClient.newHttpClient();
    for (String path : READ) {
      double[][] times = new double[bases.length][ROUNDS];
      for (int i = -WARM_UP; i < ROUNDS; i++) {
        for (int b = 0; b < bases.length; b++) {
          // Another address each time: what is not in memory yet.
          String at =
              String.format(path, path.contains("page") ? i + WARM_UP + 2 : 2 + 6 * (i + WARM_UP));
          long begun = System.nanoTime();
          reader.send(
              HttpRequest.newBuilder(URI.create(bases[b] + at)).build(),
              HttpResponse.BodyHandlers.ofString());
          if (i >= 0) {
            times[b][i] = (System.nanoTime() - begun) / 1e6;
          }
        }
      }
      told(path, times);
    }
  }

  private static void told(String path, double[][] times) {
    StringBuilder out = new StringBuilder(String.format("%-48s", path));
    for (double[] of : times) {
      Arrays.sort(of);
      out.append(
          String.format("  median %6.1f  95th %6.1f ms", of[ROUNDS / 2], of[ROUNDS * 95 / 100]));
    }
    System.out.println(out);
  }
}

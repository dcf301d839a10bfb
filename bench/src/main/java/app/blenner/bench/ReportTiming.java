package app.blenner.bench;

import java.io.IOException;
import java.util.Locale;

/** How long the site report takes over everything live: {@code ReportTiming ADDRESS}. */
final class ReportTiming {
  private static final int ROUNDS = 1;
  private static final long MILLIS = 500;

  private ReportTiming() {}

  public static void main(String[] given) throws IOException, InterruptedException {
    EditorClient editor = new EditorClient(given[0]);
    for (int round = 0; round < ROUNDS; round++) {
      long begin = System.nanoTime();
      String answer = editor.ask("POST", "/report", "{}");
      while (answer.contains("\"running\":true")) {
        Thread.sleep(MILLIS);
        answer = editor.ask("GET", "/report", "");
      }
      System.out.printf(
          Locale.ROOT,
          "the report over %s live items: %.1f s%n",
          EditorClient.first(answer, "\"total\":(\\d+)"),
          (System.nanoTime() - begin) / 1e9);
    }
  }
}

package app.blenner.bench;

import java.io.IOException;
import java.util.Arrays;

/** How long a save takes, from the request to the whole answer: {@code SaveTiming http://localhost:8080}. */
public final class SaveTiming {
  private static final int WARM_UP = 400;
  private static final int MEASURED = 200;

  private final EditorClient editor;

  private SaveTiming(EditorClient editor) {
    this.editor = editor;
  }

  public static void main(String[] args) throws IOException, InterruptedException {
    SaveTiming timing = new SaveTiming(new EditorClient(args[0]));
    for (int words : new int[] {1_000, 10_000}) {
      timing.measure(words);
    }
  }

  private void measure(int words) throws IOException, InterruptedException {
    String made = editor.ask("POST", "/items", "{\"kind\":\"ARTICLE\"}");
    String key = EditorClient.first(made, "\"key\":\"([a-z0-9]+)\"");
    String body =
        SampleText.html(words).replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");
    double[] times = new double[MEASURED];
    long revision = Long.parseLong(EditorClient.first(made, "\"revision\":(\\d+)"));
    for (int i = -WARM_UP; i < MEASURED; i++) {
      String content =
          "{\"revision\":"
              + revision
              + ",\"content\":{\"title\":\"Timed\",\"summary\":\"s\",\"section\":\"\",\"topics\":[],\"keywords\":[],"
              + "\"leadPicture\":\"\",\"language\":\"\",\"body\":\"<p>Change "
              + i
              + "</p>"
              + body
              + "\"}}";
      long start = System.nanoTime();
      String answer = editor.ask("PUT", "/items/" + key, content);
      if (i >= 0) {
        times[i] = (System.nanoTime() - start) / 1e6;
      }
      revision = Long.parseLong(EditorClient.first(answer, "\"revision\":(\\d+)"));
    }
    Arrays.sort(times);
    System.out.printf(
        "save, %,d words: median %.1f ms, 95th percentile %.1f ms%n",
        words, times[MEASURED / 2], times[MEASURED * 95 / 100]);
  }
}

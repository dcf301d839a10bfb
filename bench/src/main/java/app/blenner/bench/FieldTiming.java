package app.blenner.bench;

import java.io.IOException;
import java.util.Arrays;

/**
 * An item of a kind with sixty fields, all filled in, beside an article of as many words, opened and saved in turns: {@code
 * FieldTiming http://localhost:8080}.
 */
public final class FieldTiming {
  private static final int FIELDS = 60;
  private static final int WORDS = 1_000;
  private static final int WARM_UP = 300;
  private static final int MEASURED = 300;

  private final EditorClient editor;
  private final String body =
      SampleText.html(WORDS).replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");

  private FieldTiming(EditorClient editor) {
    this.editor = editor;
  }

  public static void main(String[] args) throws IOException, InterruptedException {
    FieldTiming timing = new FieldTiming(new EditorClient(args[0]));
    timing.editor.ask("POST", "/kinds", kind());
    timing.measure();
  }

  private static String kind() {
    StringBuilder fields = new StringBuilder();
    for (int i = 0; i < FIELDS; i++) {
      fields.append(i == 0 ? "" : ",").append("{\"name\":\"f").append(i);
      fields.append("\",\"type\":\"LINE\",\"label\":\"Field ").append(i);
      fields.append("\",\"help\":\"\",\"required\":true,\"place\":\"BEHIND\"}");
    }
    return "{\"name\":\"sixty\",\"label\":\"Sixty\",\"plural\":\"Sixties\",\"help\":\"\",\"news\":false,\"unfolds\":false,"
        + "\"cards\":[{\"label\":\"All\",\"fields\":["
        + fields
        + "]}]}";
  }

  private static String values(int change) {
    StringBuilder out = new StringBuilder("{");
    for (int i = 0; i < FIELDS; i++) {
      out.append(i == 0 ? "" : ",")
          .append("\"f")
          .append(i)
          .append("\":\"Value ")
          .append(change + i)
          .append('"');
    }
    return out.append('}').toString();
  }

  private void measure() throws IOException, InterruptedException {
    String[] kinds = {"article", "sixty"};
    String[] keys = new String[2];
    long[] revisions = new long[2];
    double[][] saves = new double[2][MEASURED];
    double[][] opens = new double[2][MEASURED];
    for (int k = 0; k < 2; k++) {
      String made = editor.ask("POST", "/items", "{\"kind\":\"" + kinds[k] + "\"}");
      keys[k] = EditorClient.first(made, "\"key\":\"([a-z0-9]+)\"");
      revisions[k] = Long.parseLong(EditorClient.first(made, "\"revision\":(\\d+)"));
    }
    for (int i = -WARM_UP; i < MEASURED; i++) {
      for (int k = 0; k < 2; k++) {
        String values = k == 1 ? values(i) : "{}";
        String content =
            "{\"revision\":"
                + revisions[k]
                + ",\"content\":{\"title\":\"Timed\",\"summary\":\"s\",\"section\":\"\",\"topics\":[],\"keywords\":[],"
                + "\"leadPicture\":\"\",\"language\":\"\",\"values\":"
                + values
                + ",\"body\":\"<p>Change "
                + i
                + "</p>"
                + body
                + "\"}}";
        long start = System.nanoTime();
        String answer = editor.ask("PUT", "/items/" + keys[k], content);
        long saved = System.nanoTime();
        editor.ask("GET", "/items/" + keys[k], "");
        long opened = System.nanoTime();
        revisions[k] = Long.parseLong(EditorClient.first(answer, "\"revision\":(\\d+)"));
        if (i >= 0) {
          saves[k][i] = (saved - start) / 1e6;
          opens[k][i] = (opened - saved) / 1e6;
        }
      }
    }
    told("save", saves);
    told("open", opens);
  }

  private static void told(String what, double[][] times) {
    Arrays.sort(times[0]);
    Arrays.sort(times[1]);
    double article = times[0][MEASURED / 2];
    double sixty = times[1][MEASURED / 2];
    System.out.printf(
        "%s: an article %.1f ms, with %d fields %.1f ms (median); ratio %.2f%n",
        what, article, FIELDS, sixty, sixty / article);
  }
}

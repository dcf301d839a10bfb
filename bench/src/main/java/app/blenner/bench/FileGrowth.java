package app.blenner.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** How large the database's file becomes under saves: {@code BASE DATA SAVES}. */
public final class FileGrowth {
  private static final int TOLD_EVERY = 500;

  private FileGrowth() {}

  public static void main(String[] arguments) throws IOException, InterruptedException {
    EditorClient client = new EditorClient(arguments[0]);
    Path file = Path.of(arguments[1], "blenner.mv.db");
    int saves = Integer.parseInt(arguments[2]);
    String made = client.ask("POST", "/items", "{\"kind\":\"ARTICLE\"}");
    String key = EditorClient.first(made, "\"key\":\"([a-z0-9]+)\"");
    String text = SampleText.html(1_000).replace("\"", "\\\"").replace("\n", "\\n");
    long revision = Long.parseLong(EditorClient.first(made, "\"revision\":(\\d+)"));
    for (int i = 1; i <= saves; i++) {
      String save =
          "{\"revision\":"
              + revision
              + ",\"content\":{\"title\":\"T\",\"summary\":\"s\",\"body\":\"<p>"
              + i
              + "</p>"
              + text
              + "\",\"section\":\"\",\"topics\":[],\"keywords\":[],\"slug\":null,\"leadPicture\":\"\",\"language\":\"\",\"attachments\":[]}}";
      String state = client.ask("PUT", "/items/" + key, save);
      revision = Long.parseLong(EditorClient.first(state, "\"revision\":(\\d+)"));
      if (i % TOLD_EVERY == 0) {
        System.out.println(i + " saves of 1,000 words: " + Files.size(file) / 1_000_000 + " MB");
      }
    }
  }
}

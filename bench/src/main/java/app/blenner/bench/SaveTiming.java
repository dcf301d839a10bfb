package app.blenner.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long a save takes, from the request to the whole answer: {@code SaveTiming http://localhost:8080}. */
public final class SaveTiming {
  private static final int WARM_UP = 400;
  private static final int MEASURED = 200;

  private final String base;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  private SaveTiming(String base) {
    this.base = base;
  }

  public static void main(String[] args) throws IOException, InterruptedException {
    SaveTiming timing = new SaveTiming(args[0]);
    timing.ask("GET", "/session", "");
    timing.ask("POST", "/session/demo", "{\"signIn\":\"ilse\"}");
    for (int words : new int[] {1_000, 10_000}) {
      timing.measure(words);
    }
  }

  private void measure(int words) throws IOException, InterruptedException {
    String made = ask("POST", "/items", "{\"kind\":\"ARTICLE\"}");
    String key = first(made, "\"key\":\"([a-z0-9]+)\"");
    String body =
        SampleText.html(words).replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");
    double[] times = new double[MEASURED];
    long revision = Long.parseLong(first(made, "\"revision\":(\\d+)"));
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
      String answer = ask("PUT", "/items/" + key, content);
      if (i >= 0) {
        times[i] = (System.nanoTime() - start) / 1e6;
      }
      revision = Long.parseLong(first(answer, "\"revision\":(\\d+)"));
    }
    Arrays.sort(times);
    System.out.printf(
        "save, %,d words: median %.1f ms, 95th percentile %.1f ms%n",
        words, times[MEASURED / 2], times[MEASURED * 95 / 100]);
  }

  private static String first(String text, String pattern) {
    Matcher m = Pattern.compile(pattern).matcher(text);
    if (!m.find()) {
      throw new IllegalStateException(text);
    }
    return m.group(1);
  }

  private String ask(String method, String path, String json)
      throws IOException, InterruptedException {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + "/editor/api" + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token)
            .method(method, HttpRequest.BodyPublishers.ofString(json))
            .build();
    HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(response.statusCode() + " " + response.body());
    }
    return response.body();
  }
}

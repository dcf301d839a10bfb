package app.blenner.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody signed in at a demo, who talks HTTP to it. */
final class EditorClient {
  private final String base;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  EditorClient(String base) throws IOException, InterruptedException {
    this.base = base;
    ask("GET", "/session", "");
    ask("POST", "/session/demo", "{\"signIn\":\"ilse\"}");
  }

  /** Asks, and gives the whole answer. */
  String ask(String method, String path, String json) throws IOException, InterruptedException {
    return send(request(path)
            .header("Content-Type", "application/json")
            .header("If-Match", "*")
            .method(method, HttpRequest.BodyPublishers.ofString(json)))
        .body();
  }

  /** Brings a file in. */
  void bringIn(String name, byte[] bytes) throws IOException, InterruptedException {
    String called = Base64.getEncoder().encodeToString(name.getBytes(StandardCharsets.UTF_8));
    String place =
        send(request("/uploads")
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Length", String.valueOf(bytes.length))
                .header("Upload-Metadata", "filename " + called)
                .POST(HttpRequest.BodyPublishers.noBody()))
            .headers()
            .firstValue("Location")
            .orElseThrow();
    String id = place.substring(place.lastIndexOf('/') + 1);
    send(
        request("/uploads/" + id)
            .header("Tus-Resumable", "1.0.0")
            .header("Upload-Offset", "0")
            .header("Content-Type", "application/offset+octet-stream")
            .method("PATCH", HttpRequest.BodyPublishers.ofByteArray(bytes)));
    ask("POST", "/assets", "{\"upload\":\"" + id + "\",\"ask\":false,\"whole\":false}");
  }

  /** Sends a file as forms do, and gives the whole answer. */
  String upload(String path, Path file) {
    String edge = "edge-of-parts";
    String head =
        "--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"site.zip\"\r\n\r\n"
            .formatted(edge);
    try {
      return send(request(path)
              .header("Content-Type", "multipart/form-data; boundary=" + edge)
              .POST(
                  HttpRequest.BodyPublishers.concat(
                      HttpRequest.BodyPublishers.ofString(head),
                      HttpRequest.BodyPublishers.ofFile(file),
                      HttpRequest.BodyPublishers.ofString("\r\n--" + edge + "--\r\n"))))
          .body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private HttpRequest.Builder request(String path) {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    return HttpRequest.newBuilder(URI.create(base + "/editor/api" + path))
        .header("X-XSRF-TOKEN", token);
  }

  private HttpResponse<String> send(HttpRequest.Builder request)
      throws IOException, InterruptedException {
    HttpResponse<String> response =
        client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(response.statusCode() + " " + response.body());
    }
    return response;
  }

  /** What a pattern's first group finds. */
  static String first(String text, String pattern) {
    Matcher m = Pattern.compile(pattern).matcher(text);
    if (!m.find()) {
      throw new IllegalStateException(text);
    }
    return m.group(1);
  }
}

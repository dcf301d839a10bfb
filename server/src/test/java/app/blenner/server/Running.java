package app.blenner.server;

import app.blenner.server.file.PictureInspector;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application on a port of its own with data of its own, and people who talk HTTP to it. */
public final class Running implements AutoCloseable {
  private static Running demo;

  private final ConfigurableApplicationContext context;
  private final int port;

  private Running(String mode, Path data, String... more) {
    this(mode, data, TestDatabase.told(data), more);
  }

  private Running(String mode, Path data, List<String> database, String... more) {
    Stream<String> told =
        Stream.of(
            "--server.port=0",
            "--blenner.mode=" + mode,
            "--blenner.data=" + data,
            "--blenner.demo=../demo");
    // Whoever asks for a picture has it made; to make all of them in each server would take longer
    // than the tests.
    boolean ahead = Stream.of(more).anyMatch(m -> m.startsWith("--blenner.renditions.first="));
    Stream<String> never = ahead ? Stream.of() : Stream.of("--blenner.renditions.first=P1D");
    context =
        SpringApplication.run(
            BlennerApplication.class,
            Stream.of(told, database.stream(), never, Stream.of(more))
                .flatMap(s -> s)
                .toArray(String[]::new));
    port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
  }

  /** One that runs as a process of its own. */
  private Running(int port) {
    this.context = null;
    this.port = port;
  }

  static Running elsewhere(int port) {
    return new Running(port);
  }

  /** The demo, started once for all tests that do not mind each other. */
  static synchronized Running demo() {
    if (demo == null) {
      demo = fresh("demo");
    }
    return demo;
  }

  static Running fresh(String mode) {
    try {
      return at(mode, Files.createTempDirectory("blenner-test"));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** One whose database is the one at this address. */
  static Running over(String mode, Path data, String address) {
    List<String> database =
        List.of("--blenner.database=" + address, "--blenner.database-user=postgres");
    return new Running(mode, data, database);
  }

  /** One with data of its own; the demo where the folder is empty and its files are kept there too. */
  static Running at(String mode, Path data, String... more) {
    boolean filesElsewhere = Stream.of(more).anyMatch(m -> m.startsWith("--blenner.store="));
    if (mode.equals("demo") && !filesElsewhere) {
      DemoData.into(data);
    }
    return new Running(mode, data, more);
  }

  /** Fills a data folder with the demo, has its pictures looked at, and ends. */
  static void fill(Path data, List<String> database) {
    try (Running first = new Running("demo", data, database, "--blenner.pictures.first=PT0.1S")) {
      Waiting.until("pictures are looked at", first.bean(PictureInspector.class)::isDone);
    }
  }

  int port() {
    return port;
  }

  <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  @Override
  public void close() {
    context.close();
  }

  /** Somebody with a browser of their own, not signed in. */
  Visitor visitor() {
    return new Visitor();
  }

  /** Somebody signed in. */
  Visitor signedIn(String name) {
    Visitor visitor = visitor();
    visitor.get("/editor/api/session");
    Answer answer = visitor.post("/editor/api/session/demo", "{\"signIn\":\"" + name + "\"}");
    if (answer.status() != 200) {
      throw new IllegalStateException(answer.text());
    }
    return visitor;
  }

  /** What came back. */
  record Answer(int status, String text, HttpResponse<String> whole) {
    JsonNode json() {
      return JsonMapper.shared().readTree(text);
    }

    String header(String name) {
      return whole.headers().firstValue(name).orElse("");
    }

    String sentence() {
      return json().path("detail").asString();
    }
  }

  /** Talks to the server and keeps its cookies. */
  final class Visitor {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
    private boolean sendsToken = true;
    private String window;
    private String revision;

    Visitor withoutToken() {
      sendsToken = false;
      return this;
    }

    void forgetSession() {
      cookies.getCookieStore().getCookies().stream()
          .filter(c -> c.getName().equals("BLENNER"))
          .toList()
          .forEach(c -> cookies.getCookieStore().remove(null, c));
    }

    /** Takes a cookie over that is somebody else's. */
    void takes(String name, String value) {
      HttpCookie cookie = new HttpCookie(name, value);
      cookie.setPath("/");
      cookie.setVersion(0);
      cookies.getCookieStore().add(URI.create("http://localhost:" + port), cookie);
    }

    HttpCookie cookie(String name) {
      return cookies.getCookieStore().getCookies().stream()
          .filter(c -> c.getName().equals(name))
          .findFirst()
          .orElse(null);
    }

    /** The same visitor; the next request comes from a window that says whose it is. */
    Visitor as(long person) {
      window = String.valueOf(person);
      return this;
    }

    /** The same visitor; the next request builds on this revision, or where it is empty, says nothing of one. */
    Visitor on(String seen) {
      revision = seen.isEmpty() ? "" : '"' + seen + '"';
      return this;
    }

    Answer get(String path) {
      return send(request(path).GET());
    }

    Answer post(String path, String json) {
      return send(request(path).POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    Answer put(String path, String json) {
      return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(json)));
    }

    Answer delete(String path) {
      return send(request(path).DELETE());
    }

    /** Sends a body in any way; none where it is empty. */
    Answer send(String method, String path, String json) {
      return send(
          request(path)
              .method(
                  method,
                  json.isEmpty()
                      ? HttpRequest.BodyPublishers.noBody()
                      : HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Sends what a form on a page sends. */
    Answer form(String path, String fields) {
      return send(
          HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
              .header("Content-Type", "application/x-www-form-urlencoded")
              .POST(HttpRequest.BodyPublishers.ofString(fields)));
    }

    /** The bytes at an address. */
    byte[] bytes(String path) {
      try {
        return client
            .send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray())
            .body();
      } catch (IOException | InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }

    /**
     * Sends a file as tus 1.0 has it, and has something done with it.
     *
     * @param path what does it
     */
    Answer bringIn(String path, String name, byte[] bytes, boolean ask) {
      Answer begun = begin(name, bytes.length);
      if (begun.status() != 201) {
        return begun;
      }
      String place = begun.header("Location");
      String id = place.substring(place.lastIndexOf('/') + 1);
      Answer sent = patch("/editor/api/uploads/" + id, 0, bytes);
      return sent.status() == 204
          ? post(path, "{\"upload\":\"" + id + "\",\"whole\":false,\"ask\":" + ask + "}")
          : sent;
    }

    /** Says that a file of so many bytes will come; the answer says where to. */
    Answer begin(String name, long length) {
      String called = Base64.getEncoder().encodeToString(name.getBytes(StandardCharsets.UTF_8));
      return send(
          tus("/editor/api/uploads")
              .header("Upload-Length", String.valueOf(length))
              .header("Upload-Metadata", "filename " + called)
              .POST(HttpRequest.BodyPublishers.noBody()));
    }

    /** What tells the server who this is, as lines of a request. */
    String headers() {
      return "Cookie: BLENNER=%s; XSRF-TOKEN=%s\r\nX-XSRF-TOKEN: %s\r\n"
          .formatted(
              cookie("BLENNER").getValue(),
              cookie("XSRF-TOKEN").getValue(),
              cookie("XSRF-TOKEN").getValue());
    }

    /** How much of a file is there. */
    Answer head(String path) {
      return send(tus(path).method("HEAD", HttpRequest.BodyPublishers.noBody()));
    }

    /** Sends a part of a file. */
    Answer patch(String path, long offset, byte[] part) {
      return send(
          tus(path)
              .header("Upload-Offset", String.valueOf(offset))
              .header("Content-Type", "application/offset+octet-stream")
              .method("PATCH", HttpRequest.BodyPublishers.ofByteArray(part)));
    }

    private HttpRequest.Builder tus(String path) {
      return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
          .header("Tus-Resumable", "1.0.0");
    }

    /** Sends a file as a form does. */
    Answer file(String path, String name, byte[] bytes) {
      String edge = "----edge";
      byte[] head =
          ("--"
                  + edge
                  + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                  + name
                  + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
              .getBytes(StandardCharsets.UTF_8);
      byte[] tail = ("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8);
      return send(
          HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
              .header("Content-Type", "multipart/form-data; boundary=" + edge)
              .POST(HttpRequest.BodyPublishers.ofByteArrays(List.of(head, bytes, tail))));
    }

    private HttpRequest.Builder request(String path) {
      HttpRequest.Builder made =
          HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
              .header("Content-Type", "application/json");
      // Most tests change whatever is there.
      String seen = revision == null ? "*" : revision;
      revision = null;
      return seen.isEmpty() ? made : made.header("If-Match", seen);
    }

    private Answer send(HttpRequest.Builder request) {
      HttpCookie token = cookie("XSRF-TOKEN");
      if (sendsToken && token != null) {
        request.header("X-XSRF-TOKEN", token.getValue());
      }
      if (window != null) {
        request.header("X-Blenner-Person", window);
        window = null;
      }
      try {
        HttpResponse<String> r = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        return new Answer(r.statusCode(), r.body(), r);
      } catch (IOException | InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
  }
}

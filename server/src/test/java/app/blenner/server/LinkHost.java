package app.blenner.server;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;

/** Stands in for sites elsewhere: one that answers as it was told, lies, dawdles and leads round, and notes who asked. */
final class LinkHost implements AutoCloseable {
  /** What somebody asked, and when. */
  record Asked(String method, String path, String agent, Instant at) {}

  private final HttpServer server;
  private final ServerSocket drips;
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final List<Asked> asked = new CopyOnWriteArrayList<>();
  private final AtomicReference<Integer> moody = new AtomicReference<>(200);

  LinkHost() {
    try {
      server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 50);
      drips = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    server.createContext("/", this::answer);
    server.setExecutor(threads);
    server.start();
    threads.execute(this::drip);
  }

  String at(String path) {
    return "http://localhost:" + server.getAddress().getPort() + path;
  }

  /** One that sends its head letter by letter, and never ends. */
  String dripping() {
    return "http://localhost:" + drips.getLocalPort() + "/drip";
  }

  List<String> hosts() {
    return List.of(
        "localhost:" + server.getAddress().getPort(), "localhost:" + drips.getLocalPort());
  }

  List<Asked> asked() {
    return List.copyOf(asked);
  }

  /** What {@code /moody} answers from now on. */
  void moody(int status) {
    moody.set(status);
  }

  private void answer(HttpExchange exchange) throws IOException {
    String path = exchange.getRequestURI().getPath();
    String method = exchange.getRequestMethod();
    asked.add(
        new Asked(
            method, path, exchange.getRequestHeaders().getFirst("User-Agent"), Instant.now()));
    boolean head = method.equals("HEAD");
    switch (path) {
      case "/gone" -> send(exchange, 404);
      case "/lies" -> send(exchange, head ? 404 : 200);
      case "/closed" -> send(exchange, 403);
      case "/moody" -> send(exchange, moody.get());
      case "/moved" -> leadsTo(exchange, 301, "/there");
      case "/round" -> leadsTo(exchange, 302, "/round");
      case "/inwards" -> leadsTo(exchange, 302, "http://127.0.0.1:9/secret");
      case "/endless" -> endless(exchange, head);
      case "/dawdles" -> dawdle(exchange);
      default -> send(exchange, 200);
    }
  }

  private static void send(HttpExchange exchange, int status) throws IOException {
    exchange.sendResponseHeaders(status, -1);
    exchange.close();
  }

  private static void leadsTo(HttpExchange exchange, int status, String where) throws IOException {
    exchange.getResponseHeaders().add("Location", where);
    send(exchange, status);
  }

  private static void endless(HttpExchange exchange, boolean head) throws IOException {
    if (head) {
      send(exchange, 405);
      return;
    }
    exchange.sendResponseHeaders(200, 0);
    byte[] much = new byte[100_000];
    try (OutputStream out = exchange.getResponseBody()) {
      while (true) {
        out.write(much);
      }
    }
  }

  private static void dawdle(HttpExchange exchange) throws IOException {
    pause(30_000);
    send(exchange, 200);
  }

  private void drip() {
    while (!drips.isClosed()) {
      try {
        Socket one = drips.accept();
        threads.execute(() -> drip(one));
      } catch (IOException e) {
        return;
      }
    }
  }

  private static void drip(Socket one) {
    try (one;
        OutputStream out = one.getOutputStream()) {
      out.write("HTTP/1.1 200 OK\r\nX: ".getBytes(StandardCharsets.US_ASCII));
      for (int i = 0; i < 1000; i++) {
        out.write('a');
        out.flush();
        pause(100);
      }
    } catch (IOException e) {
      // Whoever asked has gone.
      Thread.yield();
    }
  }

  private static void pause(long millis) {
    Waiting.letPass(Duration.ofMillis(millis), "a slow host");
  }

  @Override
  public void close() throws IOException {
    server.stop(0);
    drips.close();
    threads.shutdownNow();
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The edge of the server: people who send slowly or nothing, proxies, numbers of requests, and what Tomcat itself refuses. */
public class EdgeTest {
  private final List<Socket> open = new ArrayList<>();
  private final Running running = Running.demo();
  private Running behind;

  private static Path folder() {
    try {
      return Files.createTempDirectory("blenner-behind");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private synchronized Running behindProxy() {
    if (behind == null) {
      behind = Running.at("demo", folder(), "--blenner.proxies=127.0.0.1,10.1.0.0/16");
    }
    return behind;
  }

  @AfterClass(alwaysRun = true)
  public void close() throws IOException {
    for (Socket socket : open) {
      socket.close();
    }
    if (behind != null) {
      behind.close();
    }
  }

  private Socket send(Running to, String text) throws IOException {
    Socket socket = new Socket("localhost", to.port());
    open.add(socket);
    socket.setSoTimeout(60_000);
    socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
    socket.getOutputStream().flush();
    return socket;
  }

  private String answer(Running from, String request) throws IOException {
    try (Socket socket = send(from, request);
        InputStream in = socket.getInputStream()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static String post(int length) {
    return "POST /editor/api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
        + "Content-Length: "
        + length
        + "\r\n\r\n";
  }

  /** As many as asked for, a third of each sort: says nothing, half a head, a head and half a body. */
  @Test
  public void whoeverSendsNothingKeepsNobodyWaiting() throws Exception {
    try (Running own = Running.fresh("demo")) {
      for (int i = 0; i < 200; i++) {
        send(own, List.of("", "GET / HTTP/1.1\r\nHo", post(1000) + "{").get(i % 3));
      }
      Visitor reader = own.visitor();
      Visitor editor = own.signedIn("ilse");
      for (int i = 0; i < 50; i++) {
        assertEquals(reader.get("/").status(), 200);
        assertEquals(editor.get("/editor/api/session").status(), 200);
      }
    }
  }

  @Test
  public void aHeadThatNeverEndsIsCutOff() throws Exception {
    long begun = System.nanoTime();
    Socket slow = send(running, "GET / HTTP/1.1\r\nHost: localhost\r\nX-Slow: ");
    assertTrue(drips(slow), "it was let go on");
    long seconds = (System.nanoTime() - begun) / 1_000_000_000;
    assertTrue(seconds >= 10 && seconds < 40, seconds + " s");
  }

  @Test
  public void aBodyThatComesByteByByteIsCutOff() throws Exception {
    Socket slow = send(running, post(100_000));
    assertTrue(drips(slow), "it was let go on");
  }

  /** Sends a byte now and then, for 40 seconds; whether that was ended by the other side. */
  private static boolean drips(Socket socket) throws Exception {
    try {
      for (int i = 0; i < 80; i++) {
        socket.getOutputStream().write('a');
        socket.getOutputStream().flush();
        Waiting.letPass(Duration.ofMillis(500), "between two bytes");
        if (socket.getInputStream().available() > 0) {
          return true;
        }
      }
      return false;
    } catch (IOException cutOff) {
      return true;
    }
  }

  @DataProvider
  Object[][] badAddresses() {
    return new Object[][] {
      {"GET /a[b HTTP/1.1"},
      {"GET /%zz HTTP/1.1"},
      {"GET /%2e%2e/%2e%2e/etc/passwd HTTP/1.1"},
      {"GET /a\\b HTTP/1.1"},
      {"GET /editor/..;/editor/api/people HTTP/1.1"},
      {"GET /" + "a".repeat(20_000) + " HTTP/1.1"},
      {"BREW / HTTP/1.1"},
      {"GET /%00 HTTP/1.1"},
      {"TRACE / HTTP/1.1"},
      {"GET /error HTTP/1.1"},
      {"GET /editor/error HTTP/1.1"},
      {"GET /media/%ff HTTP/1.1"},
      {"nonsense"},
    };
  }

  /** Our own page: no stack, no name of what it is made of. */
  @Test(dataProvider = "badAddresses")
  public void whatIsNoRequestIsAnsweredInOurWords(String line) throws Exception {
    String said = answer(running, line + "\r\nHost: localhost\r\nConnection: close\r\n\r\n");
    assertTrue(said.matches("(?s)HTTP/1.1 4\\d\\d.*"), said);
    assertFalse(said.contains("Tomcat") || said.contains("Whitelabel"), said);
    assertFalse(said.contains("at org.") || said.contains("Exception"), said);
    assertTrue(said.contains("<h1>") || said.contains("\"detail\""), said);
  }

  @DataProvider
  Object[][] badLengths() {
    return new Object[][] {
      {"Content-Length: abc", 400},
      {"Content-Length: -1", 400},
      {"Content-Length: 99999999999999999999", 400},
      {"Content-Length: 1, 2", 400},
      {"Content-Length: 1\r\nContent-Length: 2", 400},
      {"Transfer-Encoding: brew", 501},
      {"Transfer-Encoding: chunked, brew", 400},
      {"Transfer-Encoding: chunked\r\nContent-Length: 1x", 400},
    };
  }

  /** Sources: RFC 9112, sections 6.1 (an unknown coding: 501) and 6.3 (a length that is none: 400). */
  @Test(dataProvider = "badLengths")
  public void aBodyWhoseLengthCannotBeToldIsRefusedInWords(String header, int status)
      throws Exception {
    for (String path :
        new String[] {"/site/contact/a/1", "/editor/api/session", "/", "/editor/api/items"}) {
      String said =
          answer(
              running,
              "POST "
                  + path
                  + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                  + header
                  + "\r\n\r\nabc");
      assertTrue(said.startsWith("HTTP/1.1 " + status), header + path + said);
      assertFalse(said.contains("at org.") || said.contains("Exception"), said);
      assertTrue(said.contains("<h1>") || said.contains("\"detail\""), said);
    }
  }

  @Test
  public void programsGetProblemDetails() throws Exception {
    String said =
        answer(
            running,
            "GET /editor/api/items/%zz HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
    assertTrue(said.contains("application/problem+json"), said);
    assertTrue(said.contains("\"detail\":\"This address"), said);
  }

  @Test
  public void everyProblemCarriesTheNumberOfItsRequest() {
    for (String path : new String[] {"/editor/api/worklist", "/editor/api/nothing/here"}) {
      Answer refused = running.visitor().get(path);
      assertFalse(refused.header("X-Request-ID").isEmpty());
      assertEquals(refused.json().path("request").asString(), refused.header("X-Request-ID"), path);
    }
    Visitor editor = running.signedIn("ilse");
    Answer missing = editor.get("/editor/api/items/nowhere");
    assertEquals(missing.json().path("request").asString(), missing.header("X-Request-ID"));
    assertNotEquals(
        missing.header("X-Request-ID"),
        editor.get("/editor/api/items/nowhere").header("X-Request-ID"));
  }

  /** Lines of JSON by the Elastic Common Schema, with the request's number. */
  @Test
  public void theLogHoldsStructuredLines() throws Exception {
    Path data = folder();
    int port = Server.freePort();
    Server server = Server.started(data, port);
    try {
      Files.move(data.resolve("files"), data.resolve("gone"));
      Files.writeString(data.resolve("files"), "not a folder");
      Visitor editor = Running.elsewhere(port).signedIn("ilse");
      Answer first = editor.bringIn("/editor/api/assets", "a.png", Pngs.of(30, 30, 1), false);
      assertEquals(first.status(), 503, first.text());
      for (int i = 0; i < 30; i++) {
        editor.bringIn("/editor/api/assets", "a" + i + ".png", Pngs.of(30, 30, i), false);
      }
      List<JsonNode> errors = new ArrayList<>();
      for (String line : Files.readAllLines(data.resolve("log/blenner.log"))) {
        JsonNode said = JsonMapper.shared().readTree(line);
        assertTrue(said.has("@timestamp"), line);
        if (said.path("log").path("level").asString().equals("ERROR")) {
          errors.add(said);
        }
      }
      assertFalse(errors.isEmpty());
      assertTrue(
          errors.size() <= 2, "thirty failures of a disk are no thirty lines: " + errors.size());
      assertFalse(errors.get(0).path("request").asString().isEmpty(), errors.get(0).toString());
    } finally {
      server.kill();
    }
  }

  private static String withForwarded(String path, String more) {
    return "GET " + path + " HTTP/1.1\r\nHost: localhost\r\n" + more + "Connection: close\r\n\r\n";
  }

  @Test
  public void aNamedProxyIsBelieved() throws Exception {
    String said =
        answer(
            behindProxy(),
            withForwarded(
                "/editor/api/session",
                "X-Forwarded-Proto: https\r\nX-Forwarded-Host: tarnlow.example\r\nX-Forwarded-For: 203.0.113.9\r\n"));
    assertTrue(said.contains("Strict-Transport-Security: max-age="), said);
    assertTrue(said.matches("(?s).*Set-Cookie: XSRF-TOKEN=[^\r]*; Secure[^\r]*.*"), said);
  }

  @Test
  public void anybodyElseIsNot() throws Exception {
    String said =
        answer(
            running,
            withForwarded(
                "/editor/api/session",
                "X-Forwarded-Proto: https\r\nX-Forwarded-Host: evil.example\r\nX-Forwarded-For: 203.0.113.9\r\n"));
    assertFalse(said.contains("Strict-Transport-Security"), said);
    assertFalse(said.contains("; Secure"), said);
  }

  @Test
  public void everyCookieStaysOnItsSite() throws Exception {
    String said = answer(running, withForwarded("/editor/api/session", ""));
    for (String line : said.lines().filter(l -> l.startsWith("Set-Cookie")).toList()) {
      assertTrue(line.contains("SameSite=Lax"), line);
    }
    assertTrue(said.contains("Set-Cookie"), said);
  }

  /**
   * After somebody signed in again, a late answer to an earlier request of another tab must not remove the new cookie.
   */
  @Test
  public void anAnswerToAnOldCookieLeavesTheNewOneAlone() throws Exception {
    String said =
        answer(
            running,
            withForwarded("/editor/api/worklist", "Cookie: BLENNER=of-a-session-that-ended\r\n"));
    assertTrue(said.startsWith("HTTP/1.1 401"), said);
    assertFalse(said.contains("Set-Cookie: BLENNER"), said);
  }

  /** Half a minute's work, whose asker leaves at once: the thread is free again long before. */
  @Test
  public void workStopsWhenNobodyWaitsForIt() throws Exception {
    try (Running own = Running.fresh("demo")) {
      Visitor editor = own.signedIn("ilse");
      String text = "> ".repeat(60) + "a\\n";
      String body = "{\"language\":\"MARKDOWN\",\"text\":\"" + text.repeat(50_000) + "\"}";
      Socket asker =
          send(
              own,
              "POST /editor/api/writing/markup/reading HTTP/1.1\r\nHost: localhost\r\n"
                  + editor.headers()
                  + "Content-Type: application/json\r\nContent-Length: "
                  + body.length()
                  + "\r\n\r\n"
                  + body);
      Waiting.until("it is at work", () -> working() > 0);
      asker.close();
      long left = System.nanoTime();
      while (working() > 0) {
        long seconds = (System.nanoTime() - left) / 1_000_000_000;
        assertTrue(seconds < 25, "it went on for nobody");
        Waiting.letPass(Duration.ofMillis(100), "between two looks");
      }
      assertEquals(editor.get("/editor/api/session").status(), 200);
    }
  }

  private static long working() {
    return Thread.getAllStackTraces().values().stream()
        .filter(
            stack ->
                java.util.Arrays.stream(stack)
                    .anyMatch(f -> f.getClassName().endsWith("WritingController")))
        .count();
  }

  @Test
  public void theDataFolderIsItsOwnersAlone() throws Exception {
    Path data = folder();
    try (Running own = Running.at("demo", data)) {
      own.visitor().get("/");
      try (java.util.stream.Stream<Path> all = Files.list(data)) {
        for (Path path : all.toList()) {
          String rights =
              java.nio.file.attribute.PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(path));
          assertTrue(rights.endsWith("------") || path.endsWith("reserve"), path + " " + rights);
        }
      }
      assertEquals(
          java.nio.file.attribute.PosixFilePermissions.toString(
              Files.getPosixFilePermissions(data)),
          "rwx------");
    }
  }
}

package app.blenner.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The real application, started as people start it, on a port and with data of its own. */
final class App {
  private static final Path JAR =
      Path.of("../server/target/app/blenner-app.jar").toAbsolutePath().normalize();
  private static final Duration PATIENCE = Duration.ofSeconds(180);

  private final String mode;
  private final int port;
  private final List<String> more;
  private final Path data;
  private final Path log;
  private Process process;

  /** The demo. */
  App() {
    this("demo");
  }

  /**
   * @param more what else its start is told
   */
  App(String mode, String... more) {
    this.mode = mode;
    this.more = List.of(more);
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
      data = scratch();
      log = data.resolve("server.log");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A folder in memory where there is one: every save waits for the disk, and disks are shared. */
  static Path scratch() throws IOException {
    Path memory = Path.of("/dev/shm");
    return Files.isWritable(memory)
        ? Files.createTempDirectory(memory, "blenner-e2e")
        : Files.createTempDirectory("blenner-e2e");
  }

  /** Ends the server and forgets its data. */
  void end() {
    kill();
    try (Stream<Path> files = Files.walk(data)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  String url(String path) {
    return "http://localhost:" + port + path;
  }

  App start() {
    try {
      Files.deleteIfExists(log);
      process =
          new ProcessBuilder(
                  command(
                      "java",
                      "-XX:+UseSerialGC",
                      "-Xmx512m",
                      // A server that lives for minutes gains nothing by compiling for the long
                      // run.
                      "-XX:TieredStopAtLevel=1",
                      "-XX:SharedArchiveFile=" + JAR.resolveSibling("../app.jsa").normalize(),
                      "-jar",
                      JAR.toString(),
                      "--server.port=" + port,
                      // A test may hold a connection while it waits longer than anybody reads.
                      "--server.tomcat.keep-alive-timeout=10m",
                      "--blenner.prepared=true",
                      "--blenner.mode=" + mode,
                      "--blenner.data=" + data.resolve("data"),
                      "--blenner.demo=../demo"))
              .redirectErrorStream(true)
              .redirectOutput(log.toFile())
              .start();
      Instant end = Instant.now().plus(PATIENCE);
      while (!Files.exists(log) || !Files.readString(log).contains("Stop with Ctrl+C")) {
        if (!process.isAlive() || Instant.now().isAfter(end)) {
          throw new IllegalStateException("did not start:\n" + Files.readString(log));
        }
        Thread.sleep(100);
      }
      return this;
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private List<String> command(String... usual) {
    return Stream.concat(Stream.of(usual), more.stream()).toList();
  }

  /** What the terminal shows. */
  String terminal() {
    try {
      return Files.readString(log);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Ends the server without giving it time for anything. */
  void kill() {
    process.destroyForcibly();
    try {
      process.waitFor(10, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}

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
  private final Path folder;
  private final Path data;
  private final boolean fills;
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
    this(mode, null, more);
  }

  private App(String mode, Path filled, String... more) {
    this.mode = mode;
    this.more = List.of(more);
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
      folder = scratch();
      data = filled == null ? folder.resolve("data") : filled;
      log = folder.resolve("server.log");
      fills = filled != null;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A folder in memory where there is one: every save waits for the disk, and disks are shared. */
  static Path scratch() throws IOException {
    return Files.createTempDirectory(scratchOfAll(), "blenner-e2e");
  }

  /** Where such folders lie: as the run says, or in memory, or where all that is for a while does. */
  static Path scratchOfAll() {
    Path memory = Path.of("/dev/shm");
    String said = System.getProperty("tests.scratch", "");
    return !said.isEmpty()
        ? Path.of(said)
        : Files.isWritable(memory) ? memory : Path.of(System.getProperty("java.io.tmpdir"));
  }

  /** Fills a data folder with the demo, has its pictures looked at, and ends the server in order. */
  static void fill(Path data) throws IOException, InterruptedException {
    App first = new App("demo", data, "--blenner.pictures.first=PT0.1S");
    first.start();
    Instant end = Instant.now().plus(PATIENCE);
    while (!first.terminal().contains("were looked at") && Instant.now().isBefore(end)) {
      Thread.sleep(100);
    }
    first.process.destroy();
    first.process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS);
  }

  /** Ends the server and forgets its data. */
  void end() {
    kill();
    try (Stream<Path> files = Files.walk(folder)) {
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
      if (mode.equals("demo") && !fills) {
        DemoCopy.into(data);
      }
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
                      // Whoever asks for a picture has it made; all of them would take longer than
                      // the tests.
                      "--blenner.renditions.first=P1D",
                      "--blenner.mode=" + mode,
                      "--blenner.data=" + data,
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

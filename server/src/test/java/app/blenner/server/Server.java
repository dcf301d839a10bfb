package app.blenner.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The application as a process of its own, which can be killed, and can refuse to start. */
final class Server {
  private final Process process;
  private final Path said;

  private Server(Process process, Path said) {
    this.process = process;
    this.said = said;
  }

  static int freePort() throws IOException {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
    }
  }

  /** Begins to start; nothing is waited for. */
  static Server begin(Path data, int port, String... more) throws IOException {
    String classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                classes,
                "app.blenner.server.BlennerApplication",
                "--server.port=" + port,
                "--blenner.mode=demo",
                "--blenner.data=" + data,
                "--blenner.demo=../demo"));
    if (List.of(more).stream().noneMatch(m -> m.startsWith("--blenner.database="))) {
      command.addAll(TestDatabase.told(data));
    }
    command.addAll(List.of(more));
    Path said = Files.createTempFile("blenner-said", ".log");
    return new Server(
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile()).start(),
        said);
  }

  /** Starts, and waits until it answers. */
  static Server started(Path data, int port) throws Exception {
    DemoData.into(data);
    Server server = begin(data, port);
    server.waitUntilReady(port);
    return server;
  }

  void waitUntilReady(int port) throws Exception {
    Running.Visitor reader = Running.elsewhere(port).visitor();
    for (int i = 0; i < 300; i++) {
      try {
        if (reader.get("/editor/api/session").text().contains("ilse")) {
          return;
        }
      } catch (IllegalStateException notYet) {
        // It is still starting.
      }
      if (!process.isAlive()) {
        throw new AssertionError("it did not start: " + said());
      }
      Waiting.letPass(Duration.ofMillis(200), "between two looks");
    }
    throw new AssertionError("it did not start in time: " + said());
  }

  /** What it wrote in the terminal. */
  String said() throws IOException {
    return Files.readString(said);
  }

  /** Its exit code, once it has ended by itself. */
  int ended() throws InterruptedException {
    if (!process.waitFor(60, TimeUnit.SECONDS)) {
      process.destroyForcibly();
      throw new AssertionError("it is still running");
    }
    return process.exitValue();
  }

  void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  /** Ends it as a terminal, a service manager or the end of the machine does. */
  void endInOrder() throws InterruptedException {
    process.destroy();
    ended();
  }
}

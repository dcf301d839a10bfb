package app.blenner.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The demo site as it is after its first start, made once for a whole run and copied for each test that wants one of its
 * own: to fill it takes longer than most tests do.
 */
final class DemoData {
  /** The database the copies are made from, where the tests keep their data in PostgreSQL. */
  static final String TEMPLATE = "demo_template";

  private static Path made;

  private DemoData() {}

  /** Puts the demo into a data folder that nothing is in yet, and into its database. */
  static void into(Path data) {
    try {
      if (Files.exists(data) && !isEmpty(data)) {
        return;
      }
      Path from = template();
      TestDatabase.copyTo(data);
      try (Stream<Path> all = Files.walk(from)) {
        for (Path one : all.toList()) {
          Path to = data.resolve(from.relativize(one).toString());
          if (Files.isDirectory(one)) {
            Files.createDirectories(to);
          } else {
            Files.copy(one, to);
          }
        }
      }
    } catch (Exception e) {
      throw new IllegalStateException("the demo could not be copied", e);
    }
  }

  private static boolean isEmpty(Path folder) throws IOException {
    try (Stream<Path> inside = Files.list(folder)) {
      return inside.findAny().isEmpty();
    }
  }

  /** One for all processes of the run; each PostgreSQL has its own. */
  private static synchronized Path template() throws Exception {
    if (made == null) {
      made = TestDatabase.EMBEDDED ? shared() : filled(Files.createTempDirectory("demo-template"));
    }
    return made;
  }

  private static Path shared() throws Exception {
    Path folder = Path.of(System.getProperty("java.io.tmpdir")).resolve("demo-of-" + run());
    Files.createDirectories(folder);
    try (FileChannel lock =
        FileChannel.open(
            folder.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      // Freed when the channel is closed.
      lock.lock();
      Path data = folder.resolve("data");
      if (!Files.exists(folder.resolve("whole"))) {
        filled(data);
        Files.createFile(folder.resolve("whole"));
      }
      return data;
    }
  }

  /** What tells this run of the tests from others: the Java that started all that test, whose number comes again one day. */
  private static String run() {
    Optional<ProcessHandle> started = ProcessHandle.current().parent();
    // Between the two stands a shell for each.
    while (started.flatMap(p -> p.info().command()).filter(c -> !c.endsWith("java")).isPresent()) {
      started = started.flatMap(ProcessHandle::parent);
    }
    return started
        .map(p -> p.pid() + "-" + p.info().startInstant().map(Instant::toEpochMilli).orElse(0L))
        .orElse("alone");
  }

  private static Path filled(Path data) {
    List<String> database = TestDatabase.EMBEDDED ? List.of() : TestDatabase.named(TEMPLATE);
    Running.fill(data, database);
    return data;
  }
}

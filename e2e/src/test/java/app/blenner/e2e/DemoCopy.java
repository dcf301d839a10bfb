package app.blenner.e2e;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;

/** The demo site as it is after its first start, made once for a whole run and copied: to fill it takes longer than to start. */
final class DemoCopy {
  private DemoCopy() {}

  /** Puts the demo into a data folder, unless there is something in it. */
  static void into(Path data) throws IOException, InterruptedException {
    if (Files.exists(data)) {
      return;
    }
    Path from = made();
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
  }

  /** One for all processes of the run. */
  private static Path made() throws IOException, InterruptedException {
    Path folder = App.scratchOfAll().resolve("blenner-e2e-demo-" + run());
    Files.createDirectories(folder);
    try (FileChannel lock =
        FileChannel.open(
            folder.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      // Freed when the channel is closed.
      lock.lock();
      Path data = folder.resolve("data");
      if (!Files.exists(folder.resolve("whole"))) {
        App.fill(data);
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
}

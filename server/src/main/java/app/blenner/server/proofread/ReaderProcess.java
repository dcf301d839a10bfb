package app.blenner.server.proofread;

import app.blenner.core.proofread.ProofreadCodec;
import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRequest;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;

/** A process that reads texts, one after the other. One that takes too long, or more memory than it has, ends. */
final class ReaderProcess implements AutoCloseable {
  private static final Path NICE = Path.of("/usr/bin/nice");

  private final Process process;
  private final DataInputStream answers;
  private final DataOutputStream questions;
  private final ScheduledExecutorService watch;

  /**
   * Starts one.
   *
   * @param folder where the program is: its {@code classes}, and what it needs in {@code lib}
   * @param niceness how far it stands back behind others, 0 to 19
   * @param watch ends what takes too long
   */
  ReaderProcess(Path folder, int niceness, ScheduledExecutorService watch) throws IOException {
    this.watch = watch;
    List<String> command = new ArrayList<>();
    if (niceness > 0 && Files.isExecutable(NICE)) {
      // Whoever saves goes first.
      command.addAll(List.of(NICE.toString(), "-n", String.valueOf(niceness)));
    }
    String cp =
        String.join(
            System.getProperty("path.separator"),
            folder.resolve("classes").toString(),
            core(),
            folder.resolve("lib") + "/*");
    command.addAll(
        List.of(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-Xmx512m",
            "-XX:+UseSerialGC",
            "-XX:+ExitOnOutOfMemoryError",
            "-cp",
            cp,
            "app.blenner.spelling.Main"));
    process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    answers = new DataInputStream(new BufferedInputStream(process.getInputStream()));
    questions = new DataOutputStream(new BufferedOutputStream(process.getOutputStream()));
  }

  /** Where the form of questions and answers is, which both sides share. */
  private static String core() throws IOException {
    try {
      return Path.of(
              ProofreadCodec.class.getProtectionDomain().getCodeSource().getLocation().toURI())
          .toString();
    } catch (URISyntaxException e) {
      throw new IOException(e);
    }
  }

  /**
   * Reads a text.
   *
   * @param seconds how long that may take
   * @throws IOException where it took longer, or the process has ended
   */
  List<ProofreadRemark> read(ProofreadRequest question, int seconds) throws IOException {
    ScheduledFuture<?> late = watch.schedule(process::destroyForcibly, seconds, TimeUnit.SECONDS);
    try {
      ProofreadCodec.write(questions, question);
      return ProofreadCodec.remarks(answers);
    } finally {
      late.cancel(false);
    }
  }

  @Override
  public void close() {
    process.destroyForcibly();
  }
}

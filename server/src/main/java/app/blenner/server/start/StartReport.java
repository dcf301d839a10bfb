package app.blenner.server.start;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Tells why a start failed: a sentence in the terminal, all the rest in the log. */
public final class StartReport implements SpringBootExceptionReporter {
  private static final Logger LOG = LoggerFactory.getLogger(StartReport.class);

  /**
   * @param context what was being started, or null where it did not come so far; nothing of it is needed
   */
  public StartReport(ConfigurableApplicationContext context) {}

  @Override
  public boolean reportException(Throwable failure) {
    StartRefused refused = StartRefused.findIn(failure);
    if (refused != null) {
      System.err.println(refused.getMessage());
      note(refused);
    } else {
      System.err.println("Blenner could not start. The details are in its log.");
      LOG.error("the start failed", failure);
    }
    return true;
  }

  /** The log is not open yet; where an earlier start has made one, a line is added, and else nothing is made. */
  private static void note(StartRefused refused) {
    String data = System.getProperty(StartCheck.FOLDER);
    Path log = data == null ? null : Path.of(data, "log", "blenner.log");
    if (log == null || !Files.isWritable(log)) {
      return;
    }
    StringWriter stack = new StringWriter();
    refused.printStackTrace(new PrintWriter(stack));
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("@timestamp", Instant.now().toString());
    line.put("log.level", "ERROR");
    line.put("message", refused.getMessage());
    line.put("error.stack_trace", stack.toString());
    try {
      Files.writeString(
          log, JsonMapper.shared().writeValueAsString(line) + "\n", StandardOpenOption.APPEND);
    } catch (IOException e) {
      // The sentence in the terminal has been told; there is nowhere else to tell more.
      System.err.println("The log could not be written: " + e.getMessage());
    }
  }
}

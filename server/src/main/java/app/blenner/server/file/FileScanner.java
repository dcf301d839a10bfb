package app.blenner.server.file;

import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Has files looked at by a scanner for malicious software, where the server is told of one ({@code blenner.scanner}). It is
 * asked by the command INSTREAM of clamd's protocol, as its manual page describes it: the command and its end, the file in
 * pieces with their length before each, a length of 0, and a line that ends in OK, FOUND or ERROR.
 */
@Component
class FileScanner {
  private static final Logger LOG = LoggerFactory.getLogger(FileScanner.class);
  private static final byte[] COMMAND = "zINSTREAM\0".getBytes(StandardCharsets.US_ASCII);
  private static final int PIECE = 64 * 1024;
  private static final int LONGEST_ANSWER = 4_096;

  private final InetSocketAddress address;
  private final Duration patience;

  @org.springframework.beans.factory.annotation.Autowired
  FileScanner(BlennerSettings settings) {
    this(addressOf(settings.scanner()), Duration.ofSeconds(60));
  }

  /**
   * @param address where the scanner listens; null for none
   * @param patience how long it may take for a file
   */
  FileScanner(InetSocketAddress address, Duration patience) {
    this.address = address;
    this.patience = patience;
  }

  private static InetSocketAddress addressOf(String given) {
    if (given == null || given.isBlank()) {
      return null;
    }
    int colon = given.lastIndexOf(':');
    if (colon < 1 || !given.substring(colon + 1).matches("\\d{1,5}")) {
      throw new IllegalArgumentException(
          "blenner.scanner is a host and a port, such as localhost:3310, and not “" + given + "”.");
    }
    return new InetSocketAddress(
        given.substring(0, colon), Integer.parseInt(given.substring(colon + 1)));
  }

  /**
   * Lets a file go on in which nothing is found.
   *
   * @param name what people call it
   * @throws Problem where something is found, or the scanner does not say
   */
  void check(Path file, String name) {
    if (address == null) {
      return;
    }
    String said;
    try {
      said = ask(file);
    } catch (IOException e) {
      LOG.warn("the scanner at {} did not look at a file", address, e);
      throw silent(name);
    }
    if (said.endsWith(" FOUND")) {
      LOG.warn("the scanner found {} in a file", said);
      throw Problem.unusable(
          "“" + name + "” was not taken in: the scanner found malicious software in it.");
    }
    if (!said.endsWith(" OK")) {
      LOG.warn("the scanner at {} said {}", address, said);
      throw silent(name);
    }
  }

  private static Problem silent(String name) {
    return new Problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "“"
            + name
            + "” was not taken in, since the scanner that has to look at it does not answer. Try again later.");
  }

  private String ask(Path file) throws IOException {
    try (Socket socket = new Socket()) {
      socket.connect(resolved(), 5_000);
      socket.setSoTimeout((int) patience.toMillis());
      DataOutputStream out = new DataOutputStream(socket.getOutputStream());
      out.write(COMMAND);
      try (InputStream in = Files.newInputStream(file)) {
        byte[] piece = new byte[PIECE];
        for (int n = in.read(piece); n > 0; n = in.read(piece)) {
          out.writeInt(n);
          out.write(piece, 0, n);
        }
      }
      out.writeInt(0);
      out.flush();
      byte[] answer = socket.getInputStream().readNBytes(LONGEST_ANSWER);
      return new String(answer, StandardCharsets.UTF_8).replace("\0", "").strip();
    }
  }

  /** Asked each time, since the scanner can move to another machine of its name. */
  private InetSocketAddress resolved() {
    return new InetSocketAddress(address.getHostString(), address.getPort());
  }
}

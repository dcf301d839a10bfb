package app.blenner.server.file;

import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Stands in for a scanner: it speaks the command INSTREAM of clamd's protocol as its manual page describes it, and finds the
 * test file that the makers of scanners agreed on (EICAR).
 */
public final class ScannerStandIn implements AutoCloseable {
  /** The test file, in two parts, so that no scanner takes this source for it. */
  public static final String EICAR =
      "X5O!P%@AP[4\\PZX54(P^)7CC)7}$" + "EICAR-STANDARD-ANTIVIRUS-TEST-FILE!$H+H*";

  private final ServerSocket door;
  private final AtomicInteger asked = new AtomicInteger();
  private volatile String always = "";

  public ScannerStandIn() throws IOException {
    door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    Thread thread = new Thread(this::serve, "scanner");
    thread.setDaemon(true);
    thread.start();
  }

  public int port() {
    return door.getLocalPort();
  }

  /** How many files it was asked about. */
  public int asked() {
    return asked.get();
  }

  /** Has it say this of every file; empty to have it look again. */
  public void says(String answer) {
    always = answer;
  }

  private void serve() {
    while (!door.isClosed()) {
      try (Socket one = door.accept()) {
        answer(one);
      } catch (IOException e) {
        // The next one asks again.
      }
    }
  }

  private void answer(Socket one) throws IOException {
    DataInputStream in = new DataInputStream(one.getInputStream());
    String command = new String(in.readNBytes(10), StandardCharsets.US_ASCII);
    String said = "UNKNOWN COMMAND";
    if (command.equals("zINSTREAM\0")) {
      ByteArrayOutputStream file = new ByteArrayOutputStream();
      for (int length = in.readInt(); length > 0; length = in.readInt()) {
        file.write(in.readNBytes(length));
      }
      asked.incrementAndGet();
      boolean found = file.toString(StandardCharsets.ISO_8859_1).contains(EICAR);
      said = found ? "stream: Eicar-Test-Signature FOUND" : "stream: OK";
    }
    if (!always.equals("nothing")) {
      one.getOutputStream()
          .write(((always.isEmpty() ? said : always) + "\0").getBytes(StandardCharsets.UTF_8));
    }
  }

  @Override
  public void close() throws IOException {
    door.close();
  }
}

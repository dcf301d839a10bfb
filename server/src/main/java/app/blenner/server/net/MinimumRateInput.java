package app.blenner.server.net;

import java.io.IOException;
import java.net.SocketTimeoutException;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * The body of a request, read as it comes, that must come at a pace. A byte now and then keeps a thread for as long as
 * somebody likes; who waits for each read alone never notices.
 */
final class MinimumRateInput implements InputBuffer {
  /** Below this many bytes a second nobody is sending anything; a bad line in the country has ten times as much. */
  static final long LEAST_RATE = 500;

  /** So long anybody may take: lines stall. */
  static final long GRACE_MILLIS = 10_000;

  private final InputBuffer body;
  private final long begun = System.nanoTime();
  private long bytes;

  MinimumRateInput(InputBuffer body) {
    this.body = body;
  }

  @Override
  public int doRead(ApplicationBufferHandler handler) throws IOException {
    int n = body.doRead(handler);
    if (n > 0) {
      bytes += n;
      long millis = (System.nanoTime() - begun) / 1_000_000;
      if (millis > GRACE_MILLIS && bytes < millis * LEAST_RATE / 1000) {
        throw new SocketTimeoutException("A body of " + bytes + " bytes in " + millis + " ms");
      }
    }
    return n;
  }

  @Override
  public int available() {
    return body.available();
  }
}

package app.blenner.server.net;

import app.blenner.server.database.ReaderThreads;
import app.blenner.server.problem.RequestNumber;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.slf4j.MDC;

/**
 * The door of the server. Every request gets a number, which is in the log, in the answer's header and in every
 * problem; and a place in the room for its sort, so that two hundred people who send nothing keep no reader waiting. Java 17
 * has no virtual threads, so each request under way holds one of Tomcat's; the rooms together hold fewer than there are.
 */
final class BulkheadValve extends ValveBase {
  /** Places in each of the four rooms; Tomcat has a quarter more threads than all of them. */
  static final int PLACES = 80;

  /** Of each room, how many may wait for a place. */
  static final int DOOR = 20;

  private static final String FULL =
      "Too many requests are under way from where you are. Please try again in a moment.";

  private final Bulkhead bodies = new Bulkhead(PLACES, DOOR);
  private final Bulkhead files = new Bulkhead(PLACES, DOOR);
  private final Bulkhead editors = new Bulkhead(PLACES, DOOR);
  private final Bulkhead readers = new Bulkhead(PLACES, DOOR);
  private final String start = Long.toString(System.currentTimeMillis() / 1000, 36);
  private final AtomicLong count = new AtomicLong();

  BulkheadValve() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    String number = start + "-" + count.incrementAndGet();
    request.setAttribute(RequestNumber.NAME, number);
    response.setHeader(RequestNumber.HEADER, number);
    if (request.isSecure()) {
      response.setHeader("Strict-Transport-Security", "max-age=31536000");
    }
    MDC.put(RequestNumber.NAME, number);
    Bulkhead room = room(request);
    String address = request.getRemoteAddr();
    try {
      if (room.enter(address)) {
        try {
          if (room == readers || room == files) {
            ReaderThreads.begin();
          }
          paced(request, response);
        } finally {
          ReaderThreads.end();
          room.leave(address);
        }
      } else {
        refuse(request, response);
      }
    } finally {
      MDC.remove(RequestNumber.NAME);
    }
  }

  private Bulkhead room(Request request) {
    // What Tomcat could not read has no path, and comes by here to be refused.
    String path = String.valueOf(request.getRequestURI());
    org.apache.coyote.Request raw = request.getCoyoteRequest();
    if (hasBody(raw)) {
      return bodies;
    }
    if (path.startsWith("/media/")) {
      return files;
    }
    return path.startsWith("/editor") ? editors : readers;
  }

  /** Whether something comes with it. A length that is none is not read as a number: that request is refused already. */
  private static boolean hasBody(org.apache.coyote.Request raw) {
    String length = raw.getHeader("Content-Length");
    return raw.getHeader("Transfer-Encoding") != null
        || (length != null && !length.strip().equals("0"));
  }

  private void paced(Request request, Response response) throws IOException, ServletException {
    org.apache.coyote.Request raw = request.getCoyoteRequest();
    InputBuffer body = raw.getInputBuffer();
    MinimumRateInput paced = new MinimumRateInput(body);
    raw.setInputBuffer(paced);
    // Found only if it is asked for, by work that takes long.
    request.setAttribute(
        WorkLimit.PRESENCE,
        (Supplier<BooleanSupplier>) () -> presence(request, request.getPeerAddr()));
    try {
      getNext().invoke(request, response);
    } finally {
      raw.setInputBuffer(body);
    }
  }

  private static BooleanSupplier presence(Request request, String peer) {
    return request.getConnector().getProtocolHandler() instanceof WatchedProtocol protocol
        ? protocol.presence(peer, request.getRemotePort())
        : () -> true;
  }

  private void refuse(Request request, Response response) throws IOException {
    // What they were about to send is not waited for.
    request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
    response.setHeader("Connection", "close");
    response.setHeader("Retry-After", "5");
    FallbackAnswers.send(request, response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, FULL);
  }
}

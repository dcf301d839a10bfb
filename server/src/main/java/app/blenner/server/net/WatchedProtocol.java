package app.blenner.server.net;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.apache.coyote.AbstractProcessor;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP/1.1 with an eye on those who connect and do not ask. Tomcat waits for each piece of a request's head again, so one
 * that comes byte by byte is never late; here the whole head has a time, and one address has so many connections.
 */
public final class WatchedProtocol extends Http11NioProtocol {
  /** For the whole head of a request, in milliseconds. */
  private static final long HEAD_MILLIS = 15_000;

  /** Connections of one address, those that rest between two requests included. */
  private static final int MOST_OF_ONE = 400;

  /** Closes what was too slow and what is too much. */
  void look() {
    Map<String, Integer> seen = new HashMap<>();
    for (SocketWrapperBase<NioChannel> connection : connections()) {
      // While a thread works on a request there is no processor to be seen, and nothing to be
      // closed.
      boolean waits = connection.getCurrentProcessor() != null;
      int own = seen.merge(String.valueOf(connection.getRemoteAddr()), 1, Integer::sum);
      if (headIsLate(connection) || (waits && own > MOST_OF_ONE)) {
        connection.close();
      }
    }
  }

  /** Whether whoever is at this port of this address waits for an answer. */
  BooleanSupplier presence(String address, int port) {
    for (SocketWrapperBase<NioChannel> connection : connections()) {
      if (connection.getRemotePort() == port && address.equals(connection.getRemoteAddr())) {
        return new ClientPresence(connection);
      }
    }
    return () -> true;
  }

  private Collection<SocketWrapperBase<NioChannel>> connections() {
    return getEndpoint().getConnections();
  }

  private static boolean headIsLate(SocketWrapperBase<NioChannel> connection) {
    if (!(connection.getCurrentProcessor() instanceof AbstractProcessor processor)
        || processor.isAsync()) {
      return false;
    }
    // A processor stays with its connection only while it has a part of a head, and waits for the
    // rest.
    long begun = processor.getRequest().getStartTimeNanos();
    return begun > 0 && System.nanoTime() - begun > HEAD_MILLIS * 1_000_000;
  }
}

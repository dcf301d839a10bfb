package app.blenner.server.net;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.SocketChannel;
import java.util.function.BooleanSupplier;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * Whether whoever sent a request still waits for the answer. Tomcat looks at a connection only to read or write; here it is
 * read without waiting, by the thread that works on its request, and what comes is put back.
 */
final class ClientPresence implements BooleanSupplier {
  private static final int PIECE = 1024;

  private final SocketWrapperBase<NioChannel> connection;
  private boolean sendsMore;

  ClientPresence(SocketWrapperBase<NioChannel> connection) {
    this.connection = connection;
  }

  @Override
  public boolean getAsBoolean() {
    if (sendsMore) {
      return true; // the next request came already; whoever sends one is there
    }
    if (connection.isClosed()) {
      return false;
    }
    SocketChannel channel = connection.getSocket().getIOChannel();
    if (channel.isBlocking()) {
      return true;
    }
    ByteBuffer piece = ByteBuffer.allocate(PIECE);
    try {
      int n = channel.read(piece);
      if (n > 0) {
        connection.unRead(piece.flip());
        sendsMore = true;
      }
      return n >= 0;
    } catch (IOException gone) {
      return false;
    }
  }
}

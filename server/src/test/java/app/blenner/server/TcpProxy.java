package app.blenner.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A wire to a port of this machine, which can be cut and joined again. */
final class TcpProxy implements AutoCloseable {
  private final int to;
  private final int port;
  private final Set<Socket> ends = ConcurrentHashMap.newKeySet();
  private ServerSocket door;

  TcpProxy(int to) throws IOException {
    this.to = to;
    this.port = Server.freePort();
    join();
  }

  int port() {
    return port;
  }

  void join() throws IOException {
    ServerSocket opened = new ServerSocket(port, 50, InetAddress.getLoopbackAddress());
    door = opened;
    begin(
        () -> {
          while (!opened.isClosed()) {
            Socket here = opened.accept();
            Socket there = new Socket(InetAddress.getLoopbackAddress(), to);
            ends.add(here);
            ends.add(there);
            begin(() -> carry(here, there));
            begin(() -> carry(there, here));
          }
        });
  }

  /** Whoever talks over it is cut off, and nobody gets through. */
  void cut() throws IOException {
    door.close();
    for (Socket end : ends) {
      end.close();
    }
    ends.clear();
  }

  @Override
  public void close() throws IOException {
    cut();
  }

  private interface Work {
    void run() throws IOException;
  }

  private static void begin(Work work) {
    Thread thread =
        new Thread(
            () -> {
              try {
                work.run();
              } catch (IOException e) {
                // The wire was cut.
              }
            });
    thread.setDaemon(true);
    thread.start();
  }

  private static void carry(Socket from, Socket into) throws IOException {
    try (from;
        into) {
      InputStream in = from.getInputStream();
      OutputStream out = into.getOutputStream();
      byte[] some = new byte[8192];
      for (int n = in.read(some); n >= 0; n = in.read(some)) {
        out.write(some, 0, n);
        out.flush();
      }
    }
  }
}

package app.blenner.bench;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How long readers wait while 200 others send nothing, half a head, or a body byte by byte: {@code BASE SECONDS}. In turns
 * with readers alone. Who is cut off comes again at once.
 */
public final class SlowClientTiming {
  private static final int CLIENTS = 200;
  private static final int ROUNDS = 2;

  private static volatile boolean going;

  private SlowClientTiming() {}

  public static void main(String[] arguments) throws Exception {
    URI base = URI.create(arguments[0]);
    int seconds = Integer.parseInt(arguments[1]) / ROUNDS;
    readers(base, 3);
    for (int round = 0; round < ROUNDS; round++) {
      String alone = readers(base, 10);
      List<Thread> slow = new ArrayList<>();
      going = true;
      for (int i = 0; i < CLIENTS; i++) {
        int sort = i % 3;
        Thread t = new Thread(() -> client(base, sort));
        t.setDaemon(true);
        t.start();
        slow.add(t);
      }
      Thread.sleep(1_000);
      String beside = readers(base, seconds);
      going = false;
      for (Thread t : slow) {
        t.interrupt();
      }
      System.out.println("alone " + alone + "; beside " + CLIENTS + " slow ones " + beside);
      Thread.sleep(2_000);
    }
  }

  private static void client(URI base, int sort) {
    while (going) {
      try (Socket s = new Socket(base.getHost(), base.getPort())) {
        String begin =
            switch (sort) {
              case 0 -> "";
              case 1 -> "GET / HTTP/1.1\r\nHost: a\r\nX-Slow: ";
              default ->
                  "POST /editor/api/session HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nContent-Length: 90000\r\n\r\n";
            };
        s.getOutputStream().write(begin.getBytes());
        while (going) {
          Thread.sleep(500);
          s.getOutputStream().write(sort == 0 ? new byte[0] : new byte[] {'a'});
          if (s.getInputStream().available() > 0) {
            break;
          }
        }
      } catch (IOException cutOff) {
        // Begins again.
      } catch (InterruptedException e) {
        return;
      }
    }
  }

  private static String readers(URI base, int seconds) throws IOException, InterruptedException {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest page = HttpRequest.newBuilder(base.resolve("/")).build();
    List<Double> took = new ArrayList<>();
    long end = System.nanoTime() + seconds * 1_000_000_000L;
    while (System.nanoTime() < end) {
      long begun = System.nanoTime();
      int status = client.send(page, HttpResponse.BodyHandlers.ofByteArray()).statusCode();
      if (status != 200) {
        throw new IllegalStateException("a reader was answered " + status);
      }
      took.add((System.nanoTime() - begun) / 1e6);
      Thread.sleep(10);
    }
    double[] all = took.stream().mapToDouble(Double::doubleValue).toArray();
    Arrays.sort(all);
    return String.format(
        "median %.1f ms, 95th percentile %.1f, longest %.1f of %d",
        all[all.length / 2], all[(int) (all.length * 0.95)], all[all.length - 1], all.length);
  }
}

package app.blenner.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;

/**
 * How long saves take while a hundred pictures are brought in, and how long it takes to find among many assets: {@code
 * AssetTiming upload|find http://localhost:8080}.
 */
public final class AssetTiming {
  private static final int SAVES = 100;
  private static final int PICTURES = 100;

  /** So many windows of browsers send two files at a time each. */
  private static final int WINDOWS = 3;

  private static final int ROUNDS = 3;

  private AssetTiming() {}

  public static void main(String[] args) throws Exception {
    EditorClient editor = new EditorClient(args[1]);
    if (args[0].equals("find")) {
      find(editor);
      return;
    }
    saves(editor, "warm-up", () -> true);
    for (int round = 1; round <= ROUNDS; round++) {
      saves(editor, "saves alone", () -> true);
      // Drawn before: the machine is to be the server's.
      byte[][] pictures = new byte[PICTURES][];
      for (int i = 0; i < PICTURES; i++) {
        pictures[i] = picture(1000L * round + i);
      }
      AtomicInteger next = new AtomicInteger();
      AtomicBoolean over = new AtomicBoolean();
      Thread[] hands = new Thread[2 * WINDOWS];
      long start = System.nanoTime();
      for (int i = 0; i < hands.length; i++) {
        EditorClient other = new EditorClient(args[1]);
        hands[i] = new Thread(() -> send(other, next, pictures));
        hands[i].start();
      }
      Thread watch =
          new Thread(
              () -> {
                for (Thread hand : hands) {
                  join(hand);
                }
                over.set(true);
              });
      watch.start();
      saves(editor, "saves beside 100 pictures", () -> !over.get());
      watch.join();
      System.out.printf("100 pictures were in after %.1f s%n", (System.nanoTime() - start) / 1e9);
    }
  }

  private static void join(Thread thread) {
    try {
      thread.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static void send(EditorClient who, AtomicInteger next, byte[][] pictures) {
    try {
      int n;
      while ((n = next.getAndIncrement()) < pictures.length) {
        who.bringIn("picture " + n + ".jpg", pictures[n]);
      }
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A picture of 2400 by 1600, of 1 MB or so. */
  private static byte[] picture(long seed) throws IOException {
    BufferedImage image = new BufferedImage(2400, 1600, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    Random random = new Random(seed);
    for (int i = 0; i < 1500; i++) {
      g.setColor(new Color(random.nextInt(0xFFFFFF)));
      g.fillOval(
          random.nextInt(2400), random.nextInt(1600), random.nextInt(300), random.nextInt(200));
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  private interface Goes {
    boolean on();
  }

  private static void saves(EditorClient editor, String what, Goes goes)
      throws IOException, InterruptedException {
    String made = editor.ask("POST", "/items", "{\"kind\":\"ARTICLE\"}");
    String key = EditorClient.first(made, "\"key\":\"([a-z0-9]+)\"");
    long revision = Long.parseLong(EditorClient.first(made, "\"revision\":(\\d+)"));
    double[] times = new double[SAVES];
    int n = 0;
    while (n < SAVES && goes.on()) {
      String content =
          "{\"revision\":%d,\"content\":{\"title\":\"Timed\",\"summary\":\"s\",\"section\":\"\",\"topics\":[],"
                  .formatted(revision)
              + "\"keywords\":[],\"leadPicture\":\"\",\"language\":\"\",\"body\":\"<p>Change %d</p>\"}}"
                  .formatted(n);
      long start = System.nanoTime();
      String answer = editor.ask("PUT", "/items/" + key, content);
      times[n++] = (System.nanoTime() - start) / 1e6;
      revision = Long.parseLong(EditorClient.first(answer, "\"revision\":(\\d+)"));
      Thread.sleep(20);
    }
    tell(what, Arrays.copyOf(times, n));
  }

  private static void tell(String what, double[] times) {
    Arrays.sort(times);
    System.out.printf(
        "%s: median %.1f ms, 95th percentile %.1f ms, longest %.1f ms (%d)%n",
        what,
        times[times.length / 2],
        times[times.length * 95 / 100],
        times[times.length - 1],
        times.length);
  }

  private static void find(EditorClient editor) throws IOException, InterruptedException {
    String total = EditorClient.first(editor.ask("GET", "/assets/found", ""), "\"total\":(\\d+)");
    for (String query :
        new String[] {
          "",
          "?page=9",
          "?words=ridge%2017",
          "?words=nothing+has+these",
          "?kind=PICTURE&shape=WIDE&least=1000&order=TITLE",
          "?only=UNUSED",
          "?only=WITHOUT_ALTERNATIVE",
          "?order=LARGEST"
        }) {
      double[] times = new double[60];
      for (int i = -20; i < times.length; i++) {
        long start = System.nanoTime();
        editor.ask("GET", "/assets/found" + query, "");
        if (i >= 0) {
          times[i] = (System.nanoTime() - start) / 1e6;
        }
      }
      tell(total + " assets, found" + query, times);
    }
  }
}

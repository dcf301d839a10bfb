package app.blenner.bench;

import app.blenner.core.proofread.ProofreadCodec;
import app.blenner.core.proofread.ProofreadRequest;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;

/**
 * How long the program that reads texts takes for a paragraph: the first, which waits for the dictionaries, and one that is
 * changed once all is warm: {@code SpellingTiming FOLDER}, the folder of its classes and libraries.
 */
final class SpellingTiming {
  private static final int WARM_UP = 60;
  private static final int ROUNDS = 200;

  private static final Map<String, String> PARAGRAPHS =
      Map.of(
          "en-GB",
          "The reserve has no gate and it never closes. From the cattle grid on, no white light is allowed, and the warden"
              + " asks everybody to keep their dogs on a lead. Number %d of these sentences is another one each time.",
          "de",
          "Das Gelände hat kein Tor und schließt nie. Ab dem Weiderost ist kein weißes Licht erlaubt, und die Wärterin bittet"
              + " alle, ihre Hunde an der Leine zu führen. Der Satz mit der Nummer %d ist jedes Mal ein anderer.");

  private SpellingTiming() {}

  public static void main(String[] given) throws IOException {
    Path folder = Path.of(given[0]);
    for (Map.Entry<String, String> e : PARAGRAPHS.entrySet()) {
      Process process =
          new ProcessBuilder(
                  "java",
                  "-Xmx512m",
                  "-XX:+UseSerialGC",
                  "-cp",
                  folder.resolve("classes")
                      + ":core/target/classes:"
                      + folder.resolve("lib")
                      + "/*",
                  "app.blenner.spelling.Main")
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      try (DataOutputStream out =
              new DataOutputStream(new BufferedOutputStream(process.getOutputStream()));
          DataInputStream in =
              new DataInputStream(new BufferedInputStream(process.getInputStream()))) {
        double first = ask(out, in, e.getKey(), e.getValue().formatted(0));
        for (int i = 1; i <= WARM_UP; i++) {
          ask(out, in, e.getKey(), e.getValue().formatted(i));
        }
        double[] took = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
          took[i] = ask(out, in, e.getKey(), e.getValue().formatted(1000 + i));
        }
        Arrays.sort(took);
        System.out.printf(
            Locale.ROOT,
            "a paragraph in %s: the first %.0f ms, a changed one %.1f ms (95th percentile %.1f)%n",
            e.getKey(),
            first,
            took[ROUNDS / 2],
            took[ROUNDS * 95 / 100]);
      } finally {
        process.destroyForcibly();
      }
    }
  }

  private static double ask(DataOutputStream out, DataInputStream in, String language, String text)
      throws IOException {
    long begin = System.nanoTime();
    ProofreadCodec.write(out, new ProofreadRequest(language, text));
    ProofreadCodec.remarks(in);
    return (System.nanoTime() - begin) / 1e6;
  }
}

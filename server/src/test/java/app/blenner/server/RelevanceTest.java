package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/**
 * How well the worklist finds, over judged queries in English, German and French: word forms, accents, compounds, a wrong letter,
 * phrases, codes, beginnings. Measured by nDCG at 10 (Järvelin and Kekäläinen, Cumulated gain-based evaluation of IR techniques,
 * 2002). Texts and judgements are our own; whoever judged them knew what each text is about, not how it is found.
 */
public class RelevanceTest {
  private static final int AT = 10;
  private static final int LEAST_QUERIES = 60;
  private static final double WANTED = 0.85;

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  private static List<String> lines(String name) throws IOException {
    try (var in = RelevanceTest.class.getResourceAsStream("/relevance/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  @BeforeClass
  public void fill() throws IOException {
    for (String line : lines("texts.txt")) {
      String[] parts = line.split(" \\| ");
      String key = Items.begin(editor);
      ObjectNode content =
          Items.content(parts[1], "", "<p>" + parts[2] + "</p>", "research", null)
              .put("language", parts[0]);
      assertEquals(Items.save(editor, key, content).status(), 200);
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @Test
  public void whatIsMeantStandsFirst() throws IOException {
    List<String> judged = lines("judged.txt");
    assertTrue(judged.size() >= LEAST_QUERIES);
    double sum = 0;
    List<String> poor = new ArrayList<>();
    for (String line : judged) {
      String[] parts = line.split(" = ");
      List<String> found = found(parts[0]);
      double gain = gain(found, Set.of(parts[1].split("; ")));
      sum += gain;
      if (gain < 1) {
        poor.add(parts[0] + ": " + gain + " " + found.subList(0, Math.min(3, found.size())));
      }
    }
    double mean = sum / judged.size();
    assertTrue(mean >= WANTED, "nDCG at 10 is " + mean + "\n" + String.join("\n", poor));
  }

  private List<String> found(String words) {
    List<String> out = new ArrayList<>();
    String query = URLEncoder.encode(words, StandardCharsets.UTF_8);
    editor
        .get("/editor/api/worklist?size=" + AT + "&words=" + query)
        .json()
        .path("rows")
        .forEach(row -> out.add(row.path("title").asString()));
    return out;
  }

  private static double gain(List<String> found, Set<String> relevant) {
    double got = 0;
    double best = 0;
    for (int i = 0; i < AT; i++) {
      double discount = Math.log(2) / Math.log(i + 2);
      got += i < found.size() && relevant.contains(found.get(i)) ? discount : 0;
      best += i < relevant.size() ? discount : 0;
    }
    return got / best;
  }
}

package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.language.Readability;
import com.google.gson.Gson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/**
 * How easily texts are read, beside libraries from npm that others made: {@code syllable} counts syllables, {@code flesch}
 * and {@code flesch-kincaid} know the formulas. They part no sentences, so ours are given to them; and no library there
 * knows Amstad's formula, which is held against its publication alone.
 */
public class ReadabilityAsideTest {
  private static final Path WEB = Path.of("../web");

  private static final String ASKED =
      """
      import { flesch } from 'flesch'
      import { fleschKincaid } from 'flesch-kincaid'
      import { syllable } from 'syllable'
      import { readFileSync } from 'node:fs'
      const texts = JSON.parse(readFileSync(0, 'utf8'))
      console.log(JSON.stringify(texts.map(({ text, sentences }) => {
        const words = text.match(/[\\p{L}\\p{N}]+(?:['’-][\\p{L}\\p{N}]+)*/gu)
        const syllables = words.map((w) => Math.max(1, syllable(w))).reduce((a, b) => a + b, 0)
        const counts = { sentence: sentences, word: words.length, syllable: syllables }
        return { words: words.length, syllables, ease: flesch(counts), grade: fleschKincaid(counts) }
      })))
      """;

  /** What the libraries say of a text. */
  private record Said(int words, int syllables, double ease, double grade) {}

  private static List<List<String>> texts() throws IOException {
    List<List<String>> out = new ArrayList<>();
    try (Stream<Path> all = Files.list(Path.of("../demo/items"))) {
      for (Path file : all.sorted().toList()) {
        String body = Files.readString(file).split("(?m)^---$", 3)[2];
        List<String> paragraphs = RunningText.of(HtmlReader.read(body).blocks());
        if (Readability.of(paragraphs, "en").isPresent()) {
          out.add(paragraphs);
        }
      }
    }
    return out;
  }

  private static Said[] said(List<List<String>> texts) throws Exception {
    List<Map<String, Object>> asked = new ArrayList<>();
    for (List<String> text : texts) {
      int sentences = Readability.of(text, "en").orElseThrow().sentences();
      asked.add(Map.of("text", String.join("\\n", text), "sentences", sentences));
    }
    Process node =
        new ProcessBuilder("node", "--input-type=module", "-e", ASKED)
            .directory(WEB.toFile())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    node.getOutputStream().write(new Gson().toJson(asked).getBytes(StandardCharsets.UTF_8));
    node.getOutputStream().close();
    String answer = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertEquals(node.waitFor(), 0);
    return new Gson().fromJson(answer, Said[].class);
  }

  @Test
  public void textsAreAsEasyAsLibrariesOfOthersSay() throws Exception {
    List<List<String>> texts = texts();
    assertTrue(texts.size() >= 8, "only " + texts.size() + " texts are long enough");
    Said[] said = said(texts);
    for (int i = 0; i < said.length; i++) {
      Readability ours = Readability.of(texts.get(i), "en").orElseThrow();
      String which = texts.get(i).get(0) + ": " + ours + " beside " + said[i];
      assertEquals(ours.words(), said[i].words, which);
      assertEquals(ours.syllables(), said[i].syllables, 0.03 * said[i].syllables, which);
      assertEquals(ours.ease(), said[i].ease, 3, which);
      assertEquals(ours.grade(), said[i].grade, 0.5, which);
    }
  }
}

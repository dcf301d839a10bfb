package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.CheckedNode;
import com.deque.html.axecore.results.Rule;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * What axe-core, a checker of pages that has nothing to do with this one, finds in the contents of the corpus, is marked
 * here too, and at the same passage.
 */
public class OwnMarksTest extends OwnAppTest {
  private static final Path CORPUS =
      Path.of("../core/src/test/resources/app/blenner/core/preflight/corpus.txt");
  private static final Pattern REPEATED = Pattern.compile("(\\d+)\\*\\{([^}]*)}");

  /** Its rules about contents, and ours that say the same. */
  private static final Map<String, Set<String>> SAME =
      Map.of(
          "image-alt", Set.of("picture-alternative"),
          "link-name", Set.of("empty-link-text"),
          "heading-order", Set.of("heading-skipped"),
          "empty-heading", Set.of("empty-paragraphs"),
          "color-contrast", Set.of("colour-contrast"),
          "image-redundant-alt",
              Set.of("alternative-caption", "alternative-beside", "links-side-by-side"),
          "empty-table-header", Set.of("table-head-empty"),
          "td-headers-attr", Set.of("table-head"));

  /** The passages of a language, each behind a paragraph with its number. */
  private static String page(String language) throws IOException {
    StringBuilder out = new StringBuilder();
    int number = 0;
    for (String line : Files.readAllLines(CORPUS)) {
      String[] parts = line.split(" \\| ", 3);
      if (parts.length == 3 && parts[1].equals(language)) {
        String html =
            REPEATED
                .matcher(parts[2])
                .replaceAll(
                    r -> Matcher.quoteReplacement(r.group(2).repeat(Integer.parseInt(r.group(1)))));
        out.append("<p>(").append(number++).append(")</p>").append(html);
      }
    }
    return out.toString();
  }

  /** The number of the passage each block of a stored text belongs to. */
  @SuppressWarnings("unchecked")
  private List<Integer> passages(String body) {
    return ((List<Object>)
            page.evaluate(
                "html => { let n = -1; return [...new DOMParser().parseFromString(html, 'text/html').body.children]"
                    + ".map(e => { const m = /^\\((\\d+)\\)$/.exec(e.textContent.trim()); if (m) n = Number(m[1]); return n }) }",
                body))
        .stream().map(n -> ((Number) n).intValue()).toList();
  }

  /** The number of the passage in which an element is on the page. */
  private int passageOf(String selector) {
    Object n =
        page.evaluate(
            "s => { let e = document.querySelector(s); while (e && !e.parentElement.classList.contains('article')) e = e.parentElement;"
                + " while (e) { const m = /^\\((\\d+)\\)$/.exec(e.textContent.trim()); if (m) return Number(m[1]); e = e.previousElementSibling } return -1 }",
            selector);
    return ((Number) n).intValue();
  }

  private record Page(String key, List<Integer> passages, Map<Integer, Set<String>> ours) {}

  /** The passages of a language as an item, and what is marked at each. */
  private Page marked(Api api, String language) throws IOException {
    String key = api.item("Corpus in " + language, page(language));
    api.save(key, "Corpus in " + language, page(language), language);
    JsonObject view = api.view(key);
    page.navigate(app().url("/editor/proof/" + key));
    List<Integer> passages = passages(view.getAsJsonObject("content").get("body").getAsString());
    Map<Integer, Set<String>> ours = new TreeMap<>();
    for (JsonElement f : view.getAsJsonObject("state").getAsJsonArray("findings")) {
      var path = f.getAsJsonObject().getAsJsonArray("path");
      if (path.size() > 0) {
        ours.computeIfAbsent(passages.get(path.get(0).getAsInt()), n -> new HashSet<>())
            .add(f.getAsJsonObject().get("rule").getAsString());
      }
    }
    return new Page(key, passages, ours);
  }

  private static boolean isMarked(Page page, int passage, Set<String> same) {
    return same != null
        && page.ours().getOrDefault(passage, Set.of()).stream().anyMatch(same::contains);
  }

  @Test
  public void whatAnotherCheckerFindsInContentsIsMarkedHere() throws IOException {
    Api api = new Api(context, app()).signIn("ilse");
    List<String> missing = new ArrayList<>();
    Map<String, Integer> theirs = new TreeMap<>();
    for (String language : List.of("en", "de", "fr", "es")) {
      Page marked = marked(api, language);
      for (Rule rule :
          new AxeBuilder(page)
              .include(List.of(".article"))
              .setLegacyMode(true)
              .analyze()
              .getViolations()) {
        for (CheckedNode node : rule.getNodes()) {
          theirs.merge(rule.getId(), 1, Integer::sum);
          int passage = passageOf(String.valueOf(((List<?>) node.getTarget()).get(0)));
          if (!isMarked(marked, passage, SAME.get(rule.getId()))) {
            missing.add(rule.getId() + " in " + language + " (" + passage + "): " + node.getHtml());
          }
        }
      }
    }
    assertEquals(String.join("\n", missing), "", theirs.toString());
    assertTrue(theirs.size() >= 4, "enough to mean something: " + theirs);
  }

  /** What the Nu HTML checker says of contents, by words of its messages, and ours that say the same. */
  private static final Map<String, Set<String>> SAME_IN_WORDS =
      Map.of(
          "alt", Set.of("picture-alternative"),
          "Empty heading", Set.of("empty-paragraphs"),
          "skipping", Set.of("heading-skipped"));

  @Test
  public void whatTheCheckerOfHtmlFindsInContentsIsMarkedHere()
      throws IOException, InterruptedException {
    Api api = new Api(context, app()).signIn("ilse");
    Path folder = Files.createTempDirectory("blenner-corpus");
    int said = 0;
    for (String language : List.of("en", "de", "fr", "es")) {
      Page marked = marked(api, language);
      String html = context.request().get(app().url("/editor/proof/" + marked.key())).text();
      Path file = folder.resolve(language + ".html");
      Files.writeString(file, html);
      Process checker =
          new ProcessBuilder(
                  "java",
                  "-jar",
                  PublicPagesTest.CHECKER.toString(),
                  "--stdout",
                  "--format",
                  "gnu",
                  file.toString())
              .redirectErrorStream(true)
              .start();
      List<String> report = new String(checker.getInputStream().readAllBytes()).lines().toList();
      checker.waitFor();
      List<String> lines = html.lines().toList();
      for (String line : report) {
        Matcher m = Pattern.compile(":(\\d+)\\.\\d+(?:-\\d+\\.\\d+)?: (.*)").matcher(line);
        assertTrue(m.find(), line);
        int passage = passageAt(lines, Integer.parseInt(m.group(1)));
        Set<String> same =
            SAME_IN_WORDS.entrySet().stream()
                .filter(e -> m.group(2).contains(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(null);
        said++;
        assertTrue(isMarked(marked, passage, same), line + " at (" + passage + ")");
      }
    }
    assertTrue(said >= 3, said + " sayings");
  }

  /** The number of the passage in which a line of a page stands, its lines counted from 1. */
  private static int passageAt(List<String> lines, int line) {
    int number = -1;
    for (String one : lines.subList(0, line)) {
      Matcher m = Pattern.compile("<p>\\((\\d+)\\)</p>").matcher(one);
      while (m.find()) {
        number = Integer.parseInt(m.group(1));
      }
    }
    return number;
  }
}

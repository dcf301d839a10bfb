package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Rule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/**
 * What rules find in many passages with one fault each, in sound ones, and in long pages made of both: how much of what is
 * there they find, and how much they find that is not there, by sort of rule. The table is kept in {@code docs/corpus.md}.
 */
public class CorpusTest {
  private static final double RECALL = 0.98;
  private static final double FALSE = 0.02;
  private static final int PAGES = 30;
  private static final Pattern LINK = Pattern.compile("<a [^>]*>(.*?)</a>");
  private static final Path TABLE = Path.of("../docs/corpus.md");

  private static final class Score {
    int passages;
    int faults;
    int found;
    int alien;
  }

  private static Content content(Set<String> rules, String language, Document body) {
    String slug = rules.contains("address-long") ? "a-".repeat(38) + "b" : "";
    return Content.builder()
        .title("A title")
        .summary("A summary")
        .body(body)
        .slug(slug)
        .language(language)
        .build();
  }

  private static List<String> found(Set<String> rules, String language, Document body) {
    return Checked.of(content(rules, language, body)).stream().map(Finding::rule).toList();
  }

  private static RuleGroup group(String rule) {
    for (Map.Entry<RuleGroup, List<Rule>> e : Preflight.groups().entrySet()) {
      if (e.getValue().stream().anyMatch(r -> r.id().equals(rule))) {
        return e.getKey();
      }
    }
    throw new IllegalArgumentException("no rule " + rule);
  }

  @Test
  public void whatIsThereIsFoundAndLittleElse() throws IOException {
    List<CorpusPassage> all = CorpusPassage.all();
    Map<RuleGroup, Score> scores = new EnumMap<>(RuleGroup.class);
    for (RuleGroup group : RuleGroup.values()) {
      scores.put(group, new Score());
    }
    List<String> wrong = new ArrayList<>();
    for (CorpusPassage p : all) {
      List<String> found = found(p.rules(), p.language(), HtmlReader.read(p.html()));
      for (String rule : p.rules()) {
        Score score = scores.get(group(rule));
        score.passages++;
        score.faults++;
        if (found.contains(rule)) {
          score.found++;
        } else {
          wrong.add("not found: " + p);
        }
      }
      for (String other : found) {
        if (!p.rules().contains(other)) {
          scores.get(group(other)).alien++;
          wrong.add("found " + other + ": " + p);
        }
      }
    }
    long faulty = all.stream().filter(p -> !p.isSound()).count();
    long sound = all.size() - faulty;
    int pages = pages(all, scores, wrong);
    assertTrue(faulty >= 150, faulty + " faulty passages");
    assertTrue(sound >= 60, sound + " sound passages");
    long languages = all.stream().map(p -> p.language().split("-")[0]).distinct().count();
    String table = table(scores, faulty, sound, languages, pages);
    System.out.println(table);
    for (Score score : scores.values()) {
      assertTrue(score.found >= RECALL * score.faults, String.join("\n", wrong));
      assertTrue(
          score.alien <= FALSE * Math.max(50, score.faults + sound), String.join("\n", wrong));
    }
    if (Boolean.getBoolean("write-corpus")) {
      Files.writeString(TABLE, table);
    }
    assertEquals(Files.readString(TABLE), table, "written anew with -Dwrite-corpus=true");
  }

  /** Long pages of passages of one language, in an order of chance: each fault is found once more, where it stands. */
  private static int pages(
      List<CorpusPassage> all, Map<RuleGroup, Score> scores, List<String> wrong) {
    Map<String, List<CorpusPassage>> byLanguage =
        all.stream()
            .filter(CorpusTest::isAlone)
            .collect(
                Collectors.groupingBy(p -> p.language(), LinkedHashMap::new, Collectors.toList()));
    List<String> languages =
        byLanguage.keySet().stream().filter(l -> byLanguage.get(l).size() >= 8).toList();
    for (int i = 0; i < PAGES; i++) {
      Random chance = new Random(i);
      String language = languages.get(i % languages.size());
      List<CorpusPassage> of = byLanguage.get(language);
      List<Block> blocks = new ArrayList<>();
      Map<Integer, Set<String>> expected = new HashMap<>();
      Set<String> links = new HashSet<>();
      for (int n = 0; n < 60; n++) {
        CorpusPassage p = of.get(chance.nextInt(of.size()));
        // The same words that lead to several places are a fault of the page.
        if (!LINK.matcher(p.html())
            .results()
            .allMatch(r -> links.add(r.group(1).strip().toLowerCase(Locale.ROOT)))) {
          continue;
        }
        expected.put(blocks.size(), p.rules());
        blocks.addAll(HtmlReader.read(p.html()).blocks());
        // What stands between them belongs to neither.
        blocks.addAll(HtmlReader.read("<p>(" + n + ")</p><hr>").blocks());
      }
      Map<Integer, Set<String>> found = new HashMap<>();
      for (Finding f : Checked.of(content(Set.of(), language, new Document(blocks)))) {
        if (f.path() != null) {
          found.computeIfAbsent(f.path().steps().get(0), k -> new HashSet<>()).add(f.rule());
        }
      }
      for (int at = 0; at < blocks.size(); at++) {
        Set<String> there = expected.getOrDefault(at, Set.of());
        Set<String> seen = found.getOrDefault(at, Set.of());
        for (String rule : there) {
          Score score = scores.get(group(rule));
          score.faults++;
          if (seen.contains(rule)) {
            score.found++;
          } else {
            wrong.add("on a page in " + language + " not found: " + rule);
          }
        }
        for (String rule : seen) {
          if (!there.contains(rule)) {
            scores.get(group(rule)).alien++;
            wrong.add("on a page in " + language + " found " + rule + " in " + blocks.get(at));
          }
        }
      }
    }
    return PAGES;
  }

  /** One block whose fault does not hang on what stands elsewhere on the page. */
  private static boolean isAlone(CorpusPassage p) {
    return !p.html().contains("<h")
        && !p.html().contains(" id=")
        && p.rules().stream()
            .noneMatch(
                r -> r.matches("link-same-words|address-long|dress-many|empty-paragraphs|capitals"))
        && HtmlReader.read(p.html()).blocks().size() == 1;
  }

  private static String table(
      Map<RuleGroup, Score> scores, long faulty, long sound, long languages, int pages) {
    StringBuilder out = new StringBuilder();
    out.append("# What the rules find\n\n");
    out.append(faulty)
        .append(" passages with one fault each, ")
        .append(sound)
        .append(" sound ones, and ");
    out.append(pages).append(" long pages made of them, in ").append(languages);
    out.append(" languages, with the rules as they come (`CorpusTest`).\n\n");
    out.append(
        "| Sort of rule | Passages | Faults, pages too | Found | Share | Found that is none |\n");
    out.append("|---|---|---|---|---|---|\n");
    scores.forEach(
        (group, s) -> {
          if (s.faults > 0 || s.alien > 0) {
            out.append("| ").append(group.label()).append(" | ").append(s.passages);
            out.append(" | ").append(s.faults).append(" | ").append(s.found).append(" | ");
            out.append(
                String.format(
                    Locale.ROOT, "%.3f", s.faults == 0 ? 1 : (double) s.found / s.faults));
            out.append(" | ").append(s.alien).append(" |\n");
          }
        });
    return out.toString();
  }
}

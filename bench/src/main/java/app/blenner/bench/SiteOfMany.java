package app.blenner.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Random;

/** Makes the package of a site of many items of 600 words: {@code SiteOfMany FOLDER COUNT}. */
final class SiteOfMany {
  private static final int WORDS = 600;
  private static final List<String> SECTIONS =
      List.of("night-sky", "visit", "research", "community", "events", "archive");
  private static final List<String> KINDS = List.of("article", "post", "post", "post", "page");
  private static final Instant LAST = Instant.parse("2026-11-27T09:00:00Z");

  private SiteOfMany() {}

  public static void main(String[] given) throws IOException {
    Path folder = Path.of(given[0]);
    int count = Integer.parseInt(given[1]);
    Files.createDirectories(folder.resolve("items"));
    Files.createDirectories(folder.resolve("assets"));
    Files.writeString(folder.resolve("site.yaml"), site());
    for (int i = 0; i < count; i++) {
      Files.writeString(folder.resolve("items").resolve("item-" + i + ".html"), item(i));
    }
  }

  private static String site() {
    StringBuilder out = new StringBuilder("name: A site of many\nlanguage: en\nsections:\n");
    for (String s : SECTIONS) {
      out.append("- slug: ").append(s).append("\n  name: ").append(s).append("\n  topics:\n");
      for (int t = 0; t < 8; t++) {
        out.append("  - {slug: topic-").append(t).append(", name: Topic ").append(t).append("}\n");
      }
    }
    return out + "people:\n- {sign-in: ilse, name: Ilse Marten, role: editor}\n";
  }

  private static String item(int i) {
    Random random = new Random(i);
    MadeUpWords words = new MadeUpWords("", random);
    String section = SECTIONS.get(i % SECTIONS.size());
    Instant first = LAST.minus(i * 7L, ChronoUnit.MINUTES);
    boolean live = i % 10 != 0;
    String title = words.some(5);
    StringBuilder out = new StringBuilder("---\n");
    out.append("title: ").append(title).append('\n');
    out.append("kind: ").append(KINDS.get(i % KINDS.size())).append('\n');
    out.append("stage: ").append(live ? "live" : "draft").append('\n');
    out.append("owner: ilse\nsection: ").append(section).append('\n');
    out.append("topics: [topic-").append(random.nextInt(8)).append("]\n");
    out.append("slug: item-").append(i).append('\n');
    out.append("summary: ").append(words.some(20)).append('\n');
    out.append("keywords: [word-").append(random.nextInt(500)).append("]\n");
    out.append("created: '").append(first).append("'\nchanged: '").append(first).append("'\n");
    out.append("stage-since: '").append(first).append("'\n");
    if (live) {
      out.append("addresses: [/").append(section).append("/item-").append(i).append("]\n");
      out.append("live:\n  first: '").append(first).append("'\n");
      out.append("  updated: '").append(first).append("'\n");
    }
    out.append("---\n");
    for (int p = 0; p < 10; p++) {
      if (p % 4 == 2) {
        out.append("<h2>").append(words.some(4)).append("</h2>\n");
      }
      out.append("<p>").append(words.some(WORDS / 10)).append("</p>");
      out.append("\n");
    }
    return out.toString();
  }
}

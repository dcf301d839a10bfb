package app.blenner.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Random;

/**
 * Makes the package of a site as sites are after some years: {@code RealSite FOLDER COUNT}. Forty sections in a tree, five
 * languages, texts of 150 to 1,200 words with headings, lists, quotes and links to other items, live texts that differ from
 * the working ones, and addresses that items had before.
 */
final class RealSite {
  private static final int SECTIONS = 40;
  private static final int TOPICS = 6;
  private static final int SHORTEST = 150;
  private static final int LONGEST = 1_200;
  private static final List<String> LANGUAGES = List.of("", "", "", "de", "fr", "ar", "el");
  private static final List<String> KINDS = List.of("article", "post", "post", "post", "page");
  private static final Instant LAST = Instant.parse("2026-11-27T09:00:00Z");

  private final int count;

  private RealSite(int count) {
    this.count = count;
  }

  public static void main(String[] given) throws IOException {
    Path folder = Path.of(given[0]);
    RealSite site = new RealSite(Integer.parseInt(given[1]));
    Files.createDirectories(folder.resolve("items"));
    Files.createDirectories(folder.resolve("assets"));
    Files.writeString(folder.resolve("site.yaml"), site());
    for (int i = 0; i < site.count; i++) {
      Files.writeString(folder.resolve("items").resolve(key(i) + ".html"), site.item(i));
    }
  }

  /** Keys are as scattered as those Blenner makes. */
  private static String key(int i) {
    return "n" + Integer.toString(i * 1_000_003 % 16_777_213, 36) + "x" + i;
  }

  private static String section(int s) {
    return "section-" + s;
  }

  private static String site() {
    StringBuilder out = new StringBuilder("name: A site of years\nlanguage: en\nsections:\n");
    for (int s = 0; s < SECTIONS; s++) {
      out.append("- slug: ").append(section(s)).append("\n  name: Section ").append(s);
      // Five at the top, and below each others, two deep.
      out.append(s < 5 ? "" : "\n  parent: " + section(s < 20 ? s % 5 : 5 + s % 15));
      out.append("\n  topics:\n");
      for (int t = 0; t < TOPICS; t++) {
        out.append("  - {slug: topic-").append(t).append(", name: Topic ").append(t).append("}\n");
      }
    }
    return out
        + "people:\n- {sign-in: ilse, name: Ilse Marten, role: editor}\n"
        + "- {sign-in: tove, name: Tove Ahlgren, role: writer}\n";
  }

  private String item(int i) {
    Random random = new Random(i);
    String language = LANGUAGES.get(random.nextInt(LANGUAGES.size()));
    MadeUpWords words = new MadeUpWords(language, random);
    int section = random.nextInt(SECTIONS);
    Instant first = LAST.minus(i * 97L, ChronoUnit.MINUTES);
    int kind = random.nextInt(10);
    String stage = kind == 0 ? "draft" : kind == 1 ? "withdrawn" : "live";
    StringBuilder out = new StringBuilder("---\n");
    out.append("title: ").append(words.some(4 + random.nextInt(6))).append('\n');
    out.append("kind: ").append(KINDS.get(random.nextInt(KINDS.size()))).append('\n');
    out.append("stage: ").append(stage).append('\n');
    out.append("owner: ").append(random.nextInt(3) == 0 ? "ilse" : "tove").append('\n');
    out.append("section: ").append(section(section)).append('\n');
    out.append("topics: [topic-").append(random.nextInt(TOPICS)).append("]\n");
    if (!language.isEmpty()) {
      out.append("language: ").append(language).append('\n');
    }
    out.append("slug: item-").append(i).append('\n');
    out.append("summary: ").append(words.some(15 + random.nextInt(15))).append('\n');
    out.append("keywords: [word-").append(random.nextInt(500)).append(", word-");
    out.append(random.nextInt(5_000)).append("]\n");
    out.append("created: '").append(first).append("'\nchanged: '").append(first).append("'\n");
    out.append("stage-since: '").append(first).append("'\n");
    if (!stage.equals("draft")) {
      out.append("addresses: [/").append(section(section)).append("/item-").append(i);
      if (random.nextInt(3) == 0) {
        out.append(", /").append(section((section + 1) % SECTIONS)).append("/before-").append(i);
      }
      out.append("]\n");
      out.append("live:\n  first: '").append(first).append("'\n");
      out.append("  updated: '").append(first).append("'\n");
    }
    String text = text(words, random);
    out.append("---\n").append(text);
    if (stage.equals("live") && random.nextInt(4) == 0) {
      out.append("\n<!-- live -->\n").append(text, 0, text.lastIndexOf("<p>"));
    }
    return out.toString();
  }

  private String text(MadeUpWords words, Random random) {
    StringBuilder out = new StringBuilder();
    int length = SHORTEST + random.nextInt(LONGEST - SHORTEST);
    for (int written = 0, block = 0; written < length; block++) {
      int some = 30 + random.nextInt(60);
      if (block % 5 == 3) {
        out.append("<h2>").append(words.some(4)).append("</h2>\n");
      }
      if (block % 9 == 5) {
        out.append("<ul>\n");
        for (int l = 0; l < 4; l++) {
          out.append("<li>").append(words.some(8)).append("</li>\n");
        }
        out.append("</ul>\n");
        some = 32;
      } else {
        out.append("<p>").append(words.some(some / 2)).append(" <a href=\"../items/");
        out.append(key(random.nextInt(count))).append(".html\">").append(words.some(3));
        out.append("</a> <strong>").append(words.some(2)).append("</strong> ");
        out.append(words.some(some / 2)).append(".</p>\n");
      }
      written += some;
    }
    return out.append("<p>").append(words.some(12)).append(".</p>\n").toString();
  }
}

package app.blenner.core.preflight;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A passage, and the rules that have something to find in it; none for a sound one.
 *
 * @param rules the ids of those rules
 * @param language a BCP 47 tag
 * @param html the passage in the stored form
 */
record CorpusPassage(Set<String> rules, String language, String html) {
  private static final Pattern REPEATED = Pattern.compile("(\\d+)\\*\\{([^{}]*)}");

  boolean isSound() {
    return rules.isEmpty();
  }

  /** All there are: those of the file, and those of {@link RulesTest}. */
  static List<CorpusPassage> all() throws IOException {
    List<CorpusPassage> out = new ArrayList<>();
    try (var in = CorpusPassage.class.getResourceAsStream("corpus.txt")) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        if (!line.startsWith("#") && !line.isBlank()) {
          String[] parts = line.split(" \\| ", 3);
          Set<String> rules = parts[0].equals("-") ? Set.of() : Set.of(parts[0].split("\\+"));
          out.add(new CorpusPassage(rules, parts[1], whole(parts[2])));
        }
      }
    }
    RulesTest rules = new RulesTest();
    for (Object[] row : rules.faulty()) {
      out.add(new CorpusPassage(Set.of((String) row[1]), (String) row[0], (String) row[2]));
    }
    for (Object[] row : rules.sound()) {
      out.add(new CorpusPassage(Set.of(), (String) row[0], (String) row[1]));
    }
    return out;
  }

  private static String whole(String written) {
    String out = written;
    for (Matcher m = REPEATED.matcher(out); m.find(); m = REPEATED.matcher(out)) {
      out =
          m.replaceAll(
              r -> Matcher.quoteReplacement(r.group(2).repeat(Integer.parseInt(r.group(1)))));
    }
    return out;
  }
}

package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What {@code docs/security.md} says is so: what it names is there, and its table of rights is that of the program. */
public class SecurityPageTest {
  private static final Pattern TEST = Pattern.compile("\\b([A-Z]\\w*Test)(?:\\.(\\w+))?");
  private static final Pattern PART = Pattern.compile("`([A-Z][A-Za-z]+)(?:\\.(\\w+))?`");
  private static final Pattern RIGHT =
      Pattern.compile("(?m)^\\| ([a-z][^|]+) \\| (yes|no) \\| (yes|no) \\|$");

  private final Map<String, String> sources = new HashMap<>();
  private String page;

  @BeforeClass
  public void read() throws IOException {
    page = Files.readString(Path.of("../docs/security.md"));
    for (String root : List.of("../core/src", "../server/src", "../web/src", "../e2e/src")) {
      try (Stream<Path> files = Files.walk(Path.of(root))) {
        for (Path file : files.filter(f -> f.toString().matches(".*\\.(java|tsx?)")).toList()) {
          String name = file.getFileName().toString().replaceFirst("\\..*", "");
          sources.merge(name, Files.readString(file), String::concat);
        }
      }
    }
  }

  private List<String> missing(Pattern named) {
    TreeSet<String> out = new TreeSet<>();
    Matcher m = named.matcher(page);
    int seen = 0;
    while (m.find()) {
      seen++;
      String source = sources.get(m.group(1));
      if (source == null || (m.group(2) != null && !source.contains(m.group(2)))) {
        out.add(m.group());
      }
    }
    assertTrue(seen > 20, seen + " are named");
    return List.copyOf(out);
  }

  @Test
  public void everyTestItNamesIsThere() {
    assertEquals(missing(TEST).toString(), "[]");
  }

  @Test
  public void everyPartItNamesIsThere() {
    assertEquals(missing(PART).toString(), "[]");
  }

  @Test
  public void itsRightsAreThoseOfTheProgram() {
    List<String> said = new ArrayList<>();
    Matcher m = RIGHT.matcher(page);
    while (m.find()) {
      said.add(m.group(2) + " " + m.group(3));
    }
    List<String> is =
        Stream.of(Right.values())
            .map(r -> answer(Role.WRITER, r) + " " + answer(Role.EDITOR, r))
            .toList();
    assertEquals(said, is, "a row for each right, in their order");
  }

  private static String answer(Role role, Right right) {
    return role.hasRight(right) ? "yes" : "no";
  }

  /** A claim that fails must be told of at the end as well, and none that holds may be. */
  @Test
  public void whatFailsIsToldOfAtTheEnd() {
    Matcher m = Pattern.compile("(?m)^\\| (\\d+)\\.[^|]*\\|[^|]*\\| fails").matcher(page);
    TreeSet<String> chapters = new TreeSet<>();
    while (m.find()) {
      chapters.add("V" + m.group(1));
    }
    String end = page.substring(page.indexOf("What fails is"));
    for (String chapter : chapters) {
      assertTrue(end.contains("(" + chapter + ")"), chapter);
    }
    Matcher none = Pattern.compile("V\\d+").matcher(end.substring(end.indexOf("Nothing of")));
    while (none.find()) {
      assertTrue(!chapters.contains(none.group()), none.group());
    }
  }
}

package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Whoever gets Blenner is told of every part in it, and under which licence it is. */
public class NoticeTest {
  private static final Path APP = Path.of("../server/target/app");

  @Test
  public void namesEveryPartThatIsShipped() throws IOException {
    String notice = Files.readString(APP.resolve("NOTICE"));
    List<String> missing;
    try (Stream<Path> jars = Files.list(APP.resolve("lib"))) {
      missing =
          jars.map(jar -> jar.getFileName().toString())
              .filter(name -> !name.startsWith("blenner-") && !isNamed(notice, name))
              .toList();
    }
    assertEquals(missing, List.of());
    assertFalse(notice.contains("Unknown license"), notice);
    for (String part : List.of("react ", "prosemirror-view ", "radix-ui ", "language-en:")) {
      assertTrue(notice.contains(part), part);
    }
  }

  /** A jar is called by its artifact and its version, with a hyphen between them. */
  private static boolean isNamed(String notice, String jar) {
    String stem = jar.replaceFirst("\\.jar$", "");
    for (int at = stem.indexOf('-'); at > 0; at = stem.indexOf('-', at + 1)) {
      if (notice.contains(":" + stem.substring(0, at) + ":" + stem.substring(at + 1))) {
        return true;
      }
    }
    // What the build adds by itself is named by hand, without its version.
    return notice.contains(stem.replaceFirst("-[0-9].*$", "") + " (");
  }
}

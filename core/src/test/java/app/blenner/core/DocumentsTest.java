package app.blenner.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.BlockVisitor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What docs/ tells of the code is so. */
public class DocumentsTest {
  private static final Path ROOT = Path.of("..");

  private static List<String> all(String regex, String text) {
    List<String> out = new ArrayList<>();
    Matcher m = Pattern.compile(regex).matcher(text);
    while (m.find()) {
      out.add(m.group(1));
    }
    return out;
  }

  @Test
  public void everyFileThatTheGuideNamesIsThere() throws IOException {
    String guide = Files.readString(ROOT.resolve("docs/adding.md"));
    List<String> files = all("`((?:core|server|web|e2e|docs)/[^`]+)`", guide);
    assertTrue(files.size() > 15, files.toString());
    for (String file : files) {
      assertTrue(Files.exists(ROOT.resolve(file)), file);
    }
  }

  @Test
  public void theSheetKnowsEveryKindOfBlockThatTheCoreHas() throws IOException {
    String kinds = Files.readString(ROOT.resolve("web/src/sheet/blocks/kinds.ts"));
    String union =
        kinds.substring(kinds.indexOf("type BlockKind"), kinds.indexOf("export const kinds"));
    List<String> names = all("\\| '(\\w+)'", union);
    assertEquals(names.size(), BlockVisitor.class.getDeclaredMethods().length, names.toString());
  }
}

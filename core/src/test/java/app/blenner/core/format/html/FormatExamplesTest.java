package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.BlockVisitor;
import app.blenner.core.document.Document;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every example of docs/format.md is canonical, and together they show every kind of block. */
public class FormatExamplesTest {
  private static final Pattern EXAMPLE = Pattern.compile("(?s)```html\n(.*?)\n```");

  private static List<String> all() throws IOException {
    List<String> out = new ArrayList<>();
    Matcher m = EXAMPLE.matcher(Files.readString(Path.of("../docs/format.md")));
    while (m.find()) {
      out.add(m.group(1));
    }
    return out;
  }

  @DataProvider
  public Object[] examples() throws IOException {
    return all().toArray();
  }

  @Test(dataProvider = "examples")
  public void comesBackWithTheSameBytes(String example) {
    assertEquals(HtmlWriter.write(HtmlReader.read(example)), example);
  }

  @Test
  public void everyKindOfBlockAndMarkHasAnExample() throws IOException {
    Set<String> kinds = new HashSet<>();
    StringBuilder trees = new StringBuilder();
    for (String example : all()) {
      Document tree = HtmlReader.read(example);
      tree.walk((path, block) -> kinds.add(block.getClass().getSimpleName()));
      trees.append(tree);
    }
    assertEquals(kinds.size(), BlockVisitor.class.getDeclaredMethods().length, kinds.toString());
    for (String mark :
        List.of(
            "STRONG",
            "EMPHASIS",
            "UNDERLINE",
            "STRIKETHROUGH",
            "SUPERSCRIPT",
            "SUBSCRIPT",
            "CODE",
            "MERGE_FIELD",
            "LANGUAGE",
            "ABBREVIATION",
            "STYLE",
            "FONT",
            "SIZE",
            "COLOUR",
            "HIGHLIGHT",
            "kind=WEB",
            "kind=MAIL",
            "kind=PHONE",
            "kind=ITEM",
            "kind=ASSET",
            "kind=PLACE",
            "kind=PATH")) {
      assertTrue(trees.indexOf(mark) >= 0, mark);
    }
  }
}

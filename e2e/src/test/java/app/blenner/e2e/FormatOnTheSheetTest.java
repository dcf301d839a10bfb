package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Every example of docs/format.md goes onto the sheet and comes back with the same bytes. */
public class FormatOnTheSheetTest extends BenchTest {

  private static List<String> examples() throws IOException {
    List<String> out = new ArrayList<>();
    Matcher m =
        Pattern.compile("(?s)```html\n(.*?)\n```")
            .matcher(Files.readString(Path.of("../docs/format.md")));
    while (m.find()) {
      out.add(m.group(1));
    }
    assertTrue(out.size() > 20, out.size() + " examples of the format");
    return out;
  }

  @Test
  public void eachComesBackFromTheSheetAndFromTheServer() throws IOException {
    openWith("<p>Start</p>");
    for (String example : examples()) {
      startOver(example);
      assertEquals(written(), example);
      assertEquals(stored(), example);
    }
  }

  @Test
  public void allOfThemTogetherAreOneText() throws IOException {
    String all = String.join("\n", examples());
    openWith(all);
    assertEquals(written(), all);
    // Every block has a view of its own; nothing is only carried through.
    assertThat(page.getByText("It cannot be edited here")).hasCount(0);
  }
}

package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Request;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every example of docs/format.md goes onto the sheet and comes back with the same bytes. */
public class FormatOnTheSheetTest extends BenchTest {

  @DataProvider
  public Object[] examples() throws IOException {
    List<String> out = new ArrayList<>();
    Matcher m =
        Pattern.compile("(?s)```html\n(.*?)\n```")
            .matcher(Files.readString(Path.of("../docs/format.md")));
    while (m.find()) {
      out.add(m.group(1));
    }
    return out.toArray();
  }

  @Test(dataProvider = "examples")
  public void comesBackFromTheSheet(String example) {
    signIn();
    String key = api.item("Example", example);
    openItem(key);
    // Every block has a view of its own; nothing is only carried through.
    assertThat(page.getByText("It cannot be edited here")).hasCount(0);
    // A change to another field makes the sheet send its text as it writes it.
    Request sent =
        page.waitForRequest(
            r -> r.method().equals("PUT"), () -> headline().fill("Example, sent from the sheet"));
    String body =
        JsonParser.parseString(sent.postData())
            .getAsJsonObject()
            .getAsJsonObject("content")
            .get("body")
            .getAsString();
    assertEquals(body, example);
    waitUntilSaved();
    assertEquals(api.body(key), example);
  }
}

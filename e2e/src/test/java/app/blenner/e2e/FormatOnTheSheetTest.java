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
public class FormatOnTheSheetTest extends BrowserTest {

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
    Api api = new Api(context, app()).signIn("ilse");
    String key = api.item("Example", example);
    openItem(key);
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

  @Test
  public void whatCannotBeEditedYetIsALabelledBox() {
    Api api = new Api(context, app()).signIn("ilse");
    String table =
        "<table>\n<caption>Readings</caption>\n<tbody>\n<tr>\n<td>21.4</td></tr>\n</tbody>\n</table>";
    openItem(api.item("Boxed", "<p>a</p>\n" + table + "\n<p>b</p>"));
    assertThat(page.getByText("Table: Readings").last()).isVisible();
    sheet().click();
    page.keyboard().press("Control+End");
    page.keyboard().type(" more");
    page.waitForTimeout(600);
    waitUntilSaved();
    assertEquals(api.body(itemKey()), "<p>a</p>\n" + table + "\n<p>b more</p>");
  }
}

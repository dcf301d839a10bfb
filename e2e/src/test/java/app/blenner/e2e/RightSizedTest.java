package app.blenner.e2e;

import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which files Chromium really asks for, on screens of different widths and densities. */
public class RightSizedTest extends OwnAppTest {
  private static final Pattern WIDTH = Pattern.compile("/media/[0-9a-f]{16}/(\\d+)[^/]*/");

  /** The steps pictures are made in. */
  private static final int[] STEPS = {160, 240, 360, 480, 720, 1080, 1440};

  @DataProvider
  public Object[][] screens() {
    return new Object[][] {{360, 1}, {360, 2}, {768, 1}, {768, 2}, {1280, 1}, {1280, 2}};
  }

  @Test(dataProvider = "screens")
  public void noPictureIsLargerThanTheNextStepAboveWhatTheScreenShows(int width, int density) {
    BrowserContext screen =
        newContext(new Browser.NewContextOptions().setDeviceScaleFactor(density));
    Page reader = screen.newPage();
    reader.setViewportSize(width, 800);
    for (String path : List.of("/", "/night-sky", "/about-the-reserve")) {
      List<String> asked = new ArrayList<>();
      reader.onRequest(
          r -> {
            if (r.url().contains("/media/")) {
              asked.add(r.url());
            }
          });
      reader.navigate(
          app().url(path), new Page.NavigateOptions().setWaitUntil(WaitUntilState.LOAD));
      reader.evaluate(
          "async () => { for (let y = 0; y < document.body.scrollHeight; y += 400) { scrollTo(0, y); await new Promise(r => setTimeout(r, 60)) } }");
      reader.waitForLoadState(LoadState.NETWORKIDLE);
      for (Object shown :
          (List<?>)
              reader.evaluate(
                  "() => [...document.images].filter(i => i.srcset && i.currentSrc).map(i => i.currentSrc + ' ' + i.getBoundingClientRect().width)")) {
        String[] parts = shown.toString().split(" ");
        Matcher m = WIDTH.matcher(parts[0]);
        assertTrue(m.find(), shown.toString());
        int got = Integer.parseInt(m.group(1));
        double needed = Double.parseDouble(parts[1]) * density;
        int next = 1440;
        for (int i = STEPS.length - 1; i >= 0; i--) {
          next = STEPS[i] >= needed - 1 ? STEPS[i] : next;
        }
        // A list of sizes rounds a grid's columns up by a little, which may be one step.
        int above = 1440;
        for (int i = STEPS.length - 1; i >= 0; i--) {
          above = STEPS[i] > next ? STEPS[i] : above;
        }
        assertTrue(got >= Math.min(next, 1440), path + ": " + shown + " is shown at " + needed);
        assertTrue(got <= above, path + ": " + shown + " is shown at " + needed);
        assertTrue(parts[0].contains(".webp"), "a browser that knows WebP gets it: " + shown);
      }
      for (String url : asked) {
        assertTrue(!url.matches(".*/media/[^/]+\\.(jpg|png)"), "no original: " + url);
      }
    }
    screen.close();
  }

  /** The files behind the front page's pictures have 219 kB; half of that would do. */
  @Test
  public void aPhoneLoadsLittleOfTheFrontPage() {
    BrowserContext screen = newContext(new Browser.NewContextOptions().setDeviceScaleFactor(2));
    Page reader = screen.newPage();
    reader.setViewportSize(360, 740);
    List<Response> pictures = new ArrayList<>();
    reader.onResponse(
        r -> {
          if (r.url().contains("/media/")) {
            pictures.add(r);
          }
        });
    reader.navigate(app().url("/"), new Page.NavigateOptions().setWaitUntil(WaitUntilState.LOAD));
    reader.waitForLoadState(LoadState.NETWORKIDLE);
    reader.evaluate(
        "async () => { for (let y = 0; y < document.body.scrollHeight; y += 300) { scrollTo(0, y); await new Promise(r => setTimeout(r, 80)) } }");
    // A size of a picture is made when it is first asked for; that is waited for.
    reader.waitForFunction("() => [...document.images].every((i) => i.naturalWidth > 0)");
    int bytes = pictures.stream().mapToInt(r -> r.body().length).sum();
    assertTrue(bytes > 0 && bytes < 109_000, bytes + " bytes in " + pictures.size() + " pictures");
    screen.close();
  }
}

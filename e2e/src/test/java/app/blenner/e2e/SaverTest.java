package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonParser;
import com.microsoft.playwright.Route;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** What becomes of words when the network answers late, wrongly or not at all; its answers are written here. */
public class SaverTest extends BenchTest {
  private static final String JSON = "application/problem+json";

  private final Deque<Consumer<Route>> answers = new ArrayDeque<>();
  private final List<String> bodies = new ArrayList<>();
  private int underWay;
  private int mostUnderWay;

  /** Answers the saves that come with these, one after the other, and all later ones as the server does. */
  private void script(List<Consumer<Route>> given) {
    answers.clear();
    answers.addAll(given);
    bodies.clear();
    underWay = 0;
    mostUnderWay = 0;
    page.route(
        "**/editor/api/items/*",
        route -> {
          if (!route.request().method().equals("PUT")) {
            route.resume();
            return;
          }
          mostUnderWay = Math.max(mostUnderWay, ++underWay);
          bodies.add(
              JsonParser.parseString(route.request().postData())
                  .getAsJsonObject()
                  .getAsJsonObject("content")
                  .get("body")
                  .getAsString());
          Consumer<Route> answer = answers.isEmpty() ? Route::resume : answers.poll();
          answer.accept(route);
          underWay--;
        });
  }

  @AfterMethod(alwaysRun = true)
  public void asTheServerDoes() {
    if (context != null) {
      page.unroute("**/editor/api/items/*");
    }
  }

  private static Consumer<Route> status(int status, String detail) {
    return route ->
        route.fulfill(
            new Route.FulfillOptions()
                .setStatus(status)
                .setContentType(JSON)
                .setBody("{\"status\":" + status + ",\"detail\":\"" + detail + "\"}"));
  }

  private void typesAndIsSaved(String words) {
    press("Control+End");
    page.keyboard().type(words);
    waitUntilSaved();
    assertTrue(api.body(itemKey()).contains(words), api.body(itemKey()));
  }

  @Test
  public void whatFailsIsSentAgainUntilItIsThere() {
    openWith("<p>Start-</p>");
    script(
        List.of(
            Route::abort, status(500, "Something broke."), status(503, "Not now."), Route::abort));
    press("Control+End");
    page.keyboard().type("kept through four failures");
    assertThat(page.getByTestId("saved")).containsText("your text is kept here");
    waitUntilSaved();
    assertEquals(api.body(itemKey()), "<p>Start-kept through four failures</p>");
    assertEquals(mostUnderWay, 1, "two saves of one item are never under way together");
    assertTrue(bodies.size() >= 5, bodies.toString());
  }

  @Test
  public void aSlowAnswerHoldsNothingUpAndNothingOvertakesIt() {
    openWith("<p>Start-</p>");
    Consumer<Route> slow =
        route -> {
          letPass(page, 700, "a slow way to the server");
          route.resume();
        };
    script(List.of(slow, slow));
    press("Control+End");
    page.keyboard().type("one");
    page.waitForCondition(() -> bodies.size() == 1);
    page.keyboard().type(" two");
    page.keyboard().type(" three");
    waitUntilSaved();
    assertEquals(api.body(itemKey()), "<p>Start-one two three</p>");
    assertEquals(mostUnderWay, 1);
    for (int i = 1; i < bodies.size(); i++) {
      assertTrue(bodies.get(i).length() >= bodies.get(i - 1).length(), "in order: " + bodies);
    }
  }

  @Test
  public void aRefusalSaysWhyAndTheNextChangeIsSentAnew() {
    openWith("<p>Start-</p>");
    script(java.util.Collections.nCopies(50, status(422, "This cannot be kept, for a reason.")));
    press("Control+End");
    page.keyboard().type("refused");
    assertThat(page.getByText("This cannot be kept, for a reason.").first()).isVisible();
    assertThat(sheet()).isFocused();
    page.unroute("**/editor/api/items/*");
    typesAndIsSaved(" and then not");
    assertEquals(api.body(itemKey()), "<p>Start-refused and then not</p>");
  }

  @Test
  public void signedOutGoneAndClashHoldWithoutTakingAKey() {
    String[][] held = {
      {"401", "Please sign in.", "You are signed out."},
      {"404", "No such item.", "This item is not there any more."},
    };
    for (String[] one : held) {
      openWith("<p>Start-</p>");
      script(List.of(status(Integer.parseInt(one[0]), one[1])));
      press("Control+End");
      page.keyboard().type("words");
      assertThat(region("What holds saving up")).containsText(one[2]);
      page.keyboard().type(" and on  and on");
      assertThat(sheet()).isFocused();
      assertThat(dialog()).hasCount(0);
      assertTrue(written().contains("words and on"), written());
      letPass(page, 600, "a save would be sent after less");
      assertEquals(bodies.size(), 1, "nothing is sent until somebody decides");
      page.unroute("**/editor/api/items/*");
      // A reload brings it back from the browser, and then it is saved.
      page.reload();
      assertThat(sheet()).containsText("words and on");
      waitUntilSaved();
      assertTrue(api.body(itemKey()).contains("words and on"), api.body(itemKey()));
    }
  }

  /** What the window sent itself, with the answer lost on the way, is not a clash with anybody. */
  @Test
  public void anAnswerThatWasLostIsNoClash() {
    openWith("<p>Start-</p>");
    Consumer<Route> lost =
        route -> {
          route.fetch();
          route.abort();
        };
    script(List.of(lost));
    press("Control+End");
    page.keyboard().type("sent, and the answer lost");
    page.waitForCondition(() -> bodies.size() == 1);
    page.keyboard().type(", and on");
    waitUntilSaved();
    assertThat(region("What holds saving up")).hasCount(0);
    assertEquals(api.body(itemKey()), "<p>Start-sent, and the answer lost, and on</p>");
  }

  @Test
  public void aFixWhileOneTypesTakesNoLetter() {
    openWith("<p>Start-</p>\n<h4>Too deep</h4>\n<p>End</p>");
    waitUntilSaved();
    script(List.of());
    button("Make it heading 2").click();
    sheet().focus();
    press("Control+End");
    page.keyboard().type(" typed while it was mended");
    waitUntilSaved();
    assertEquals(
        api.body(itemKey()),
        "<p>Start-</p>\n<h2>Too deep</h2>\n<p>End typed while it was mended</p>");
  }

  @Test
  public void wordsOnTheirWayToTheServerAreNotLostWithThePage() {
    // So busy a browser that what waits for a quiet moment comes far later than it should.
    context.addInitScript(
        "window.requestIdleCallback = (task, { timeout }) => setTimeout(task, 5 * timeout);"
            + "window.cancelIdleCallback = clearTimeout");
    openWith("<p>Start-</p>");
    // No answer: what is sent hangs on the way until the page is gone.
    script(Collections.nCopies(5, route -> {}));
    press("Control+End");
    page.keyboard().type("on its way");
    page.waitForCondition(() -> !bodies.isEmpty());
    closeTabAndOpenItAgain();
    assertThat(sheet()).containsText("Start-on its way");
  }
}

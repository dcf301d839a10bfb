package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Somebody types without looking and without a pause, while others save the same item, the session ends, and blocks of
 * every sort are put in. Every word is on the page afterwards, once. Texts and moments are random; a failure tells the
 * seed, and -Dblenner.seed brings it back.
 */
public class BlindTypingTest extends BenchTest {
  /** Beginnings of words in several scripts; a number makes each word the only one of its kind. */
  private static final String[] SYLLABLES = {
    "mo", "rel", "tha", "quin", "ßo", "éli", "αστ", "ноч", "夜空", "별", "ليل", "לי", "ñu", "dzi"
  };

  private static final int WORDS = 90;

  private Random random;
  private List<String> words;

  /** What was done, in order, for whoever has to find out why a word is missing. */
  private List<String> did;

  private BrowserContext bram;
  private String key;

  @DataProvider
  public Object[] seeds() {
    String given = System.getProperty("blenner.seed", "");
    long first = given.isEmpty() ? System.currentTimeMillis() % 100_000 : Long.parseLong(given);
    return new Object[] {first, first + 1, first + 2};
  }

  @Test(dataProvider = "seeds")
  public void everyWordIsOnThePage(long seed) {
    random = new Random(seed);
    words = new ArrayList<>();
    did = new ArrayList<>();
    bram = newContext(new Browser.NewContextOptions());
    try {
      // His text, in which she as an editor writes too.
      Api his = new Api(bram, app()).signIn("bram");
      key = his.item("Tools", "<p>Begin </p>");
      signIn();
      openItem(key);
      hearsNothing(page);
      sheet().click();
      press("Control+End");
      int signOut = 5 + random.nextInt(WORDS / 2);
      int clash = 5 + random.nextInt(WORDS - 10);
      List<Map<String, String>> inserts =
          inserts().stream().filter(t -> !t.get("id").equals("prompt")).toList();
      // What the server has to look at first cannot be put in while one is signed out; its dialog
      // says so.
      List<Map<String, String>> alone =
          inserts.stream()
              .filter(t -> List.of("", "table", "columns", "jump").contains(t.get("ask")))
              .toList();
      for (int i = 0; i < WORDS; i++) {
        if (i == signOut) {
          context.clearCookies();
        }
        if (i == clash) {
          his.saveOver(key, "Tools", "<p>Bram was here in between.</p>");
        }
        word();
        between(i < signOut ? inserts : alone);
      }
      word();
      lookUp();
      String live = live().replaceAll("<[^>]*>", "");
      List<String> lost = new ArrayList<>();
      for (String word : words) {
        int times = live.split(word, -1).length - 1;
        if (times != 1) {
          lost.add(word + " " + times + "x");
        }
      }
      assertEquals(lost.toString(), "[]", "seed " + seed + ", did " + did + "\n" + live);
    } finally {
      bram.close();
    }
  }

  private void word() {
    StringBuilder word = new StringBuilder();
    for (int n = 1 + random.nextInt(3); n > 0; n--) {
      word.append(SYLLABLES[random.nextInt(SYLLABLES.length)]);
    }
    // In letters, since digits could begin a list, and ended so that none is the beginning of
    // another.
    word.append('x')
        .append((char) ('a' + words.size() / 26))
        .append((char) ('a' + words.size() % 26))
        .append('x');
    words.add(word.toString());
    did.add(word.toString());
    page.keyboard().type(word.toString());
  }

  /** What stands between two words: mostly a space, else whatever fingers do. */
  private void between(List<Map<String, String>> inserts) {
    int what = random.nextInt(20);
    did.add(String.valueOf(what));
    if (what < 9) {
      page.keyboard().type(" ");
    } else if (what < 11) {
      page.keyboard().press("Enter");
    } else if (what < 13) {
      // Out of whatever one is in: a list, a quote, a box.
      page.keyboard().press("Enter");
      page.keyboard().press("Enter");
    } else if (what == 13) {
      page.keyboard().press("Enter");
      page.keyboard().type(List.of("- ", "1. ", "> ", "## ").get(random.nextInt(4)));
    } else if (what == 14) {
      if (tabStays()) {
        page.keyboard().press("Tab");
      }
    } else if (what == 15) {
      page.keyboard().press(List.of("Control+b", "Control+i", "Control+u").get(random.nextInt(3)));
      page.keyboard().type(" ");
    } else if (what == 16) {
      // To the end of another line, since words are looked for whole.
      page.keyboard().press(random.nextBoolean() ? "ArrowUp" : "ArrowDown");
      page.keyboard().press("End");
      if (isWithinWord()) {
        // Chinese and Korean are broken between any two letters, so the end of a line can be amid a
        // word.
        page.keyboard().press("Control+End");
      }
      page.keyboard().type(" ");
    } else {
      putIn(inserts.get(random.nextInt(inserts.size())));
    }
  }

  /** By the browser's own selection: the sheet hears of a key's outcome a moment after it. */
  private boolean isWithinWord() {
    return (boolean)
        page.evaluate(
            """
            () => {
              const { view } = document.querySelector('.ProseMirror').sheet
              const { focusNode, focusOffset } = getSelection()
              if (!focusNode || !view.dom.contains(focusNode)) return false
              const at = view.state.doc.resolve(view.posAtDOM(focusNode, focusOffset))
              const { parent, parentOffset } = at
              return parent.inlineContent && /^\\S/.test(parent.textBetween(parentOffset, parent.content.size, '', ' '))
            }
            """);
  }

  /** Whether Tab is a key of the text here; in plain text it leads on through the screen. */
  private boolean tabStays() {
    return (boolean)
        page.evaluate("() => !!getSelection().anchorNode?.parentElement?.closest('td, th, li')");
  }

  /** Puts something in on a new line. Where it cannot stand, what was typed for it stays as text or nothing happens. */
  private void putIn(Map<String, String> tool) {
    did.add(tool.get("name"));
    page.keyboard().press("Enter");
    page.keyboard().press("Control+Enter");
    page.keyboard().type(tool.get("name"));
    page.keyboard().press("Enter");
    Locator list = region("Insert list");
    Locator asked = page.getByRole(AriaRole.DIALOG);
    if (list.count() > 0) {
      // It cannot stand here; the list says so, and Escape goes back.
      page.keyboard().press("Escape");
    } else if (!tool.get("ask").isEmpty()) {
      assertThat(asked).isVisible();
      if (tool.get("ask").equals("jump")) {
        // Each place has a name of its own.
        asked.getByLabel("Name").fill("place-" + words.size());
        page.keyboard().press("Enter");
      } else {
        Asked.answer(page, tool.get("ask"));
      }
    }
  }

  /** Only now somebody looks up: signs in again, and keeps all of their own words. */
  private void lookUp() {
    Locator strip = region("What holds saving up");
    Locator compare =
        strip.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare and choose"));
    Locator signIn =
        strip.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign in again"));
    assertThat(compare.or(signIn)).isVisible();
    if (compare.isVisible()) {
      // One cannot look at the other text while signed out, and is told so.
      compare.click();
    }
    signIn.click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ilse Marten"))
        .click();
    assertThat(strip).containsText("Bram Oduya saved another text");
    compare.click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("All of yours"))
        .click();
    Locator goOn =
        dialog.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go on with what I chose"));
    assertThat(dialog.getByRole(AriaRole.STATUS)).containsText("chosen");
    assertThat(goOn).not().hasAttribute("aria-disabled", "true");
    goOn.click();
    assertThat(dialog).hasCount(0);
    waitUntilSaved();
  }
}

package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** The formatting and the meaning of words, links, and the helps while typing. */
public class WordsTest extends BenchTest {

  private static String[][] marks() {
    return new String[][] {
      {"Control+b", "strong"},
      {"Control+i", "em"},
      {"Control+u", "u"},
      {"Control+Shift+x", "s"},
      {"Control+Alt+u", "sup"},
      {"Control+Alt+l", "sub"},
      {"Control+e", "code"},
    };
  }

  @Test
  public void aKeyPutsAMarkOnAndTakesItOff() {
    openWith("<p>word</p>");
    StringBuilder all = new StringBuilder();
    for (String[] mark : marks()) {
      String marked = "<p><" + mark[1] + ">word</" + mark[1] + "></p>";
      press("Control+a", mark[0]);
      assertEquals(stored(), marked);
      press(mark[0]);
      assertEquals(stored(), "<p>word</p>");
      all.append(marked).append('\n');
    }
    startOver(all.toString());
    assertTrue(live().contains(all.toString().strip()));
  }

  private Locator palette(String name) {
    return page.getByRole(
        AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  public void colourAndHighlightByOnePressBesideTheWords() {
    openWith("<p>word and more</p>");
    press("Control+Shift+ArrowRight", "Control+Alt+c");
    // By the keyboard: the palette has it, arrows go through it, Enter sets.
    assertThat(palette("Text colour").getByRole(AriaRole.BUTTON).first()).isFocused();
    BoundingBox colours = palette("Text colour").boundingBox();
    BoundingBox words = sheet().getByText("word and more").boundingBox();
    assertTrue(colours.y >= words.y + words.height, "the words stay in sight");
    AccessibilityTest.check(page, "the palette");
    press("ArrowRight", "Enter");
    backOnTheSheet();
    assertTrue(stored().startsWith("<p><span style=\"color: #"), stored());
    // By the mouse, from the strip at the selection.
    Locator strip =
        page.getByRole(
            AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Tools for the selection"));
    for (String tool : new String[] {"Underline", "Highlight"}) {
      assertThat(strip.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(tool)))
          .isVisible();
    }
    strip.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Highlight")).click();
    palette("Highlight")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("The site’s own"))
        .click();
    assertTrue(stored().contains("<mark>"), stored());
    press("Control+Shift+h");
    palette("Highlight")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("None"))
        .press("Enter");
    assertFalse(stored().contains("<mark>"), stored());
    // Escape leaves it; whoever goes on typing without looking types into the text.
    press("Control+Alt+c", "Escape");
    backOnTheSheet();
    press("End", "Control+Alt+c");
    page.keyboard().type("! And on");
    assertEquals(sheet().innerText().strip(), "word and more! And on");
  }

  @Test
  public void colourFontSizeAndStyleInOneDialog() {
    openWith("<p>word</p>");
    press("Control+a", "Control+Alt+c");
    button("More …").click();
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Torch red"))
        .first()
        .click();
    assertThat(dialog()).containsText("Reads well: 6.47 to 1, at least 4.5 is needed.");
    page.getByLabel("Text colour, as a code").fill("#ff9");
    assertThat(dialog()).containsText("Too faint to read");
    page.getByLabel("Text colour, as a code").fill("rgb(166, 58, 27)");
    page.getByLabel("Highlight, as a code").fill("#f3e2a9");
    page.getByLabel("Font").selectOption("Instrument Sans");
    page.getByLabel("Size").selectOption("120%");
    page.getByLabel("Named style", new Page.GetByLabelOptions().setExact(true))
        .selectOption("Small print");
    button("Set it").click();
    assertEquals(
        stored(),
        "<p><span class=\"style-small-print\"><span style=\"font-family: 'Instrument Sans'\"><span style=\"font-size: 120%\"><span style=\"color: #a63a1b\"><mark style=\"background-color: #f3e2a9\">word</mark></span></span></span></span></p>");
    press("Control+Shift+e");
    assertEquals(stored(), "<p>word</p>");
  }

  @Test
  public void whatIsNoColourIsRefused() {
    openWith("<p>word</p>");
    press("Control+a", "Control+Alt+c");
    button("More …").click();
    page.getByLabel("Text colour, as a code").fill("reddish");
    assertThat(dialog()).containsText("“reddish” is not a colour.");
    assertThat(button("Set it")).hasAttribute("aria-disabled", "true");
  }

  /** The ratio by WCAG's formula, beside axe-core's own for the same colours. */
  @Test
  public void contrastIsThatOfAxe() {
    openWith("<p>word</p>");
    new AxeBuilder(page).include("h1").analyze(); // brings axe into the page
    Random random = new Random(7);
    for (int i = 0; i < 60; i++) {
      String text = String.format("#%06x", random.nextInt(0x1000000));
      String ground = String.format("#%06x", random.nextInt(0x1000000));
      double ours =
          ((Number)
                  page.evaluate(
                      "async ([a, b]) => (await (await fetch('/editor/api/writing/contrast?text='"
                          + " + encodeURIComponent(a) + '&ground=' + encodeURIComponent(b))).json()).ratio",
                      List.of(text, ground)))
              .doubleValue();
      double axes =
          ((Number)
                  page.evaluate(
                      "([a, b]) => { const c = (s) => { const x = new axe.commons.color.Color();"
                          + " x.parseHexString(s); return x };"
                          + " return axe.commons.color.getContrast(c(b), c(a)) }",
                      List.of(text, ground)))
              .doubleValue();
      assertEquals(ours, axes, 0.02, text + " on " + ground);
    }
  }

  @Test
  public void anAbbreviationAndAPhraseInAnotherLanguage() {
    openWith("<p>mpsas noson</p>");
    press("Shift+Control+ArrowRight", "Control+Alt+a");
    textbox("Meaning").fill("magnitudes per square arcsecond");
    press("Enter");
    press("End", "Shift+Control+ArrowLeft", "Control+Alt+y");
    page.getByLabel("Language tag").fill("not a tag");
    assertThat(dialog()).containsText("A language tag looks like");
    page.getByLabel("Language tag").fill("CY");
    press("Enter");
    assertEquals(
        stored(),
        "<p><abbr title=\"magnitudes per square arcsecond\">mpsas</abbr> <span lang=\"cy\">noson</span></p>");
    assertTrue(live().contains("<span lang=\"cy\">noson</span>"));
  }

  @Test
  public void linesStandAsTheyAreSet() {
    openWith("<p>word</p>");
    press("Control+Alt+Shift+c", "Control+]", "Control+]", "Control+[", "Control+Alt+d");
    assertEquals(stored(), "<p class=\"align-centre indent-1 drop-cap\">word</p>");
    page.getByLabel("Alignment").selectOption("Justified");
    // A caution stays in sight; what it leaves no room for is under More.
    assertThat(page.getByText("Even edges tear holes into lines on a phone.")).isVisible();
    tool("More to set here").click();
    page.getByLabel("Named style of the block").selectOption("Lead paragraph");
    assertEquals(stored(), "<p class=\"align-justified indent-1 drop-cap style-lead\">word</p>");
  }

  @Test
  public void listsTakeTheirSignsAndNumbers() {
    openWith("<ul><li>a</li><li>b</li></ul>");
    page.getByLabel("Sign of the list").selectOption("Ticks");
    assertEquals(stored(), "<ul class=\"bullet-tick\">\n<li>a</li>\n<li>b</li>\n</ul>");
    press("Control+Shift+7");
    page.getByLabel("Kind of numbers").selectOption("i, ii, iii");
    page.getByLabel("First number").fill("4");
    assertEquals(stored(), "<ol start=\"4\" type=\"i\">\n<li>a</li>\n<li>b</li>\n</ol>");
    toStart();
    press("ArrowDown", "Tab");
    assertTrue(stored().contains("<li>a\n<ol"), stored());
    press("Shift+Tab", "End", "Enter", "Enter");
    type("out");
    assertTrue(stored().endsWith("</ol>\n<p>out</p>"), stored());
  }

  private static String[][] starts() {
    return new String[][] {
      {"## Part", "<h2>Part</h2>"},
      {"- one", "<ul>\n<li>one</li>\n</ul>"},
      {"3. three", "<ol start=\"3\">\n<li>three</li>\n</ol>"},
      {"> said", "<figure class=\"quote\"><blockquote>\n<p>said</p>\n</blockquote></figure>"},
      {"```csv a,b", "<pre><code class=\"language-csv\">a,b</code></pre>"},
      {"He said \"yes\" and 'no'", "<p>He said “yes” and ‘no’</p>"},
      {"it's -- or --- well...", "<p>it’s – or — well…</p>"},
      {
        "see https://example.org/a, now",
        "<p>see <a href=\"https://example.org/a\">https://example.org/a</a>, now</p>"
      },
      {
        "to warden@tarnlow.example now",
        "<p>to <a href=\"mailto:warden@tarnlow.example\">warden@tarnlow.example</a> now</p>"
      },
    };
  }

  @Test
  public void whatIsTypedBecomesWhatIsMeant() {
    openWith("<p>x</p>");
    for (String[] start : starts()) {
      startOver("<p>x</p>");
      press("Delete");
      page.keyboard()
          .type(start[0], new com.microsoft.playwright.Keyboard.TypeOptions().setDelay(15));
      assertEquals(stored(), start[1]);
    }
  }

  @Test
  public void aHelpIsTakenBackByBackspaceAndSwitchedOff() {
    openWith("<p>x</p>");
    press("End");
    type(" \"");
    assertEquals(written(), "<p>x “</p>");
    press("Backspace");
    assertEquals(written(), "<p>x \"</p>");
    choose("View", "Typing helps");
    page.getByText("Straight quotation marks become curly ones").click();
    press("Escape");
    type(" \"q\"");
    assertEquals(stored(), "<p>x \" \"q\"</p>");
    choose("View", "Typing helps");
    page.getByText("Straight quotation marks become curly ones").click();
  }

  @Test
  public void specialCharactersAreFoundByNameAndRemembered() {
    openWith("<p>x</p>");
    press("End", "Control+Alt+s");
    textbox("Look for").fill("right arrow");
    press("Enter");
    press("Control+Alt+s");
    assertThat(page.getByText("Used lately")).isVisible();
    textbox("Look for").fill("U+2609");
    press("Enter");
    press("Control+Shift+Space", "Control+Alt+h");
    type("y");
    assertEquals(stored(), "<p>x→☉&nbsp;\u00ady</p>");
    press("Control+Alt+i");
    assertThat(sheet().locator(".invisible.no-break-space")).hasCount(1);
    assertThat(sheet().locator(".invisible.soft-hyphen")).hasCount(1);
    press("Control+Alt+i");
    assertThat(sheet().locator(".invisible")).hasCount(0);
  }

  /** WAI-ARIA Authoring Practices, combobox with a list: arrows, Enter, Escape. */
  @Test
  public void aFewLettersFindItemsAssetsAndPlaces() {
    openWith("<h2>Red lights</h2><p>word</p>");
    press("ArrowDown", "Home", "Shift+End", "Control+k");
    Locator field = combobox("Address");
    assertThat(field).isFocused();
    field.pressSequentially("red");
    Locator options = page.locator("[role=option]");
    assertThat(options.filter(new Locator.FilterOptions().setHasText("on this page"))).hasCount(1);
    assertThat(options.filter(new Locator.FilterOptions().setHasText("asset"))).not().hasCount(0);
    assertThat(field).hasAttribute("aria-expanded", "true");
    press("ArrowDown");
    assertThat(options.first()).hasAttribute("aria-selected", "true");
    assertEquals(field.getAttribute("aria-activedescendant"), options.first().getAttribute("id"));
    press("ArrowUp");
    assertThat(options.last()).hasAttribute("aria-selected", "true");
    press("Escape");
    assertThat(field).hasAttribute("aria-expanded", "false");
    assertThat(dialog()).isVisible();
    press("ArrowDown", "ArrowDown", "ArrowUp", "Enter");
    assertThat(dialog()).containsText("Leads to “Red lights” (on this page).");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Link").setExact(true))
        .click();
    assertEquals(
        stored(), "<h2 id=\"red-lights\">Red lights</h2>\n<p><a href=\"#red-lights\">word</a></p>");
    press("ArrowLeft", "ArrowRight");
    Locator strip =
        page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("The link"));
    assertThat(strip).containsText("On this page: Red lights");
    toStart();
    page.getByLabel("Jump target").fill("lamps");
    press("Enter");
    assertEquals(stored(), "<h2 id=\"lamps\">Red lights</h2>\n<p><a href=\"#lamps\">word</a></p>");
  }

  @Test
  public void anAddressIsCheckedAtOnce() {
    openWith("<p>word</p>");
    press("Control+a", "Control+k");
    combobox("Address").fill("javascript:alert(1)");
    press("Enter");
    assertThat(dialog()).containsText("Links that begin with “javascript:” are not taken.");
    combobox("Address").fill("+44 1632 960001");
    press("Enter");
    assertEquals(stored(), "<p><a href=\"tel:+441632960001\">word</a></p>");
  }

  @Test
  public void anAddressPastedOverWordsLinksThem() {
    openWith("<p>word</p>");
    press("Control+a");
    paste("https://example.org/x", "");
    assertEquals(stored(), "<p><a href=\"https://example.org/x\">word</a></p>");
    Locator strip =
        page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("The link"));
    press("ArrowRight", "ArrowLeft");
    assertThat(strip).containsText("https://example.org/x");
    strip.getByText("Remove").click();
    assertEquals(stored(), "<p>word</p>");
  }
}

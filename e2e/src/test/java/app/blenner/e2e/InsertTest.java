package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each block: put in by keyboard from the insert list, stored, and seen on the public page. */
public class InsertTest extends BenchTest {

  private void onNewLine() {
    openWith("<p>Before.</p>");
    press("End", "Enter");
  }

  private static String[][] plain() {
    return new String[][] {
      {"heading 2", "Part", "<h2>Part</h2>", ">Part</h2>"},
      {"heading 6", "Part", "<h6>Part</h6>", ">Part</h6>"},
      {"bulleted", "one", "<ul>\n<li>one</li>\n</ul>", "<li>one</li>"},
      {"numbered", "one", "<ol>\n<li>one</li>\n</ol>", "<li>one</li>"},
      {
        "quote",
        "said",
        "<figure class=\"quote\"><blockquote>\n<p>said</p>\n</blockquote></figure>",
        "<p>said</p>"
      },
      {
        "pull quote",
        "said",
        "<figure class=\"quote pull\"><blockquote>\n<p>said</p>\n</blockquote></figure>",
        "quote pull"
      },
      {"code block", "a < b", "<pre><code>a &lt; b</code></pre>", "<code>a &lt; b</code>"},
      {
        "callout",
        "Mind",
        "<aside class=\"callout note\">\n<p>Mind</p>\n</aside>",
        "<aside class=\"callout note\">"
      },
      {
        "text columns",
        "flows",
        "<div class=\"text-columns\" style=\"column-count: 2; column-gap: 24px\">\n<p>flows</p>\n</div>",
        "column-count: 2"
      },
      {"divider", "", "<hr>", "<hr>"},
      {"fold", "", "<div class=\"fold\" hidden=\"\"></div>", "<p>Before.</p>"},
      {
        "item list",
        "",
        "<div class=\"item-list\" data-count=\"5\">\n<p>Latest</p>\n</div>",
        "<div class=\"item-list\"><p>Latest</p>"
      },
    };
  }

  @Test
  public void eachGoesInByItsName() {
    onNewLine();
    StringBuilder all = new StringBuilder("<p>Before.</p>");
    for (String[] block : plain()) {
      startOver("<p>Before.</p>");
      press("End", "Enter");
      insert(block[0]);
      if (!block[1].isEmpty()) {
        type(block[1]);
      }
      assertEquals(stored(), "<p>Before.</p>\n" + block[2]);
      all.append('\n').append(block[2]);
    }
    startOver(all.toString());
    String page = live();
    for (String[] block : plain()) {
      assertTrue(page.contains(block[3]), block[0] + " on the page: " + page);
    }
  }

  /** On a busy page keys come before the browser tells where the cursor went. */
  @Test
  public void keysGoByWhereTheCursorIsAndNotByWhereItWas() {
    openWith("<p>Before.</p>");
    page.evaluate(
        """
        () => {
          getSelection().selectAllChildren(document.querySelector('.ProseMirror p'))
          getSelection().collapseToEnd()
          for (const [key, keyCode] of [['Enter', 13], ['/', 191]]) {
            document.activeElement.dispatchEvent(
              new KeyboardEvent('keydown', { key, keyCode, bubbles: true, cancelable: true }))
          }
        }
        """);
    assertThat(page.getByPlaceholder("What shall go in? Escape goes back")).isFocused();
    page.keyboard().type("divider");
    press("Enter");
    assertEquals(stored(), "<p>Before.</p>\n<hr>");
  }

  @Test
  public void aGalleryIsPickedInOrder() {
    onNewLine();
    insert("gallery");
    dialog().getByText("A red torch").click();
    dialog().getByText("Meteor night").click();
    button("Put 2 pictures in").click();
    String html = stored();
    assertTrue(html.contains("<figure class=\"gallery columns-2\">"), html);
    assertTrue(html.indexOf("red-torch.jpg") < html.indexOf("meteor-night.jpg"), html);
    sheet().getByText("A red torch").first();
    page.locator("figcaption[data-hint='Caption of the gallery']").click();
    type("Two lights");
    assertTrue(live().contains("<figcaption>Two lights</figcaption>"));
  }

  @Test
  public void columnsInReadyProportions() {
    onNewLine();
    insert("side");
    page.getByText("Three, middle wider").click();
    press("Enter");
    backOnTheSheet();
    type("left");
    assertEquals(
        stored(),
        "<p>Before.</p>\n<div class=\"columns\">\n<div class=\"column\">\n<p>left</p>\n</div>\n"
            + "<div class=\"column\" style=\"flex-grow: 2\"></div>\n<div class=\"column\"></div>\n</div>");
    page.getByLabel("Proportions").selectOption("Three equal");
    assertTrue(stored().contains("<div class=\"column\"></div>\n<div class=\"column\"></div>"));
    assertTrue(live().contains("<div class=\"columns\">"));
  }

  @Test
  public void tooManyTextColumnsDrawACaution() {
    openWith(
        "<div class=\"text-columns\" style=\"column-count: 2; column-gap: 24px\"><p>a</p></div>");
    page.getByLabel("Number of columns").selectOption("10 columns");
    assertThat(page.getByText("More than three columns are hard to follow on a screen."))
        .isVisible();
    page.getByLabel("Gap between columns").selectOption("Gap 48");
    assertTrue(stored().contains("column-count: 10; column-gap: 48px"));
  }

  @Test
  public void anEmbedFromTheCodeOfAFrame() {
    onNewLine();
    insert("embed");
    textbox("Address or code")
        .fill(
            "<iframe width=\"560\" height=\"315\" src=\"https://media.tarnlow.example/player/meteor-night\"></iframe>");
    // It brings its title; what somebody types instead stays.
    assertThat(textbox("Title").last()).hasValue("Meteor night");
    textbox("Title").last().fill("A night of meteors");
    button("Put it in").click();
    // The server is asked first.
    assertThat(dialog()).hasCount(0);
    // common practice: the width becomes 100 % of the column, and the shape stays
    assertEquals(
        stored(),
        "<p>Before.</p>\n<figure class=\"embed\" style=\"width: 100%; aspect-ratio: 16 / 9\">"
            + "<a href=\"https://media.tarnlow.example/watch/meteor-night\">A night of meteors</a></figure>");
    assertThat(sheet().locator("iframe")).hasCount(0);
    button("Load it here").click();
    assertThat(
            sheet()
                .frameLocator("iframe")
                .getByRole(
                    AriaRole.CHECKBOX,
                    new com.microsoft.playwright.FrameLocator.GetByRoleOptions()))
        .not()
        .isChecked();
    String page = live();
    assertTrue(
        page.contains(
            "<iframe src=\"/site/stand-in/player/meteor-night\" title=\"A night of meteors\""),
        page);
  }

  @Test
  public void otherHostsAreRefusedAndALinkIsOffered() {
    onNewLine();
    insert("embed");
    textbox("Address or code").fill("https://elsewhere.example/watch/1");
    button("Put it in").click();
    assertThat(dialog()).containsText("elsewhere.example is not on the site’s list of hosts.");
    button("Insert a link instead").click();
    assertEquals(
        stored(),
        "<p>Before.</p>\n<p><a href=\"https://elsewhere.example/watch/1\">https://elsewhere.example/watch/1</a></p>");
  }

  @Test
  public void aPastedAddressOfAKnownHostBecomesAnEmbed() {
    onNewLine();
    paste("https://media.tarnlow.example/watch/turning-sky", "");
    assertThat(textbox("Address or code"))
        .hasValue("https://media.tarnlow.example/watch/turning-sky");
    textbox("Title").last().fill("The sky turns");
    press("Enter");
    assertTrue(stored().contains("watch/turning-sky\">The sky turns</a>"));
  }

  private void pick(String title) {
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(title)).press("Space");
  }

  @Test
  public void soundAndFilmWithCaptions() {
    onNewLine();
    insert("audio");
    pick("An owl at the lodge");
    page.getByLabel("Captions", new Page.GetByLabelOptions().setExact(true))
        .selectOption("Captions for the owl (owl-call.vtt)");
    button("Put it in").click();
    backOnTheSheet();
    String html = stored();
    assertTrue(
        html.contains(
            "<audio src=\"../assets/owl-call.wav\" controls=\"\" preload=\"metadata\"><track kind=\"captions\" src=\"../assets/owl-call.vtt\" srclang=\"en-GB\">"),
        html);
    page.keyboard().press("Control+End");
    insert("video");
    pick("The turning sky");
    button("Put it in").click();
    Locator panel = settingsOf("video", "video");
    panel.getByLabel("Width, in % or px").fill("80%");
    panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pick one")).click();
    pick("Meteor night");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    assertTrue(
        stored()
            .contains(
                "<figure class=\"video\" style=\"width: 80%\"><video src=\"../assets/turning-sky.webm\" poster=\"../assets/meteor-night.jpg\" controls"),
        stored());
    String live = live();
    assertTrue(live.matches("(?s).*<video src=\"/media/[0-9a-f]{16}/turning-sky.webm\".*"), live);
    assertTrue(!live.contains("autoplay"), "media never start by themselves (common practice)");
  }

  @Test
  public void aFileSaysItsKindAndSize() {
    onNewLine();
    insert("file");
    pick("Packing list for a winter night");
    textbox("Words of the link").fill("What to pack");
    press("Enter");
    assertEquals(
        stored(),
        "<p>Before.</p>\n<p class=\"download\"><a href=\"../assets/packing-list.txt\" download=\"\">What to pack</a></p>");
    assertTrue(live().contains("What to pack</a> (TXT, 1 kB)"));
  }

  @Test
  public void aButtonLinkToAnItem() {
    onNewLine();
    insert("button");
    combobox("Address").fill("red tor");
    assertThat(page.locator("[role=option]").first()).containsText("A red torch");
    press("ArrowDown", "Enter");
    textbox("Words on the button").fill("Pack well");
    button("Put it in").click();
    // The server is asked first.
    assertThat(dialog()).hasCount(0);
    assertEquals(
        stored(),
        "<p>Before.</p>\n<p class=\"button\"><a href=\"../items/red-torch.html\">Pack well</a></p>");
    assertTrue(live().contains(">Pack well</a></p>"));
  }

  @DataProvider
  Object[][] ways() {
    return new Object[][] {
      {"/wolves", "Escape", "/wolves"},
      {"/tab", "Escape", "/tab"},
      {"/wolves", "Tab", "/wolves"},
      {"/wolves", "", "/wolves"},
      {"/wolves and dogs", "Enter", "wolves and dogs"},
    };
  }

  @Test(dataProvider = "ways")
  public void wordsAfterASlashStayUnlessSomethingIsChosen(String typed, String key, String left) {
    onNewLine();
    page.keyboard().type(typed);
    if (key.isEmpty()) {
      sheet().getByText("Before.").click();
    } else {
      press(key);
    }
    assertThat(region("Insert list")).hasCount(0);
    assertEquals(stored(), "<p>Before.</p>\n<p>" + left + "</p>");
    press("Control+z");
    assertEquals(stored(), "<p>Before.</p>");
  }

  @Test
  public void aJumpTargetIsNamedLinkedAndRenamed() {
    onNewLine();
    insert("jump");
    textbox("Name").fill("2nd");
    assertThat(dialog()).containsText("beginning with a letter");
    textbox("Name").fill("parking");
    press("Enter");
    backOnTheSheet();
    press("Control+Home", "Shift+End", "Control+k");
    combobox("Address").fill("park");
    press("ArrowDown", "Enter");
    assertThat(dialog()).containsText("Leads to “parking”");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Link").setExact(true))
        .click();
    backOnTheSheet();
    assertEquals(
        stored(),
        "<p><a href=\"#parking\">Before.</a></p>\n<div id=\"parking\" class=\"jump-target\"></div>");
    sheet().getByText("Jump target: parking").click();
    region("The picked jump target").getByLabel("Name").fill("cars");
    press("Enter");
    assertEquals(
        stored(),
        "<p><a href=\"#cars\">Before.</a></p>\n<div id=\"cars\" class=\"jump-target\"></div>");
    assertTrue(live().contains("<div id=\"cars\" class=\"jump-target\"></div>"));
  }

  @Test
  public void itemsArePickedAndPutInOrder() {
    onNewLine();
    insert("related");
    Locator panel = settingsOf(".box.related-items", "related items");
    for (String words : new String[] {"red tor", "getting he"}) {
      panel.getByRole(AriaRole.COMBOBOX).fill(words);
      assertThat(page.locator("[role=option]").first()).containsText(words.substring(1));
      press("ArrowDown", "Enter");
    }
    panel
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("Move Getting here in the dark up"))
        .click();
    String html = stored();
    assertTrue(html.indexOf("getting-here") < html.indexOf("red-torch"), html);
    assertTrue(live().contains("<a href=\"/visit/getting-here\">Getting here in the dark</a>"));
  }

  @Test
  public void aContactFormIsMadeAndAnswered() {
    onNewLine();
    insert("contact");
    Locator panel = settingsOf(".box.contact-form", "contact form");
    panel
        .getByLabel("Question 1", new Locator.GetByLabelOptions().setExact(true))
        .fill("What are you called?");
    button("Add a question").click();
    panel.getByLabel("Kind of question 4").selectOption("Agreement");
    panel
        .getByLabel("Question 4", new Locator.GetByLabelOptions().setExact(true))
        .fill("You may write back");
    panel.getByLabel("Words on the button").fill("Send it off");
    String html = stored();
    assertTrue(
        html.contains(
            "<p><label>You may write back <input type=\"checkbox\" name=\"agreement-4\"></label></p>"),
        html);
    live();
    page.navigate(
        app()
            .url(
                api.view(itemKey())
                    .getAsJsonObject("state")
                    .getAsJsonObject("placement")
                    .get("livePath")
                    .getAsString()));
    page.getByLabel("What are you called?").fill("Ada");
    page.getByLabel("Mail address").fill("ada@example.org");
    page.getByLabel("Your message").fill("Hello from the ridge");
    button("Send it off").click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Look over your message");
    letPass(page, 1300, "a message is looked over for a second at least");
    button("Send it").click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Sent");
    page.navigate(app().url("/editor/inbox"));
    page.getByRole(
            AriaRole.BUTTON,
            new com.microsoft.playwright.Page.GetByRoleOptions().setName("Ada (unread)"))
        .click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Hello from the ridge");
    assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Reply-To: ada@example.org");
  }

  @Test
  public void rawHtmlIsCleanedBeforeItGoesIn() {
    onNewLine();
    insert("raw");
    textbox("HTML")
        .fill(
            "<details open><summary>How</summary><p onclick=\"x()\">With a meter.</p></details><script>x</script>");
    button("Put it in").click();
    assertThat(dialog()).containsText("Cleaning changes it.");
    button("Put in what is kept").click();
    assertEquals(
        stored(),
        "<p>Before.</p>\n<div class=\"html\"><details open=\"\"><summary>How</summary><p>With a meter.</p></details></div>");
    assertTrue(live().contains("<summary>How</summary>"));
  }
}

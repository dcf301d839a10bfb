package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.face.TitleWidth;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

/** The cards of an item: what they set, what they show of it, and how each person lays them out. */
public class CardsTest extends OwnAppTest {
  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private FrameLocator face(String name) {
    return page.frameLocator("iframe[title='" + name + "']");
  }

  private void save() {
    page.keyboard().press("Control+s");
    waitUntilSaved();
  }

  @Test
  public void whatTheCardsSayIsSeenInTheFacesAndByReaders() {
    begin("Ilse Marten", "Article");
    headline().fill("Where the wall ends");
    tab("Cards").click();
    textbox("Summary").fill("A walk along it.");
    save();
    assertThat(face("As a teaser").getByText("A walk along it.")).isVisible();
    assertThat(field("Teaser title")).hasAttribute("placeholder", "Where the wall ends");
    field("Teaser title").fill("To the wall’s end");
    field("Teaser text").fill("Bring a lamp & a friend.");
    field("Lead picture on the page").selectOption("Over the text");
    button("Pick one").first().click();
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("A red torch"))
        .press("Space");
    page.getByRole(AriaRole.DIALOG).getByText("Done").click();
    field("Search title").fill("The wall at Tarnlow and where it ends, seen and walked by night");
    field("Keep out of search engines").check();
    field("First published at").fill("https://example.com/wall");
    field("Section").selectOption("visit");
    field("What to bring").check();
    combobox("Add authors").fill("Bo Nahl;");
    combobox("Add authors").fill("Ina Sund");
    combobox("Add authors").press("Enter");
    field("Date for readers").fill("2025-02-03");
    button("Add A red torch, and four other things to bring").first().click();
    save();
    assertThat(face("As a teaser").getByText("To the wall’s end")).isVisible();
    assertThat(face("As a shared link").getByText("Bring a lamp & a friend.")).isVisible();
    assertThat(face("Among search results").getByText("The wall at Tarnlow")).isVisible();
    assertThat(page.getByText("of 600 pixels")).isVisible();
    // The address is made from the search title.
    assertThat(field("Address"))
        .hasValue("the-wall-at-tarnlow-and-where-it-ends-seen-and-walked-by-night");
    AccessibilityTest.check(page, "the cards of an item");
    button("Proof").click();
    button("Elsewhere").click();
    assertThat(face("As a teaser").getByText("To the wall’s end")).isVisible();
    AccessibilityTest.check(page, "how an item is seen elsewhere");
    button("Put live").click();
    assertThat(button("Put live")).hasCount(0);
    String path = "/visit/the-wall-at-tarnlow-and-where-it-ends-seen-and-walked-by-night";
    Element read = Jsoup.parse(context.request().get(app().url(path)).text());
    assertEquals(read.select(".byline").text(), "Bo Nahl and Ina Sund · 3 February 2025");
    assertEquals(read.select(".item-head .lead-picture img").size(), 1);
    assertEquals(read.select("meta[name=robots]").attr("content"), "noindex");
    assertEquals(read.select(".related a").text(), "A red torch, and four other things to bring");
    Element section = Jsoup.parse(context.request().get(app().url("/visit")).text());
    assertTrue(section.select(".teaser h2").eachText().contains("To the wall’s end"));
    page.setViewportSize(360, 740);
    page.navigate(app().url(path));
    assertEquals(page.evaluate("document.documentElement.scrollWidth <= 360"), true, "on a phone");
    page.setViewportSize(1280, 800);
  }

  @Test
  public void theSideColumnStandsBesideTheTextAndBelowItOnAPhone() {
    begin("Ilse Marten", "Article");
    headline().fill("Beside the text");
    sheet().click();
    page.keyboard().type("A short text.");
    tab("Cards").click();
    button("Add text").click();
    field("Title, part 1").fill("What to bring");
    button("Write: Text, part 1").click();
    Locator sheet =
        page.getByRole(AriaRole.DIALOG)
            .getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("What to bring"));
    assertThat(sheet).isFocused();
    page.keyboard().type("Boots. ");
    page.keyboard().press("Control+b");
    page.keyboard().type("A lamp.");
    page.keyboard().press("Enter");
    page.keyboard().type("- a map");
    assertThat(sheet.locator("li")).hasText("a map");
    // It offers what fits into a few lines.
    assertThat(
            page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Table")))
        .hasCount(0);
    AccessibilityTest.check(page, "the text of a side column");
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Back to the item"))
        .click();
    button("Add quote").click();
    field("What was said, part 2").fill("It is darker than you think. ".repeat(12));
    button("Move quote up").click();
    AccessibilityTest.check(page, "the side column");
    save();
    button("Proof").click();
    button("Desktop").click();
    FrameLocator proof = page.frameLocator("iframe[title='Proof, desktop']");
    assertThat(proof.locator(".side > *")).hasCount(2);
    assertThat(proof.locator(".side > *").first()).containsText("It is darker");
    assertThat(proof.locator(".side section strong")).hasText("A lamp.");
    assertThat(proof.locator(".side section li")).hasText("a map");
    assertThat(page.getByText("far longer than the text beside it")).isVisible();
    BoundingBox text = proof.locator(".beside-side").boundingBox();
    assertTrue(proof.locator(".side").boundingBox().x > text.x + text.width - 1);
    button("Phone").click();
    FrameLocator phone = page.frameLocator("iframe[title='Proof, phone']");
    BoundingBox above = phone.locator(".beside-side").boundingBox();
    assertTrue(phone.locator(".side").boundingBox().y >= above.y + above.height - 1);
    assertThat(page.getByText("far longer than the text beside it")).hasCount(0);
  }

  /** Words in use are offered, and taken by mouse or keyboard. */
  @Test
  public void wordsInUseAreOffered() {
    begin("Ilse Marten", "Post");
    tab("Cards").click();
    combobox("Add keywords").pressSequentially("equ");
    assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("equipment")))
        .isVisible();
    page.keyboard().press("ArrowDown");
    page.keyboard().press("Enter");
    Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Keywords"));
    assertThat(list.getByRole(AriaRole.LISTITEM)).hasText(new String[] {"equipment×"});
    page.keyboard().press("Backspace");
    assertThat(list).hasCount(0);
  }

  @Test
  public void eachPersonsArrangementIsFoundAtEveryMachineAndSetBack() {
    begin("Tove Ahlgren", "Post");
    tab("Cards").click();
    button("Arrange the cards").click();
    AccessibilityTest.check(page, "arranging the cards");
    button("Move Related").focus();
    for (int i = 0; i < 9; i++) {
      page.keyboard().press("ArrowUp");
      assertThat(button("Move Related")).isFocused();
    }
    BoundingBox from = button("Move Search").boundingBox();
    BoundingBox to = button("Move Attachments").boundingBox();
    page.mouse().move(from.x + 8, from.y + 8);
    page.mouse().down();
    page.mouse()
        .move(to.x + 8, to.y + 4, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
    page.mouse().up();
    page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Dates")).uncheck();
    List<String> wanted =
        List.of(
            "Related",
            "Summary",
            "Teaser",
            "Placement",
            "People",
            "Language",
            "Search",
            "Attachments",
            "Side column");
    page.waitForResponse(
        r -> r.url().endsWith("/me/settings/cards"),
        () -> {
          button("Done").click();
          button("Teaser").click();
        });
    assertEquals(names(page), wanted);
    BrowserContext elsewhere = newContext(new Browser.NewContextOptions());
    Page other = elsewhere.newPage();
    signIn(other, "Tove Ahlgren");
    other.navigate(page.url());
    other.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Cards")).click();
    assertThat(button(other, "Related")).isVisible();
    assertEquals(names(other), wanted);
    assertThat(other.getByLabel("Teaser title")).hasCount(0);
    button(other, "Arrange the cards").click();
    button(other, "Set back").click();
    button(other, "Done").click();
    assertEquals(names(other).get(0), "Summary");
    assertThat(other.getByLabel("Teaser title")).isVisible();
    elsewhere.close();
  }

  private static List<String> names(Page where) {
    List<String> out = new ArrayList<>();
    for (String name : where.locator("[data-state=active] h2 button").allInnerTexts()) {
      out.add(name.split("\n")[0].replaceAll("^[▾▸]\\s*", "").strip());
    }
    return out;
  }

  /** The width the core measures is the one Chromium shows, for titles of many languages. */
  @Test
  public void theWidthOfATitleIsWhatChromiumShows() {
    Random random = new Random(20261127);
    String[] words = {
      "Where",
      "Tarnlow",
      "Ägypten",
      "œuvre",
      "Żółw",
      "VATA",
      "To.",
      "“quoted”",
      "—",
      "Te",
      "fi",
      "flow",
      "100",
      "%",
      "Ночь",
      "звёзды",
      "νύχτα",
      "Αστέρι",
      "AVOWAL",
      "Yes,",
      "L’été",
      "LT",
      "niño",
      "wax",
      "1/2",
      "&",
      "P.",
      "Wo",
      "f.i"
    };
    List<String> titles = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      StringBuilder title = new StringBuilder();
      for (int n = 1 + random.nextInt(9); n > 0; n--) {
        title.append(words[random.nextInt(words.length)]).append(n > 1 ? " " : "");
      }
      titles.add(title.toString());
    }
    page.navigate(app().url("/"));
    List<?> shown =
        (List<?>)
            page.evaluate(
                "async (titles) => {"
                    + " const face = new FontFace('Result', 'url(/site/result.ttf)');"
                    + " document.fonts.add(await face.load());"
                    + " const span = document.createElement('span');"
                    + " span.style.cssText = 'font: 20px Result; white-space: pre; position: absolute';"
                    + " document.body.append(span);"
                    + " return titles.map((t) => { span.textContent = t; return span.getBoundingClientRect().width }) }",
                titles);
    for (int i = 0; i < titles.size(); i++) {
      double wanted = ((Number) shown.get(i)).doubleValue();
      assertEquals(TitleWidth.of(titles.get(i)), wanted, 0.5 + wanted * 0.002, titles.get(i));
    }
  }
}

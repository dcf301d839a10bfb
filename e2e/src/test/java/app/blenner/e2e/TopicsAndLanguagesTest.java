package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.Test;

/** What an item is about, the language it is written in, and keys beside the text. */
public class TopicsAndLanguagesTest extends BenchTest {

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  @Test
  public void topicsAreNamedGivenToAnItemAndListed() {
    openWith("<p>Dust on fire.</p>");
    page.navigate(app().url("/editor/sections"));
    button("Edit Night Sky").click();
    dialog().getByRole(AriaRole.BUTTON, named("Add a topic")).click();
    assertThat(dialog().getByRole(AriaRole.TEXTBOX, named("Topic 5"))).isFocused();
    page.keyboard().type("Meteors");
    AccessibilityTest.check(page, "topics of a section");
    dialog().getByRole(AriaRole.BUTTON, named("Change the section")).click();
    assertThat(page.getByText("Star trails, First steps, Meteors")).isVisible();

    openWith("<p>Dust on fire.</p>");
    headline().fill("Dust on fire");
    tab("Cards").click();
    page.getByLabel("Section").selectOption("Night Sky");
    Locator topics = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Topics"));
    topics.getByLabel("Meteors").check();
    topics.getByLabel("First steps").check();
    AccessibilityTest.check(page, "placement with topics");
    assertTrue(live().replaceAll("<[^>]*>", "").contains("Topics: First steps, Meteors"));

    // A list of that topic, by keyboard, on the sheet and on the page.
    openWith("");
    insert("item list");
    settingsOf(".box.item-list", "item list");
    page.getByLabel("Section").last().selectOption("Night Sky");
    page.getByLabel("Topic").selectOption("Meteors");
    assertThat(sheet().locator(".item-list li"))
        .hasText(List.of("Dust on fire").toArray(String[]::new));
    assertTrue(
        stored().contains("data-section=\"night-sky\" data-topic=\"meteors\" data-count=\"5\""));
    String shown = live();
    assertTrue(shown.contains(">Dust on fire</a>"), shown);
    assertFalse(shown.contains("Moonless"), shown);
  }

  /** CLDR: German opens with low marks, and closes with what opens in English; Swedish opens high. */
  @Test
  public void quotationMarksSortingAndScreenReadersFollowTheItem() {
    openWith("<table><tr><th>Ort</th></tr><tr><td>Zell</td></tr><tr><td>Örs</td></tr></table>");
    tab("Cards").click();
    page.getByLabel("Language", new Page.GetByLabelOptions().setExact(true)).selectOption("German");
    assertThat(sheet()).hasAttribute("lang", "de");
    sheet().focus();
    press("Control+End", "Enter");
    type("Er sagte \"Schau, 'da' ist's dunkel\".");
    assertTrue(written().contains("<p>Er sagte „Schau, ‚da‘ ist’s dunkel“.</p>"), written());

    // In German ö stands with o, in Swedish behind z.
    sheet().locator("td").first().click();
    choose("Column", "Sort by this column, smallest first");
    assertEquals(sheet().locator("td").allInnerTexts(), List.of("Örs", "Zell"));
    page.getByLabel("Language", new Page.GetByLabelOptions().setExact(true))
        .selectOption("Swedish");
    assertThat(sheet()).hasAttribute("lang", "sv");
    sheet().locator("td").first().click();
    choose("Column", "Sort by this column, smallest first");
    assertEquals(sheet().locator("td").allInnerTexts(), List.of("Zell", "Örs"));
    assertThat(page.getByTestId("saved")).containsText("Saved");
    live();
  }

  @Test
  public void keysWorkWhereverTheKeyboardIsOnTheBench() {
    openWith("<p>One word.</p>");
    // On nothing at all, as after the page was opened.
    page.evaluate("document.activeElement.blur()");
    press("Control+Shift+o");
    assertThat(dialog()).containsText("Take out");
    press("Escape");
    tab("Cards").focus();
    press("Control+f");
    assertThat(textbox("Find")).isFocused();
    press("Escape");
    // In a field, keys that change the text stay the field's own.
    headline().focus();
    press("Control+Alt+2");
    assertEquals(written(), "<p>One word.</p>");
    press("Control+/");
    assertThat(dialog()).isVisible();
    press("Escape");
    // From a button, a tool's key goes to the text.
    tab("Cards").focus();
    press("Control+Alt+2");
    assertEquals(written(), "<h2>One word.</h2>");
  }
}

package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** After whatever was opened, closed or done, the keyboard is where one goes on: never nowhere, never out of sight. */
public class FocusTest extends BenchTest {
  private static final String TEXT =
      "<p>One <a href=\"https://example.org/\">link</a> word.</p>\n"
          + "<ul>\n<li>a</li>\n<li>b</li>\n</ul>\n"
          + "<table><tbody><tr><td>c</td><td>d</td></tr></tbody></table>\n"
          + "<p>Two.</p>\n<p>Three.</p>";

  /** Where the keyboard is not: nowhere, or on what nobody sees. Empty when it is somewhere one can work. */
  private static final String LOST =
      """
      () => {
        const at = document.activeElement
        if (!at || at === document.body) return 'nobody has the keyboard'
        const box = at.getBoundingClientRect()
        const hidden = !at.getClientRects().length || getComputedStyle(at).visibility === 'hidden'
        return hidden || at.closest('[aria-hidden="true"], [inert]') || box.bottom < 0 || box.top > innerHeight
          ? 'out of sight: ' + at.outerHTML.slice(0, 160) : ''
      }
      """;

  /** In milliseconds; three browsers share two cores. */
  private static final double SOON = 3_000;

  private void keyboardIsSomewhere(String after) {
    // It has to be there as soon as the page has drawn what it was asked for, and stay.
    try {
      page.waitForCondition(
          () -> page.evaluate(LOST).equals(""),
          new Page.WaitForConditionOptions().setTimeout(SOON));
    } catch (TimeoutError e) {
      assertEquals(
          page.evaluate(LOST), "", "after " + after + ", with " + dialog().allInnerTexts());
    }
    settle();
    assertEquals(page.evaluate(LOST), "", "a moment after " + after);
  }

  /** Sets the selection to some place at which a tool applies; false where there is none in the text. */
  private boolean whereItApplies(String id) {
    return (boolean)
        page.evaluate(
            """
            (id) => {
              const { view, tools } = document.querySelector('.ProseMirror').sheet
              const tool = tools.find((t) => t.id === id)
              const can = () => tool.command ? tool.command(view.state) : (tool.can?.(view.state) ?? true)
              const TextSelection = view.state.selection.constructor
              view.focus()
              const size = view.state.doc.content.size
              for (const length of [3, 0]) {
                for (let at = 1; at < size; at++) {
                  const $at = view.state.doc.resolve(at)
                  if (!$at.parent.inlineContent) continue
                  view.dispatch(view.state.tr.setSelection(TextSelection.between($at, view.state.doc.resolve(Math.min(size, at + length)))))
                  if (can()) return true
                }
              }
              return false
            }
            """,
            id);
  }

  @SuppressWarnings("unchecked")
  private List<Map<String, String>> tools() {
    List<Map<String, String>> all =
        (List<Map<String, String>>)
            page.evaluate(
                """
                () => document.querySelector('.ProseMirror').sheet.tools.map((t) => ({
                  id: t.id, name: t.name, ask: t.ask ?? '',
                  keys: (t.keys ?? '').replace('Mod', 'Control').replace(/-(?=.)/g, '+'),
                }))
                """);
    assertTrue(all.size() > 60, all.size() + " tools");
    return all;
  }

  /** Tools whose key the sheet leaves to the browser, or that move the view of the text alone. */
  private static boolean isOther(Map<String, String> tool) {
    return List.of("paste-text", "undo", "redo").contains(tool.get("id"));
  }

  private void byFindField(String name) {
    press("Control+.");
    Locator field = page.getByPlaceholder("A few letters of a title, or of a command");
    assertThat(field).isFocused();
    field.fill(name);
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(name)).first().click();
    settle();
  }

  private void closed(Map<String, String> tool, String how) {
    settle();
    String after = tool.get("id") + " " + how;
    keyboardIsSomewhere(after);
    if (dialog().count() > 0) {
      assertTrue(
          (boolean) page.evaluate("() => !!document.activeElement.closest('[role=dialog]')"),
          "the dialog has the keyboard after " + after);
      if (how.equals("by its button")) {
        Locator leave =
            dialog()
                .getByRole(AriaRole.BUTTON)
                .filter(
                    new Locator.FilterOptions()
                        .setHasText(
                            java.util.regex.Pattern.compile("^(Cancel|Close|Done|Not now)$")));
        if (leave.count() > 0) {
          leave.first().click();
        }
      }
      if (dialog().count() > 0) {
        press("Escape");
      }
      assertThat(dialog()).hasCount(0);
      keyboardIsSomewhere(after + " and closing");
    }
    if (tool.get("ask").equals("quiet")) {
      press("Escape");
    }
    press("Escape");
    keyboardIsSomewhere(after + " and Escape");
  }

  @Test
  public void everyToolByItsKeyAndByName() {
    openWith(TEXT);
    int used = 0;
    for (Map<String, String> tool : tools()) {
      if (isOther(tool)) {
        continue;
      }
      startOver(TEXT);
      if (!whereItApplies(tool.get("id"))) {
        continue;
      }
      used++;
      if (!tool.get("keys").isEmpty()) {
        page.keyboard().press(tool.get("keys"));
        closed(tool, "by its key");
        whereItApplies(tool.get("id"));
      }
      byFindField(tool.get("name"));
      closed(tool, "by its button");
    }
    assertTrue(used > 50, used + " tools were used");
  }

  @Test
  public void everyMenuOfTheStripByEscapeAndByKeyboard() {
    openWith(TEXT);
    for (String menu : List.of("Kind of block", "More for words", "Insert", "Tidy", "View")) {
      tool(menu).click();
      assertThat(page.getByRole(AriaRole.MENU)).isVisible();
      keyboardIsSomewhere(menu);
      press("Escape");
      keyboardIsSomewhere(menu + " closed");
      assertThat(sheet()).isFocused();
    }
  }

  @Test
  public void aFieldGoneToFromAMenuKeepsTheKeyboard() {
    openWith(TEXT);
    String before = sheet().innerText();
    for (String menu : List.of("Kind of block", "More for words", "Insert", "Tidy", "View")) {
      tool(menu).click();
      assertThat(page.getByRole(AriaRole.MENU)).isVisible();
      headline().click();
      assertThat(page.getByRole(AriaRole.MENU)).hasCount(0);
      keyboardIsSomewhere(menu + " left for the title");
      page.keyboard().press("End");
      page.keyboard().type(" " + menu);
      assertThat(headline()).isFocused();
      assertTrue(headline().inputValue().endsWith(" " + menu), headline().inputValue());
    }
    assertEquals(sheet().innerText(), before);
  }

  @Test
  public void dialogsOfTheBenchGiveBackWhatOpenedThem() {
    openWith(TEXT);
    button("Take out").focus();
    press("Enter");
    assertThat(dialog()).isVisible();
    press("Escape");
    keyboardIsSomewhere("Take out");
    tab("Cards").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pick one")).click();
    press("Escape");
    assertThat(button("Pick one")).isFocused();
    press("Control+.");
    press("Escape");
    assertThat(button("Pick one")).isFocused();
    textbox("Summary").focus();
    press("Control+/");
    assertThat(dialog()).isVisible();
    press("Escape");
    assertThat(textbox("Summary")).isFocused();
  }

  /** The title of what was only just made is ready; Tab and Enter lead into the text. */
  private void titleIsReady(String key) {
    assertThat(headline()).isFocused();
    page.keyboard().type("Ready ");
    press(key);
    assertThat(sheet()).isFocused();
    page.keyboard().type("and on");
    assertThat(sheet()).containsText("and on");
    waitUntilSaved();
  }

  @Test
  public void whatIsNewHasItsTitleReady() {
    for (String kind : List.of("Article", "Post", "Page")) {
      begin("Ilse Marten", kind);
      titleIsReady(kind.equals("Post") ? "Enter" : "Tab");
    }
    button("Take out").click();
    button("Save as a copy").click();
    titleIsReady("Tab");
    button("New").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("From an outline"))
        .click();
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Begin"))
        .first()
        .click();
    titleIsReady("Enter");
  }

  /** Opens a dialog by keyboard from one button of a place, and leaves it by Escape and by its button. */
  private void givesBackTo(Locator opener) {
    for (String way : List.of("Escape", "Cancel")) {
      opener.focus();
      press("Enter");
      assertThat(dialog()).isVisible();
      keyboardIsSomewhere("opening from " + opener);
      assertTrue(
          (boolean) page.evaluate("() => !!document.activeElement.closest('[role=dialog]')"),
          "the dialog has the keyboard");
      if (way.equals("Escape")) {
        press("Escape");
      } else {
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(way)).click();
      }
      assertThat(dialog()).hasCount(0);
      assertThat(opener).isFocused();
    }
  }

  @Test
  public void dialogsOfTheOtherPlacesGiveBackWhatOpenedThem() {
    signIn("Ilse Marten");
    place("Sections");
    givesBackTo(button("Add a section"));
    givesBackTo(button("Edit Research"));
    place("Set-up");
    givesBackTo(button("Add a person"));
    place("Worklist");
    button("New").focus();
    press("Enter", "Escape");
    assertThat(button("New")).isFocused();
    for (String name : List.of("From an outline", "From files")) {
      button("New").click();
      page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name)).click();
      assertThat(dialog()).isVisible();
      press("Escape");
      keyboardIsSomewhere("New, " + name);
      assertThat(button("New")).isFocused();
    }
  }

  private void place(String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
  }

  @Test
  public void whatWasBroughtInHasItsTitleReady() {
    signIn("Ilse Marten");
    button("New").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("From files")).click();
    dialog()
        .getByLabel("Files", new Locator.GetByLabelOptions().setExact(true))
        .setInputFiles(java.nio.file.Path.of("../core/src/test/resources/intake/plain.txt"));
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Bring it in"))
        .click();
    // What a file leaves open is asked, and Enter leaves it as it is.
    assertThat(
            dialog()
                .getByRole(
                    AriaRole.BUTTON,
                    new Locator.GetByRoleOptions().setName("Bring it in like this")))
        .isFocused();
    press("Enter");
    titleIsReady("Tab");
  }

  @Test
  public void theInsertListGivesTheKeyboardBackToTheText() {
    openWith("<p></p>");
    press("/");
    assertThat(page.getByPlaceholder("What shall go in? Escape goes back")).isFocused();
    press("Escape");
    backOnTheSheet();
    insert("divider");
    page.keyboard().type("below");
    assertTrue(written().endsWith("<hr>\n<p>below</p>"), written());
  }

  @Test
  public void aPictureIsPickedSetAndLeftByKeyboardAlone() {
    openWith(
        "<p>a</p>\n<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"x\"></figure>\n<p>b</p>");
    press("ArrowDown");
    Locator card = region("The picked picture");
    assertThat(card).isVisible();
    // It is in the margin and covers nothing of the sheet.
    assertTrue(
        card.boundingBox().x >= sheet().boundingBox().x + sheet().boundingBox().width,
        "the card is beside the text");
    press("Alt+Enter");
    assertThat(card.getByLabel("Alternative text")).isFocused();
    page.keyboard().press("Control+a");
    page.keyboard().type("A torch, lit");
    press("Escape");
    backOnTheSheet();
    assertThat(card).hasCount(0);
    page.keyboard().type("Below");
    press("ArrowUp", "ArrowUp");
    assertThat(card).isVisible();
    press("ArrowDown");
    page.keyboard().type("Lit");
    assertEquals(
        stored(),
        "<p>a</p>\n<figure class=\"picture\"><img src=\"../assets/red-torch.jpg\" alt=\"A torch, lit\"><figcaption>Lit</figcaption></figure>\n<p>Below</p>\n<p>b</p>");
  }
}

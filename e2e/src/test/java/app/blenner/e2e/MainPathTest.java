package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.Test;

/** From a blank sheet to a live page and away again. */
public class MainPathTest extends BenchTest {
  @Override
  protected boolean keepsWindow() {
    // Each of them begins at the door.
    return false;
  }

  @Test
  public void byMouse() {
    begin("Ilse Marten", "Article");
    headline().fill("A night on the wall");
    sheet().click();
    page.keyboard().type("Bring a blanket.");
    page.keyboard().press("Enter");
    page.keyboard().type("What to look for");
    kindOfBlock("Heading 2");
    page.keyboard().press("End");
    page.keyboard().press("Enter");
    page.keyboard().type("The plough");
    button("Bulleted list").click();
    page.keyboard().press("Enter");
    page.keyboard().type("its handle");
    button("Nest the list item").click();
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().type("Write to the lodge.");
    doubleClick("lodge");
    page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Tools for the selection"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Link"))
        .click();
    combobox("Address").fill("lodge@tarnlow.example");
    button("Link").last().click();
    assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();

    page.keyboard().press("Control+End");
    choose("Insert", "Picture");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Meteor night"))
        .check(new Locator.CheckOptions().setForce(true));
    textbox("Alternative text").fill("");
    textbox("Caption").fill("The twelfth of August");
    button("Put it in").click();

    // The picture lacks alternative text: a mark is at it, and the run bar says so and leads
    // there.
    Locator bar = region("Run bar");
    Locator reason =
        bar.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("This picture has no alternative text."));
    assertThat(reason).isVisible();
    assertThat(button("Put live")).hasAttribute("aria-disabled", "true");
    reason.click();
    assertThat(textbox("Alternative text")).isFocused();
    page.keyboard().type("Streaks of light over a wall");
    assertThat(bar).containsText("0 must fix");

    tab("Cards").click();
    textbox("Summary").fill("One blanket, one wall, and the sky above it.");
    assertThat(page.getByText("44 of 250 characters")).isVisible();
    page.getByLabel("Section").selectOption("Visit");
    combobox("Add keywords").fill("wall, meteors,");
    assertThat(
            page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Keywords"))
                .getByRole(AriaRole.LISTITEM))
        .hasCount(2);
    assertThat(textbox("Address")).hasValue("a-night-on-the-wall");
    assertThat(page.getByText("Nowhere: it is a draft and has not been put live.")).isVisible();
    waitUntilSaved();

    button("Put live").click();
    assertThat(
            page.getByRole(
                AriaRole.LINK,
                new Page.GetByRoleOptions().setName("/visit/a-night-on-the-wall").setExact(false)))
        .not()
        .hasCount(0);
    assertThat(page.getByText("Live now at")).isVisible();
    assertEquals(
        new Api(context, app()).body(itemKey()),
        """
        <p>Bring a blanket.</p>
        <h2>What to look for</h2>
        <ul>
        <li>The plough
        <ul>
        <li>its handle</li>
        </ul>
        </li>
        </ul>
        <p>Write to the <a href="mailto:lodge@tarnlow.example">lodge</a>.</p>
        <figure class="picture"><img src="../assets/meteor-night.jpg" alt="Streaks of light over a wall"><figcaption>The twelfth of August <small>Drawn by Tove Ahlgren</small></figcaption></figure>""");

    Page reader = context.newPage();
    for (String path : new String[] {"/", "/visit"}) {
      reader.navigate(app().url(path));
      reader
          .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("A night on the wall"))
          .first()
          .click();
      assertThat(reader.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText("A night on the wall");
    }

    // What readers see changes only by Update live.
    page.bringToFront();
    sheet().getByText("Bring a blanket.").click();
    page.keyboard().press("End");
    page.keyboard().type(" And tea.");
    waitUntilSaved();
    reader.reload();
    assertThat(reader.locator("article")).not().containsText("And tea.");
    button("Update live").click();
    assertThat(page.getByText("Readers already see this text.")).isVisible();
    reader.reload();
    assertThat(reader.locator("article")).containsText("And tea.");

    button("Other steps").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Withdraw")).click();
    assertThat(page.getByText("Nowhere: it was withdrawn.")).isVisible();
    APIResponse gone = context.request().get(app().url("/visit/a-night-on-the-wall"));
    assertEquals(gone.status(), 410);
    assertTrue(gone.text().contains("has been taken down"));
  }

  /** Picks a word of the sheet by a double click on it. */
  private void doubleClick(String word) {
    Object at =
        page.evaluate(
            """
            word => {
              const texts = document.createTreeWalker(document.querySelector('.ProseMirror'), NodeFilter.SHOW_TEXT);
              for (let node = texts.nextNode(); node; node = texts.nextNode()) {
                const from = node.data.indexOf(word);
                if (from < 0) continue;
                const range = document.createRange();
                range.setStart(node, from);
                range.setEnd(node, from + word.length);
                const box = range.getBoundingClientRect();
                return [box.x + box.width / 2, box.y + box.height / 2];
              }
            }
            """,
            word);
    List<?> point = (List<?>) at;
    page.mouse()
        .dblclick(((Number) point.get(0)).doubleValue(), ((Number) point.get(1)).doubleValue());
  }

  @Test
  public void byKeyboardAlone() {
    page.navigate(app().url("/editor/"));
    reach(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ilse Marten")));
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Worklist")))
        .isAttached();

    page.keyboard().press("Control+.");
    page.keyboard().type("new post");
    assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("New post")))
        .isVisible();
    page.keyboard().press("Enter");
    // The title waits for the first key.
    assertThat(headline()).isFocused();
    page.keyboard().type("By keys alone");
    page.keyboard().press("Enter");
    assertThat(sheet()).isFocused();

    page.keyboard().type("A first line with ");
    page.keyboard().press("Control+b");
    page.keyboard().type("bold");
    page.keyboard().press("Control+b");
    page.keyboard().type(" and ");
    page.keyboard().press("Control+i");
    page.keyboard().type("italic");
    page.keyboard().press("Control+i");
    page.keyboard().type(" words.");
    page.keyboard().press("Enter");
    page.keyboard().press("Control+Alt+3");
    page.keyboard().type("Too deep");
    page.keyboard().press("Enter");
    page.keyboard().press("Control+Shift+7");
    page.keyboard().type("one");
    page.keyboard().press("Enter");
    page.keyboard().press("Tab");
    page.keyboard().type("inner");
    page.keyboard().press("Enter");
    page.keyboard().press("Shift+Tab");
    page.keyboard().type("two");
    page.keyboard().press("Enter");
    page.keyboard().press("Enter");
    page.keyboard().press("Control+Shift+9");
    page.keyboard().type("Nobody ever had to fold it.");
    page.keyboard().press("ArrowDown");
    page.keyboard().type("Maren Quill");
    page.keyboard().press("Enter");
    page.keyboard().type("See the ");
    page.keyboard().press("Control+k");
    textbox("Words of the link").fill("survey");
    combobox("Address").fill("example.org/tables");
    combobox("Address").press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
    assertThat(sheet()).isFocused();
    page.keyboard().press("Control+Shift+p");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    reach(page.getByRole(AriaRole.SEARCHBOX));
    page.keyboard().type("red torch");
    assertThat(page.getByRole(AriaRole.RADIO)).hasCount(1);
    reach(page.getByRole(AriaRole.RADIO));
    page.keyboard().press("Space");
    reach(page.getByRole(AriaRole.CHECKBOX));
    page.keyboard().press("Space");
    reach(button("Put it in"));
    page.keyboard().press("Enter");
    assertThat(sheet()).isFocused();

    // Undo takes the picture out again, redo puts it back.
    assertThat(sheet().getByRole(AriaRole.FIGURE)).hasCount(2);
    page.keyboard().press("Control+z");
    assertThat(sheet().getByRole(AriaRole.FIGURE)).hasCount(1);
    page.keyboard().press("Control+Shift+z");
    assertThat(sheet().getByRole(AriaRole.FIGURE)).hasCount(2);
    waitUntilSaved();

    // The mark at the skipped heading mends it.
    reach(button("Make it heading 2"));
    page.keyboard().press("Enter");
    assertThat(page.getByText("Done: make it heading 2. Undo brings it back.")).isVisible();

    reach(tab("Marks"));
    page.keyboard().press("ArrowRight");
    reach(textbox("Summary"));
    page.keyboard().type("Written without a mouse.");
    waitUntilSaved();
    for (int i = 0; i < 6 && !inRunBar(); i++) {
      page.keyboard().press("F6");
    }
    reach(button("Put live"));
    page.keyboard().press("Enter");
    assertThat(page.getByText("Live now at").getByRole(AriaRole.LINK))
        .hasAttribute("href", "/by-keys-alone");
    assertEquals(
        new Api(context, app()).body(itemKey()),
        """
        <p>A first line with <strong>bold</strong> and <em>italic</em> words.</p>
        <h2>Too deep</h2>
        <ol>
        <li>one
        <ol>
        <li>inner</li>
        </ol>
        </li>
        <li>two</li>
        </ol>
        <figure class="quote"><blockquote>
        <p>Nobody ever had to fold it.</p>
        </blockquote><figcaption>Maren Quill</figcaption></figure>
        <p>See the <a href="https://example.org/tables">survey</a></p>
        <figure class="picture"><img src="../assets/red-torch.jpg" alt=""><figcaption><small>Drawn by Bram Oduya</small></figcaption></figure>""");
  }

  private boolean inRunBar() {
    return (boolean)
        page.evaluate("document.activeElement.closest('[aria-label=\"Run bar\"]') !== null");
  }

  /** Tabs on until the keyboard is at the element. */
  private void reach(Locator wanted) {
    assertThat(wanted).isAttached();
    for (int i = 0; i < 120; i++) {
      if ((boolean) wanted.evaluate("e => e === document.activeElement")) {
        return;
      }
      boolean inSheet = (boolean) page.evaluate("document.activeElement.matches('.ProseMirror')");
      page.keyboard().press(inSheet ? "F6" : "Tab");
    }
    throw new AssertionError("the keyboard does not reach " + wanted);
  }

  @Test
  public void theBenchSaysWhyAWriterCannotPutLive() {
    begin("Bram Oduya", "Page");
    headline().fill("Written by Bram");
    waitUntilSaved();
    assertThat(button("Send for review")).not().hasAttribute("aria-disabled", "true");
    button("Other steps").click();
    Locator putLive =
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Put live"));
    assertThat(putLive).containsText("Only an editor can put an item live.");
    page.keyboard().press("Escape");
    button("Send for review").click();
    assertThat(page.getByText("Sent for review. It is an editor’s turn now.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Worklist")).click();
    assertThat(
            page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Written by Bram")))
        .containsText("Waiting for an editor since today");
  }
}

package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.Test;

/** Marks are walked, mended, looked at before they are mended, and left as they are; by mouse and by keys alone. */
public class MarksTest extends OwnAppTest {
  private static final String SKIPS =
      "<h2>The tower</h2><p>Seen from the wall.</p><h4>Who comes</h4><p>Text.</p><h6>And why</h6><p>More.</p>";

  private Locator marks() {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Marks"));
  }

  private Locator mark(String words) {
    return marks()
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(words));
  }

  private Locator at(Locator where, String name) {
    return where.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  private void write(String html) {
    openItem(new Api(context, app()).signIn("ilse").item("Marks on trial", html));
  }

  private List<Object> headings() {
    return List.of(
        sheet().locator("h2,h3,h4,h5,h6").all().stream()
            .map(h -> h.evaluate("h => h.tagName"))
            .toArray());
  }

  @Test
  public void whatARepairGivesIsShownAndMadeAndTakenBack() {
    write(SKIPS);
    Locator skipped = mark("Heading 4 follows heading 2");
    at(skipped, "More").click();
    assertThat(skipped.getByText("Skipped levels of headings.")).isVisible();
    assertThat(skipped.getByText("technique G141")).isVisible();
    Locator gives =
        skipped.getByRole(
            AriaRole.REGION,
            new Locator.GetByRoleOptions().setName("What “Make it heading 3” gives"));
    assertThat(gives.locator("h4")).hasText("Who comes");
    assertThat(gives.locator("h3")).hasText("Who comes");
    assertEquals(headings(), List.of("H2", "H4", "H6"), "only shown");
    at(skipped, "Make it heading 3").click();
    assertThat(sheet().locator("h3")).hasText("Who comes");
    page.keyboard().press("Control+z");
    assertThat(sheet().locator("h4")).hasText("Who comes");
    assertEquals(headings(), List.of("H2", "H4", "H6"), "one step back");
  }

  @Test
  public void allOfOneSortAreMendedInOneStep() {
    write("<p>Read <a href=\"/x\">&nbsp;</a>this <a href=\"/y\">&nbsp;</a>now.</p><h3>x</h3>");
    at(mark("A link here has no words").first(), "Remove the link: all 2").click();
    assertThat(mark("A link here has no words")).hasCount(0);
    assertThat(mark("The first heading is level 3")).hasCount(1);
    assertThat(sheet().locator("a")).hasCount(0);
    page.keyboard().press("Control+z");
    assertThat(sheet().locator("a")).hasCount(2);
  }

  @Test
  public void whatIsLeftAsItIsStaysSo() {
    write(SKIPS);
    assertThat(region("Run bar").getByText("2 advised")).isVisible();
    at(mark("Heading 4 follows heading 2"), "Leave it as it is").click();
    assertThat(region("Run bar").getByText("1 advised")).isVisible();
    assertThat(mark("Heading 4 follows heading 2")).hasCount(0);
    // Opened again it is still left, and says by whom; words put in above change nothing.
    closeTabAndOpenItAgain();
    sheet().locator("p").first().click();
    page.keyboard().press("Home");
    page.keyboard().type("Last night. ");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    assertThat(region("Run bar").getByText("1 advised")).isVisible();
    Locator left =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Left as it is"));
    at(left, "1 left as it is").click();
    assertThat(left.getByText("Meant so, says Ilse Marten.")).isVisible();
    AccessibilityTest.check(page, "marks");
    button("List").click();
    AccessibilityTest.check(page, "marks as a list");
    button("Beside").click();
    // Its own words change, and it is back.
    sheet().locator("h4").click();
    page.keyboard().press("Home");
    page.keyboard().type("And ");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    assertThat(mark("Heading 4 follows heading 2")).hasCount(1);
    page.keyboard().press("Control+z");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    assertThat(mark("Heading 4 follows heading 2")).hasCount(0);
    at(left, "Look at it again").click();
    assertThat(mark("Heading 4 follows heading 2")).hasCount(1);
    assertThat(left).hasCount(0);
  }

  /** What only a person can judge asks for a reason; Enter gives it, Escape leaves the mark, and no key goes to the text. */
  @Test
  public void whatIsToBeLookedAtAsksForAReason() {
    write("<p>Before.</p><ul><li>alone</li></ul>");
    assertThat(region("Run bar").getByText("1 to look at")).isVisible();
    at(mark("This list has one item"), "Leave it as it is").click();
    Locator why = textbox("Why is it right as it is?");
    assertThat(why).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.getByText("A few words are enough.")).isVisible();
    page.keyboard().press("Escape");
    assertThat(why).hasCount(0);
    // By keys alone.
    sheet().locator("p").first().click();
    page.keyboard().press("F4");
    page.keyboard().press("Control+Alt+x");
    assertThat(why).isFocused();
    page.keyboard().type("More will follow");
    AccessibilityTest.check(page, "asked for a reason");
    page.keyboard().press("Enter");
    assertThat(region("Run bar").getByText("0 to look at")).isVisible();
    assertThat(sheet()).isFocused();
    Locator left =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Left as it is"));
    at(left, "1 left as it is").click();
    assertThat(left.getByText("“More will follow”, says Ilse Marten.")).isVisible();
    assertThat(sheet().locator("p").first()).hasText("Before.");
  }

  /** A long address leads to the field that is to be shortened. */
  @Test
  public void aMarkLeadsToItsField() {
    write("<p>Before.</p>");
    tab("Cards").click();
    textbox("Address").fill("a-long-way-".repeat(7) + "on");
    page.keyboard().press("Control+s");
    waitUntilSaved();
    tab("Marks").click();
    at(mark("The address has 79 characters"), "Shorten it").click();
    assertThat(textbox("Address")).isFocused();
  }

  @Test
  public void theyAreShownAsSomebodyLikes() {
    write(SKIPS + "<p>x<a href=\"/x\">&nbsp;</a>y</p>");
    button("Folded").click();
    assertThat(marks().getByRole(AriaRole.LISTITEM)).hasCount(0);
    assertThat(page.getByText("3 marks are folded away.")).isVisible();
    // Kept in this browser.
    closeTabAndOpenItAgain();
    assertThat(page.getByText("3 marks are folded away.")).isVisible();
    button("List").click();
    Locator items = marks().getByRole(AriaRole.LISTITEM);
    assertThat(items.first()).containsText("Heading 4 follows heading 2");
    button("Heaviest first").click();
    assertThat(items.first()).containsText("A link here has no words.");
    button("Beside").click();
    // Each stands no higher than its block, and none over another.
    double before = 0;
    for (Locator one : items.all()) {
      double top = one.boundingBox().y;
      assertTrue(top >= before, top + " after " + before);
      before = top + one.boundingBox().height;
    }
  }

  @Test
  public void theyAreWalkedByKeysAlone() {
    write(SKIPS);
    sheet().locator("p").first().click();
    page.keyboard().press("F4");
    assertThat(mark("Heading 4 follows heading 2").locator("[aria-current]")).hasCount(1);
    page.keyboard().press("F4");
    page.keyboard().press("F4");
    assertThat(mark("Heading 4 follows heading 2").locator("[aria-current]")).hasCount(1);
    page.keyboard().press("Shift+F4");
    assertThat(mark("Heading 6 follows heading 4").locator("[aria-current]")).hasCount(1);
    page.keyboard().press("Control+Alt+r");
    assertThat(sheet().locator("h5")).hasText("And why");
    // The cursor stands where something was mended, so that typing goes on there.
    page.keyboard().press("Home");
    page.keyboard().type("Who ");
    assertThat(sheet().locator("h5")).hasText("Who And why");
    page.keyboard().press("Shift+F4");
    page.keyboard().press("Control+Alt+x");
    assertThat(region("Run bar").getByText("0 advised")).isVisible();
  }

  /** One mark for one fault: the item says that it is English. The repair is made, and taken back with everything else. */
  @Test
  public void anItemInAnotherLanguageIsToldAndMendedByOnePress() {
    String line =
        "Am Abend gehen wir auf den Berg, und von dort sieht man, dass es nicht hell ist, sondern dunkel.";
    write("<p>" + line + "</p><p>" + line + " Das ist so.</p><p>" + line + "</p>");
    Locator told = mark("seems to be in German");
    assertThat(told).hasCount(1);
    at(told, "It is German").click();
    assertThat(told).hasCount(0);
    assertThat(sheet()).hasAttribute("lang", "de");
    assertThat(mark("does not say so")).hasCount(0);
  }

  /** What is found in a piece of HTML stands beside the piece, and offers nothing that would change its markup. */
  @Test
  public void aPieceOfHtmlIsLookedInto() {
    write(
        "<p>The hall is open.</p><div class=\"html\"><p>For prices <a href=\"/prices\">click here</a>.</p></div>");
    Locator told = mark("“click here” does not say where this link goes");
    assertThat(told).hasCount(1);
    AccessibilityTest.check(page, "a mark on a piece of HTML");
  }
}

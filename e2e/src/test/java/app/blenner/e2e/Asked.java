package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.function.Consumer;

/** Answers what the tools of the sheet ask for, by the keyboard alone. */
final class Asked {
  private static final Map<String, Consumer<Asked>> ANSWERS =
      Map.ofEntries(
          Map.entry("picture", a -> a.radio("A red torch").confirm("Put it in")),
          Map.entry("gallery", a -> a.box("A red torch").confirm("Put it in")),
          Map.entry("table", a -> a.confirm("Put it in")),
          Map.entry("columns", a -> a.confirm("Put them in")),
          Map.entry(
              "embed",
              a ->
                  a.text("Address or code", "https://media.tarnlow.example/watch/turning-sky")
                      .text("Title", "The sky turns")
                      .confirm("Put it in")
                      .untilGone()),
          Map.entry("audio", a -> a.radio("An owl at the lodge").confirm("Put it in")),
          Map.entry("video", a -> a.radio("The turning sky").confirm("Put it in")),
          Map.entry("download", a -> a.radio("Packing list").confirm("Put it in")),
          Map.entry(
              "button",
              a ->
                  a.text("Address", "https://example.org/")
                      .text("Words on the button", "Go there")
                      .confirm("Put it in")
                      .untilGone()),
          Map.entry("merge-field", Asked::siteName),
          Map.entry("jump", a -> a.text("Name", "a-place").confirm("Put it in")),
          Map.entry("html", a -> a.text("HTML", "<p>a</p>").confirm("Put it in").untilGone()));

  private final Page page;
  private final Locator dialog;

  private Asked(Page page) {
    this.page = page;
    this.dialog = page.getByRole(AriaRole.DIALOG);
  }

  /** Answers the dialog of a tool, so that its outcome is in the text. */
  static void answer(Page page, String ask) {
    Consumer<Asked> how = ANSWERS.get(ask);
    if (how == null) {
      throw new AssertionError("a tool asks for “" + ask + "”, and no test answers it");
    }
    Asked asked = new Asked(page);
    assertThat(asked.dialog).isVisible();
    how.accept(asked);
  }

  private Asked radio(String name) {
    dialog.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(name)).press("Space");
    return this;
  }

  private Asked box(String name) {
    dialog
        .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(name))
        .press("Space");
    return this;
  }

  private void siteName() {
    dialog.getByRole(AriaRole.COMBOBOX).fill("Name of the site");
    dialog.getByRole(AriaRole.COMBOBOX).press("Enter");
    untilGone();
  }

  private Asked text(String label, String words) {
    dialog
        .getByLabel(label, new Locator.GetByLabelOptions().setExact(true))
        .and(page.locator("input, textarea"))
        .fill(words);
    return this;
  }

  /** What the server judges stays open until it has; whoever types then sees a dialog. */
  private void untilGone() {
    assertThat(dialog).hasCount(0);
  }

  /** Nothing waits after it: whoever calls this goes on typing in the same breath. */
  private Asked confirm(String button) {
    dialog
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true))
        .focus();
    page.keyboard().press("Enter");
    return this;
  }
}

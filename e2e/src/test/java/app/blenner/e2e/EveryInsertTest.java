package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Whatever is put in, one types on behind it without looking, and what is picked is never typed away. */
public class EveryInsertTest extends BenchTest {
  /** Where words go that are typed after a block with text of its own was put in; else a paragraph below. */
  private static final Map<String, String> INTO =
      Map.ofEntries(
          Map.entry("paragraph", "<p>Zeta eta</p>"),
          Map.entry("heading-1", "<h1>Zeta eta</h1>"),
          Map.entry("heading-2", "<h2>Zeta eta</h2>"),
          Map.entry("heading-3", "<h3>Zeta eta</h3>"),
          Map.entry("heading-4", "<h4>Zeta eta</h4>"),
          Map.entry("heading-5", "<h5>Zeta eta</h5>"),
          Map.entry("heading-6", "<h6>Zeta eta</h6>"),
          Map.entry("bulleted", "<li>Zeta eta</li>"),
          Map.entry("numbered", "<li>Zeta eta</li>"),
          Map.entry("code-block", "<code>Zeta eta</code>"),
          // A gap is there to be filled.
          Map.entry("prompt", "<p>Zeta eta</p>"),
          Map.entry("merge-field", "</data>Zeta eta</p>"),
          Map.entry("table", "<th scope=\"col\">Zeta eta</th>"));

  private void putIn(Map<String, String> tool) {
    press("/");
    page.keyboard().type(tool.get("name"));
    page.keyboard().press("Enter");
    if (!tool.get("ask").isEmpty()) {
      Asked.answer(page, tool.get("ask"));
    }
  }

  private void typesOn(Map<String, String> tool, String before, String after) {
    startOver(before + "<p></p>" + after);
    press(before.isEmpty() ? "Control+Home" : "ArrowDown");
    // The browser tells of its own moves of the cursor a moment later.
    page.waitForFunction(
        "() => !document.querySelector('.ProseMirror').sheet.state.selection.$from.parent.content.size");
    putIn(tool);
    page.keyboard().type("Zeta eta");
    String html = written();
    String id = tool.get("id");
    String into = INTO.getOrDefault(id, "<p>Zeta eta</p>");
    assertTrue(html.contains(into), id + ": " + html);
    assertEquals(html.split("Zeta eta", -1).length, 2, id + " has the words once: " + html);
    assertTrue(html.startsWith(before) && html.endsWith(after), id + ": " + html);
    int put = html.indexOf(into) - before.length();
    assertTrue(put > 1 || INTO.containsKey(id), id + " stands before the words: " + html);
  }

  @Test
  public void oneTypesOnBehindItAtTheEndOfTheText() {
    openWith("<p></p>");
    for (Map<String, String> tool : inserts()) {
      typesOn(tool, "", "");
    }
  }

  @Test
  public void oneTypesOnBehindItInTheMiddleOfTheText() {
    openWith("<p></p>");
    for (Map<String, String> tool : inserts()) {
      typesOn(tool, "<p>Before</p>\n", "\n<p>After</p>");
    }
  }

  @Test
  public void enterAfterAPictureLeadsToAPlainLine() {
    openWith("<p></p>");
    for (Map<String, String> tool : inserts()) {
      if (!List.of("picture", "gallery", "video", "audio", "embed").contains(tool.get("id"))) {
        continue;
      }
      startOver("<p></p>");
      putIn(tool);
      page.keyboard().press("Enter");
      page.keyboard().type("Zeta eta");
      assertTrue(written().endsWith("\n<p>Zeta eta</p>"), written());
    }
  }

  /** Every block of the format that is picked as a whole, alone between two lines. */
  private List<String> pickable() throws IOException {
    List<String> out = new ArrayList<>();
    Matcher m =
        Pattern.compile("(?s)```html\n(.*?)\n```")
            .matcher(Files.readString(Path.of("../docs/format.md")));
    while (m.find()) {
      startOver("<p>x</p>\n" + m.group(1) + "\n<p>y</p>");
      if (pick()) {
        out.add(m.group(1));
      }
    }
    assertTrue(out.size() > 8, out.size() + " blocks can be picked");
    return out;
  }

  /** Picks the only block between the two lines, where it is one that is picked as a whole. */
  private boolean pick() {
    return (boolean)
        page.evaluate(
            """
            () => {
              const { view } = document.querySelector('.ProseMirror').sheet
              const { doc, selection } = view.state
              const node = doc.child(1)
              if (doc.childCount !== 3 || !(node.isAtom || node.type.spec.draggable)) return false
              const Selection = Object.getPrototypeOf(selection.constructor)
              view.dispatch(view.state.tr.setSelection(Selection.fromJSON(doc, { type: 'node', anchor: doc.child(0).nodeSize })))
              view.focus()
              return true
            }
            """);
  }

  @Test
  public void typingOnAPickedBlockBeginsALineBelowIt() throws IOException {
    openWith("<p></p>");
    for (String block : pickable()) {
      String[][] ways = {{"Zeta", "Zeta"}, {"\n", "Zeta"}, {"夜空", "夜空"}};
      for (String[] way : ways) {
        startOver("<p>x</p>\n" + block + "\n<p>y</p>");
        assertTrue(pick());
        page.keyboard().type(way[0]);
        if (way[0].equals("\n")) {
          page.keyboard().type("Zeta");
        }
        assertEquals(written(), "<p>x</p>\n" + block + "\n<p>" + way[1] + "</p>\n<p>y</p>");
      }
      startOver("<p>x</p>\n" + block + "\n<p>y</p>");
      assertTrue(pick());
      paste("Zeta", "");
      assertEquals(written(), "<p>x</p>\n" + block + "\n<p>Zeta</p>\n<p>y</p>");
      for (String key : List.of("Delete", "Backspace")) {
        startOver("<p>x</p>\n" + block + "\n<p>y</p>");
        assertTrue(pick());
        press(key);
        assertEquals(written(), "<p>x</p>\n<p>y</p>", block);
      }
    }
  }

  @Test
  public void aDisabledToolDoesNothingByListMenuOrKey() {
    openWith(
        "<table><caption>c</caption><tbody><tr><td>a</td><td>b</td></tr></tbody></table>\n<p>y</p>");
    String start = written();
    press("Control+Home", "Tab", "Control+Enter");
    Object disabled =
        page.getByRole(AriaRole.OPTION)
            .evaluateAll(
                "els => els.filter(e => e.getAttribute('aria-disabled') === 'true').map(e => e.getAttribute('aria-label'))");
    @SuppressWarnings("unchecked")
    List<String> names = (List<String>) disabled;
    assertFalse(names.isEmpty(), "in a cell some things cannot be put in");
    press("Escape");
    for (String name : names) {
      press("Control+Enter");
      page.keyboard().type(name);
      press("Enter");
      settle();
      assertEquals(page.getByRole(AriaRole.DIALOG).count(), 0, name);
      press("Escape");
      backOnTheSheet();
      assertEquals(written(), start, name);
    }
    // A key of a tool that does not apply does nothing either, and leaves the browser's own be.
    @SuppressWarnings("unchecked")
    List<String> keys =
        (List<String>)
            page.evaluate(
                """
                () => {
                  const { tools, view } = document.querySelector('.ProseMirror').sheet
                  return tools.filter((t) => t.keys && t.command && !t.command(view.state))
                    .map((t) => t.keys.replace('Mod', 'Control').replace(/-(?=.)/g, '+'))
                }
                """);
    assertFalse(keys.isEmpty(), "in a cell some keys do nothing");
    for (String key : keys) {
      press(key);
      assertEquals(written(), start, key);
    }
    backOnTheSheet();
  }
}

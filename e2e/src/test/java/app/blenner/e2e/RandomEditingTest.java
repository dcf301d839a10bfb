package app.blenner.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Thousands of random commands on documents of every block: after each the document is valid, what
 * it writes is read as the same again, and undo to the start gives the first bytes back.
 */
public class RandomEditingTest extends BenchTest {
  private static final int COMMANDS = 700;

  @DataProvider
  public Object[] seeds() {
    return new Object[] {1, 2, 3};
  }

  @Test(dataProvider = "seeds")
  public void leavesAValidDocumentAndUndoesToTheFirstBytes(int seed) throws IOException {
    StringBuilder all = new StringBuilder();
    Matcher m =
        Pattern.compile("(?s)```html\n(.*?)\n```")
            .matcher(Files.readString(Path.of("../docs/format.md")));
    while (m.find()) {
      all.append(all.isEmpty() ? "" : "\n").append(m.group(1));
    }
    assertFalse(all.isEmpty(), "docs/format.md has examples");
    openWith(all.toString());
    String start = written();
    Object failed = page.evaluate(SCRIPT, List.of(seed, COMMANDS));
    assertEquals(failed, "");
    String end = stored();
    // Spaces in a row and at the ends of lines are all that the core may take out.
    assertEquals(packed(end), packed(written()), "the core keeps what the sheet wrote");
    page.evaluate(
        "() => { const s = document.querySelector('.ProseMirror').sheet;"
            + " const undo = s.tools.find((t) => t.id === 'undo').command;"
            + " for (let i = 0; i < 5000 && undo(s.view.state, s.view.dispatch, s.view); i++); }");
    assertEquals(written(), start);
  }

  private static String packed(String html) {
    return html.replaceAll("\\s+", "");
  }

  private static final String SCRIPT =
      """
      ([seed, count]) => {
        let state = seed * 7919
        const random = (n) => {
          state = (state * 1103515245 + 12345) & 0x7fffffff
          return Math.floor((state / 0x7fffffff) * n) % n
        }
        const sheet = document.querySelector('.ProseMirror').sheet
        const { view } = sheet
        const tools = sheet.tools.filter((t) => t.command && !['undo', 'redo', 'find-next', 'find-previous'].includes(t.id))
        const words = ['star', ' ', 'a b', 'ñ', '夜', '👩‍🚀', '"', '--']
        view.dispatch(view.state.tr.setSelection(view.state.selection.constructor.near(view.state.doc.resolve(1))))
        const TextSelection = view.state.selection.constructor
        const Selection = Object.getPrototypeOf(TextSelection)
        const key = (name) => view.someProp('handleKeyDown', (f) => f(view, new KeyboardEvent('keydown', { key: name })))
        for (let i = 0; i < count; i++) {
          const size = view.state.doc.content.size
          const a = random(size + 1), b = random(4) ? a : Math.min(size, a + random(80))
          let did = 'select'
          try {
            const { doc } = view.state
            let selection = TextSelection.between(doc.resolve(a), doc.resolve(b))
            const node = doc.nodeAt(a)
            if (random(6) === 0 && node && !node.isText && node.type.spec.selectable !== false) selection = Selection.fromJSON(doc, { type: 'node', anchor: a })
            view.dispatch(view.state.tr.setSelection(selection))
            const what = random(10)
            if (what < 5) {
              const tool = tools[random(tools.length)]
              did = tool.id
              tool.command(view.state, view.dispatch, view)
            } else if (what < 8) {
              did = 'type'
              if (view.state.selection.$from.parent.inlineContent) view.dispatch(view.state.tr.insertText(words[random(words.length)]))
            } else if (what === 8) {
              did = 'delete'
              view.dispatch(view.state.tr.deleteSelection())
            } else {
              did = 'enter'
              key('Enter')
            }
            view.state.doc.check()
          } catch (e) {
            return `command ${i}, ${did}: ${e.message}`
          }
        }
        return ''
      }
      """;
}

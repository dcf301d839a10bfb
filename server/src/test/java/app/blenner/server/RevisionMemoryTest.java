package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Visitor;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/** Whoever has an item open hears which revision it has by now, without a session being kept awake by that. */
public class RevisionMemoryTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private long told(String item) {
    return Long.parseLong(
        running.visitor().get("/editor/changes?item=" + item).text().split(" ")[1]);
  }

  private long revision(String key) {
    return Items.view(editor, key).at("/state/revision").asLong();
  }

  @Test
  public void eachSaveAndEachStepIsTold() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("One", "s", "<p>x</p>", "visit", "told-one"));
    assertEquals(told(key), revision(key));
    long before = told(key);
    Items.save(editor, key, Items.content("Two", "s", "<p>y</p>", "visit", "told-one"));
    assertTrue(told(key) > before);
    assertEquals(told(key), revision(key));
    Items.act(editor, key, "SEND_FOR_REVIEW");
    assertEquals(told(key), revision(key));
  }

  @Test
  public void whatWasRefusedIsNotTold() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content("One", "s", "<p>x</p>", "visit", "told-two"));
    long before = told(key);
    editor.put("/editor/api/items/" + key, "{\"revision\":-7,\"content\":{}}");
    Items.act(editor, key, "RESTORE");
    assertEquals(told(key), before);
    assertEquals(revision(key), before);
  }

  @Test
  public void ofOthersNothingIsKnown() {
    assertEquals(told("nobody"), -1);
    assertTrue(running.visitor().get("/editor/changes").text().endsWith(" -1"));
  }
}

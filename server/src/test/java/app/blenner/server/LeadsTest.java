package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever leads to an item is told on its page, before somebody withdraws it or puts it in the bin. */
public class LeadsTest {
  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");

  /** What leads to an item, and what is told of it. */
  private final Map<String, Function<String, Answer>> ways =
      Map.of(
          "Main menu, an entry",
          key -> menus("[{\"to\":\"ITEM\",\"target\":\"" + key + "\",\"label\":\"\"}]", "[]"),
          "Menu at the foot, an entry",
          key ->
              menus(
                  "[]",
                  "[{\"to\":\"ADDRESS\",\"target\":\""
                      + "../items/"
                      + key
                      + ".html\",\"label\":\"L\"}]"),
          "Front page, its text",
          key ->
              editor.put(
                  "/editor/api/site/front", "{\"composed\":\"" + key + "\",\"listed\":true}"),
          "Section Visit, its text",
          key -> section("visit", "Visit", "NEWEST", "[]", key),
          "Section Research, its items picked to be first",
          key -> section("research", "Research", "PICKED_FIRST", "[\"" + key + "\"]", ""),
          "Reference link Plan, its address",
          key ->
              editor.put(
                  "/editor/api/reference-links",
                  "{\"links\":[{\"name\":\"Plan\",\"pattern\":\"PLAN-[0-9]+\",\"address\":\""
                      + "../items/"
                      + key
                      + ".html\"}]}"),
          "Snippet Ready, a link",
          key -> outline("Ready", true, key),
          "Outline Begun, a link",
          key -> outline("Begun", false, key),
          "Leading, a link",
          this::liveItem);

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  private Answer menus(String main, String foot) {
    return editor.put(
        "/editor/api/site/menus",
        "{\"ofSections\":false,\"main\":" + main + ",\"foot\":" + foot + "}");
  }

  private Answer section(String slug, String name, String order, String picked, String composed) {
    return editor.put(
        "/editor/api/site/sections/" + slug,
        "{\"name\":\""
            + name
            + "\",\"description\":\"\",\"topics\":[],\"order\":\""
            + order
            + "\",\"picked\":"
            + picked
            + ",\"composed\":\""
            + composed
            + "\"}");
  }

  private Answer outline(String name, boolean snippet, String key) {
    return editor.post(
        "/editor/api/outlines",
        "{\"name\":\""
            + name
            + "\",\"about\":\"\",\"kinds\":[\"article\"],\"snippet\":"
            + snippet
            + ",\"body\":\"<p>See <a href=\\\""
            + "../items/"
            + key
            + ".html\\\">this</a>.</p>\"}");
  }

  private Answer liveItem(String target) {
    String key = Items.begin(editor);
    Items.save(
        editor,
        key,
        Items.content(
            "Leading",
            "A summary of it",
            "<p>Go on <a href=\"../items/" + target + ".html\">to the plan of paths</a>.</p>",
            "visit",
            "leading"));
    return Items.act(editor, key, "PUT_LIVE");
  }

  @DataProvider
  Object[][] all() {
    return ways.keySet().stream().map(w -> new Object[] {w}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "all")
  public void itIsTold(String told) {
    String key = Items.begin(editor);
    Items.save(
        editor,
        key,
        Items.content(
            "Led to", "s", "<p>x</p>", "visit", "led-to-" + Integer.toHexString(told.hashCode())));
    assertEquals(leading(key), List.of());
    Answer done = ways.get(told).apply(key);
    assertTrue(done.status() < 300, done.text());
    assertEquals(leading(key), List.of(told));
  }

  private List<String> leading(String key) {
    return Items.view(editor, key)
        .at("/state/placement/linkedFrom")
        .valueStream()
        .map(f -> f.path("title").asString() + ", " + f.path("by").asString())
        .toList();
  }
}

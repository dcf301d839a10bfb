package app.blenner.server;

import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What some people send in one moment, operation by operation, and how many of them may be told "done". */
abstract class RaceTable {

  static final String API = "/editor/api";

  /** Any number may succeed: each does a thing of its own, or the same once more. */
  static final int ANY = -1;

  /** What one of them sends; made for each again, or once for all. */
  record Call(String method, String path, String body) {}

  interface Hand {
    Call of(int number);
  }

  interface Start {
    Hand begin();
  }

  record Race(int winners, Start start) {}

  final Running running;
  final Visitor editor;
  final AtomicInteger count = new AtomicInteger();
  final Map<String, Race> races = new LinkedHashMap<>();

  RaceTable(Running running) {
    this.running = running;
    this.editor = running.signedIn("ilse");
  }

  Map<String, Race> all() {
    return races;
  }

  String fresh() {
    return "race " + count.incrementAndGet();
  }

  Start all(String method, String path, String body) {
    return () -> n -> new Call(method, path, body);
  }

  static ObjectNode with(String... pairs) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    for (int i = 0; i < pairs.length; i += 2) {
      out.put(pairs[i], pairs[i + 1]);
    }
    return out;
  }

  String item() {
    String key = Items.begin(editor);
    String name = fresh();
    Items.save(
        editor,
        key,
        Items.content(
            name, "A summary that says it.", "<p>Text.</p>", "visit", name.replace(' ', '-')));
    return key;
  }

  long revision(String key) {
    return Items.revision(editor, key);
  }

  String save(String key, String title, String slug) {
    ObjectNode save = JsonMapper.shared().createObjectNode().put("revision", revision(key));
    save.set("content", Items.content(title, "s", "<p>x</p>", "visit", slug));
    return save.toString();
  }

  static byte[] png(int width, int height, int seed) {
    try {
      return Pngs.of(width, height, seed);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

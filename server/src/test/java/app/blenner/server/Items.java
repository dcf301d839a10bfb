package app.blenner.server;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Shorthand for what the tests do with items over HTTP. */
final class Items {
  private static final String API = "/editor/api/items";

  private Items() {}

  /** Begins an item and gives its key. */
  static String begin(Visitor who) {
    return who.post(API, "{\"kind\":\"ARTICLE\"}").json().path("state").path("key").asString();
  }

  static JsonNode view(Visitor who, String key) {
    return who.get(API + "/" + key).json();
  }

  static ObjectNode content(
      String title, String summary, String body, String section, String slug) {
    ObjectNode c = JsonMapper.shared().createObjectNode();
    c.put("title", title).put("summary", summary).put("body", body).put("section", section);
    c.putArray("topics");
    c.putArray("keywords");
    c.put("slug", slug).put("leadPicture", "").put("language", "");
    return c;
  }

  static Answer save(Visitor who, String key, long revision, ObjectNode content) {
    ObjectNode save = JsonMapper.shared().createObjectNode().put("revision", revision);
    save.set("content", content);
    return who.put(API + "/" + key, save.toString());
  }

  /** Saves on top of whatever there is. */
  static Answer save(Visitor who, String key, ObjectNode content) {
    return save(who, key, revision(who, key), content);
  }

  static long revision(Visitor who, String key) {
    return view(who, key).path("state").path("revision").asLong();
  }

  static Answer act(Visitor who, String key, String action) {
    return who.post(
        API + "/" + key + "/actions/" + action, "{\"revision\":" + revision(who, key) + "}");
  }
}

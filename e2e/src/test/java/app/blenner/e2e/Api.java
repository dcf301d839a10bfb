package app.blenner.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;

/** Sets items up over HTTP where a test is about something else. */
final class Api {
  private final BrowserContext context;
  private final App app;

  Api(BrowserContext context, App app) {
    this.context = context;
    this.app = app;
  }

  Api signIn(String name) {
    context.request().get(app.url("/editor/api/session"));
    JsonObject who = new JsonObject();
    who.addProperty("signIn", name);
    send("POST", "/session/demo", who);
    return this;
  }

  JsonObject send(String method, String path, JsonObject body) {
    String token =
        context.cookies(app.url("/")).stream()
            .filter(c -> c.name.equals("XSRF-TOKEN"))
            .map((Cookie c) -> c.value)
            .findFirst()
            .orElse("");
    RequestOptions options =
        RequestOptions.create()
            .setMethod(method)
            .setHeader("X-XSRF-TOKEN", token)
            // Whatever is there is what is changed.
            .setHeader("If-Match", "*");
    if (body != null) {
      options.setHeader("Content-Type", "application/json").setData(body.toString());
    }
    APIResponse response = context.request().fetch(app.url("/editor/api" + path), options);
    if (!response.ok()) {
      throw new IllegalStateException(
          method + " " + path + ": " + response.status() + " " + response.text());
    }
    String answered = response.text();
    return answered.isEmpty()
        ? new JsonObject()
        : JsonParser.parseString(answered).getAsJsonObject();
  }

  /** Begins an article with this text and gives its key. */
  String item(String title, String body) {
    JsonObject kind = new JsonObject();
    kind.addProperty("kind", "ARTICLE");
    String key = send("POST", "/items", kind).getAsJsonObject("state").get("key").getAsString();
    save(key, title, body);
    return key;
  }

  void save(String key, String title, String body) {
    save(key, title, body, "");
  }

  /** Saves as somebody does whose text others change at the same time: until it is taken. */
  void saveOver(String key, String title, String body) {
    for (int i = 0; ; i++) {
      try {
        save(key, title, body);
        return;
      } catch (IllegalStateException e) {
        if (i == 20 || !e.getMessage().contains(": 409 ")) {
          throw e;
        }
      }
    }
  }

  void save(String key, String title, String body, String language) {
    JsonObject content = new JsonObject();
    content.addProperty("title", title);
    // What is live and says the same of itself would be told of.
    content.addProperty(
        "summary", "A summary of “" + title.substring(0, Math.min(80, title.length())) + "”.");
    content.addProperty("body", body);
    content.addProperty("section", "");
    content.add("keywords", new JsonArray());
    content.addProperty("leadPicture", "");
    content.add("topics", new JsonArray());
    content.addProperty("language", language);
    JsonObject save = new JsonObject();
    save.addProperty("revision", revision(key));
    save.add("content", content);
    send("PUT", "/items/" + key, save);
  }

  JsonObject view(String key) {
    return send("GET", "/items/" + key, null);
  }

  /** Whether there is no such item. */
  boolean isGone(String key) {
    return context.request().get(app.url("/editor/api/items/" + key)).status() == 404;
  }

  long revision(String key) {
    return view(key).getAsJsonObject("state").get("revision").getAsLong();
  }

  String body(String key) {
    return view(key).getAsJsonObject("content").get("body").getAsString();
  }

  /** Does something to the item as a whole and gives its address. */
  String act(String key, String action) {
    JsonObject act = new JsonObject();
    act.addProperty("revision", revision(key));
    return send("POST", "/items/" + key + "/actions/" + action, act)
        .getAsJsonObject("placement")
        .get("livePath")
        .getAsString();
  }

  /** Puts an item into a section. */
  void place(String key, String section) {
    JsonObject content = view(key).getAsJsonObject("content");
    content.addProperty("section", section);
    JsonObject save = new JsonObject();
    save.addProperty("revision", revision(key));
    save.add("content", content);
    send("PUT", "/items/" + key, save);
  }

  /** A page of the site as readers get it. */
  String get(String path) {
    return context.request().get(app.url(path)).text();
  }
}

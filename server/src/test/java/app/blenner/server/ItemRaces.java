package app.blenner.server;

import static org.testng.Assert.assertEquals;

import app.blenner.server.Running.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Races for items and assets. */
final class ItemRaces extends RaceTable {
  ItemRaces(Running running) {
    super(running);
    items();
    assets();
  }

  private void items() {
    races.put(
        "POST /editor/api/items",
        new Race(ANY, all("POST", API + "/items", "{\"kind\":\"POST\",\"title\":\"One title\"}")));
    races.put(
        "PUT /editor/api/items/{key}",
        new Race(
            1,
            () -> {
              String key = item();
              String body = save(key, "One of them", fresh().replace(' ', '-'));
              return n ->
                  new Call("PUT", API + "/items/" + key, body.replace("One of them", "By " + n));
            }));
    races.put(
        "POST /editor/api/items/{key}/actions/{action}",
        new Race(
            1,
            () -> {
              String key = item();
              String body = "{\"revision\":" + revision(key) + "}";
              return n -> new Call("POST", API + "/items/" + key + "/actions/PUT_LIVE", body);
            }));
    races.put("POST /editor/api/bulk/look", new Race(ANY, () -> several(item(), "/bulk/look")));
    races.put("POST /editor/api/bulk", new Race(ANY, () -> several(item(), "/bulk")));
    races.put("POST /editor/api/bulk/{id}/stop", new Race(ANY, () -> ofBulk("/stop")));
    races.put("POST /editor/api/bulk/{id}/undo", new Race(ANY, () -> ofBulk("/undo")));
    races.put(
        "POST /editor/api/items/{key}/copy",
        new Race(
            ANY,
            () -> {
              String key = item();
              return n -> new Call("POST", API + "/items/" + key + "/copy", "{}");
            }));
    races.put(
        "POST /editor/api/items/{key}/comparison",
        new Race(
            ANY,
            () -> {
              String key = item();
              String body = Items.content("x", "", "<p>y</p>", "visit", "x").toString();
              return n -> new Call("POST", API + "/items/" + key + "/comparison", body);
            }));
    races.put(
        "POST /editor/api/items/{key}/fixes",
        new Race(
            ANY,
            () -> {
              String key = item();
              String body = "{\"revision\":" + revision(key) + ",\"finding\":\"none\",\"fix\":0}";
              return n -> new Call("POST", API + "/items/" + key + "/fixes", body);
            }));
    races.put(
        "POST /editor/api/items/{key}/dismissals",
        new Race(
            ANY,
            () -> {
              String key = skipping();
              String body = "{\"finding\":\"" + skipped(key) + "\",\"reason\":\"\"}";
              return n -> new Call("POST", API + "/items/" + key + "/dismissals", body);
            }));
    races.put(
        "POST /editor/api/items/{key}/rules-tried",
        new Race(
            ANY,
            () -> {
              String key = item();
              return n ->
                  new Call("POST", API + "/items/" + key + "/rules-tried", "{\"kinds\":[]}");
            }));
    races.put(
        "DELETE /editor/api/items/{key}/dismissals/{finding}",
        new Race(
            ANY,
            () -> {
              String key = skipping();
              String finding = skipped(key);
              editor.post(
                  API + "/items/" + key + "/dismissals",
                  "{\"finding\":\"" + finding + "\",\"reason\":\"\"}");
              return n -> new Call("DELETE", API + "/items/" + key + "/dismissals/" + finding, "");
            }));
    races.put(
        "POST /editor/api/items/{key}/leaving",
        new Race(
            ANY,
            () -> {
              String key = Items.begin(editor);
              return n -> new Call("POST", API + "/items/" + key + "/leaving", "{}");
            }));
    races.put(
        "POST /editor/api/items/{key}/resolution",
        new Race(
            1,
            () -> {
              String key = item();
              ObjectNode choice = JsonMapper.shared().createObjectNode();
              choice.set("mine", Items.content("Mine", "s", "<p>mine</p>", "visit", "mine"));
              choice.put("theirRevision", revision(key)).putArray("mineAt").add(0);
              return n ->
                  new Call("POST", API + "/items/" + key + "/resolution", choice.toString());
            }));
    races.put(
        "POST /editor/api/items/{key}/notebook",
        new Race(
            ANY,
            () -> {
              String key = item();
              return n ->
                  new Call("POST", API + "/items/" + key + "/notebook", "{\"words\":\"A note\"}");
            }));
    races.put("PUT /editor/api/items/{key}/notebook/{id}", new Race(1, () -> note("PUT")));
    races.put("DELETE /editor/api/items/{key}/notebook/{id}", new Race(1, () -> note("DELETE")));
    races.put(
        "PUT /editor/api/items/{key}/notebook/target-terms",
        new Race(
            1,
            () -> {
              String key = item();
              return n ->
                  new Call(
                      "PUT",
                      API + "/items/" + key + "/notebook/target-terms",
                      "{\"terms\":[\"t" + n + "\"]}");
            }));
    races.put(
        "POST /editor/api/items/{key}/notebook/terms",
        new Race(
            ANY,
            () -> {
              String key = item();
              return n ->
                  new Call(
                      "POST",
                      API + "/items/" + key + "/notebook/terms",
                      "{\"body\":\"<p>a b</p>\",\"language\":\"en\"}");
            }));
  }

  private Hand note(String method) {
    String key = item();
    JsonNode lines =
        editor.post(API + "/items/" + key + "/notebook", "{\"words\":\"Gone soon\"}").json();
    long id = lines.findValue("id").asLong();
    String path = API + "/items/" + key + "/notebook/" + id;
    return n -> new Call(method, path, "{\"words\":\"By " + n + "\",\"ticked\":true}");
  }

  private String asset() {
    String name = fresh().replace(' ', '-') + ".png";
    Answer added = editor.bringIn(API + "/assets", name, png(40, 40, count.get()), false);
    assertEquals(added.status(), 201, added.text());
    return name;
  }

  private Start onAsset(String method, String tail, String body) {
    return () -> {
      String path = API + "/assets/" + asset() + tail;
      return n -> new Call(method, path, body.replace("#", String.valueOf(n)));
    };
  }

  private void assets() {
    String said =
        "{\"said\":{\"title\":\"By #\",\"alternative\":\"a\",\"caption\":\"\",\"credit\":\"\",\"source\":\"\",\"licence\":\"\",\"description\":\"\",\"keywords\":[]},\"expires\":\"\"}";
    races.put("PUT /editor/api/assets/{name}", new Race(1, onAsset("PUT", "", said)));
    races.put("POST /editor/api/assets/{name}/bin", new Race(1, onAsset("POST", "/bin", "{}")));
    races.put(
        "POST /editor/api/assets/{name}/restore",
        new Race(
            1,
            () -> {
              String path = API + "/assets/" + asset();
              editor.post(path + "/bin", "{}");
              return n -> new Call("POST", path + "/restore", "{}");
            }));
    races.put(
        "POST /editor/api/assets/{name}/extend",
        new Race(
            1,
            () -> {
              String path = API + "/assets/" + asset();
              editor.put(
                  path, said.replace("\"expires\":\"\"", "\"expires\":\"2027-01-01T00:00:00Z\""));
              return n -> new Call("POST", path + "/extend", "{}");
            }));
    races.put(
        "PUT /editor/api/assets/{name}/edit",
        new Race(
            1,
            onAsset(
                "PUT",
                "/edit",
                "{\"quarters\":0,\"mirrored\":false,\"left\":0,\"top\":0,\"width\":1,\"height\":1,\"focusX\":0.2#,\"focusY\":0.3}")));
    races.put(
        "POST /editor/api/assets/{name}/earlier/{id}",
        new Race(
            1,
            () -> {
              String name = asset();
              editor.bringIn(
                  API + "/assets/" + name + "/file",
                  "o.png",
                  png(50, 50, count.incrementAndGet()),
                  false);
              long id =
                  editor
                      .get(API + "/assets/" + name)
                      .json()
                      .path("earlier")
                      .get(0)
                      .path("id")
                      .asLong();
              return n -> new Call("POST", API + "/assets/" + name + "/earlier/" + id, "{}");
            }));
    races.put(
        "POST /editor/api/assets/collections",
        new Race(
            ANY,
            () -> {
              String name = asset();
              return n ->
                  new Call(
                      "POST",
                      API + "/assets/collections",
                      "{\"collection\":\"Together\",\"assets\":[\"" + name + "\"],\"in\":true}");
            }));
    // What goes with an upload of its own has its races in UploadTest.
    races.put(
        "POST /editor/api/assets",
        new Race(
            0,
            all("POST", API + "/assets", "{\"upload\":\"none\",\"ask\":false,\"whole\":false}")));
    races.put(
        "POST /editor/api/assets/chosen",
        new Race(
            0,
            all(
                "POST",
                API + "/assets/chosen",
                "{\"name\":\"none\",\"hash\":\"none\",\"choice\":\"REPLACE\"}")));
    races.put(
        "POST /editor/api/assets/{name}/file",
        new Race(
            0, onAsset("POST", "/file", "{\"upload\":\"none\",\"ask\":false,\"whole\":false}")));
    String captions =
        "{\"title\":\"Words of one\",\"head\":\"\",\"cues\":[{\"note\":\"\",\"id\":\"\",\"start\":0,\"end\":1000,\"settings\":\"\",\"text\":\"Hello #\"}]}";
    races.put(
        "POST /editor/api/captions",
        new Race(
            ANY, () -> n -> new Call("POST", API + "/captions", captions.replace("#", "" + n))));
    races.put(
        "PUT /editor/api/captions/{name}",
        new Race(
            1,
            () -> {
              String name =
                  editor
                      .post(API + "/captions", captions.replace("#", fresh()))
                      .json()
                      .path("name")
                      .asString();
              return n -> new Call("PUT", API + "/captions/" + name, captions.replace("#", "" + n));
            }));
  }

  /** An item in which something is advised. */
  private String skipping() {
    String key = Items.begin(editor);
    Items.save(editor, key, Items.content(fresh(), "s", "<h3>Too low</h3>", "visit", null));
    return key;
  }

  /** What is found in it. */
  private String skipped(String key) {
    return Items.view(editor, key).at("/state/findings/0/id").asString();
  }

  private static Hand several(String key, String path) {
    return n ->
        new Call(
            "POST",
            API + path,
            "{\"keys\":[\""
                + key
                + "\"],\"addKeywords\":[\"k"
                + n
                + "\"],\"told\":\"One of "
                + n
                + ".\"}");
  }

  private Hand ofBulk(String what) {
    Call begin = several(item(), "/bulk").of(0);
    long id = editor.post(begin.path(), begin.body()).json().path("id").asLong();
    return n -> new Call("POST", API + "/bulk/" + id + what, "{}");
  }
}

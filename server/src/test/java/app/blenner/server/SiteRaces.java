package app.blenner.server;

import tools.jackson.databind.node.ObjectNode;

/** Races for the site as a whole and its people. */
final class SiteRaces extends RaceTable {
  SiteRaces(Running running) {
    super(running);
    site();
    people();
  }

  private void site() {
    races.put(
        "POST /editor/api/site/sections",
        new Race(
            1,
            () -> {
              String body = "{\"name\":\"" + fresh() + "\",\"description\":\"\",\"topics\":[]}";
              return n -> new Call("POST", API + "/site/sections", body);
            }));
    races.put(
        "POST /editor/api/kinds",
        new Race(
            1,
            () -> {
              String body = kind("k" + count.incrementAndGet());
              return n -> new Call("POST", API + "/kinds", body);
            }));
    races.put(
        "PUT /editor/api/kinds/{name}",
        new Race(
            1,
            () -> {
              String body = kind(addedKind());
              String name = body.replaceAll(".*\"name\":\"([a-z0-9]+)\".*", "$1");
              return n ->
                  new Call(
                      "PUT",
                      API + "/kinds/" + name,
                      body.replace("\"help\":\"\"", "\"help\":\"" + n + "\""));
            }));
    races.put(
        "DELETE /editor/api/kinds/{name}",
        new Race(
            1,
            () -> {
              String name = addedKind();
              return n -> new Call("DELETE", API + "/kinds/" + name, "");
            }));
    races.put(
        "PUT /editor/api/site/sections/{slug}",
        new Race(
            1,
            () -> {
              String name = fresh();
              return n ->
                  new Call(
                      "PUT",
                      API + "/site/sections/visit",
                      "{\"name\":\""
                          + name
                          + " by "
                          + n
                          + "\",\"description\":\"\",\"topics\":[]}");
            }));
    races.put(
        "POST /editor/api/site/sections/{slug}/move",
        new Race(
            1,
            () -> {
              String one = addedSection();
              String other = addedSection();
              // Half of them would make a circle with the other half.
              return n ->
                  new Call(
                      "POST",
                      API + "/site/sections/" + (n % 2 == 0 ? one : other) + "/move",
                      "{\"parent\":\"" + (n % 2 == 0 ? other : one) + "\",\"before\":\"\"}");
            }));
    races.put(
        "POST /editor/api/site/sections/{slug}/giving-up",
        new Race(
            1,
            () -> {
              String slug = addedSection();
              return n ->
                  new Call(
                      "POST",
                      API + "/site/sections/" + slug + "/giving-up",
                      n % 2 == 0 ? "{\"to\":\"visit\"}" : "{\"to\":\"\"}");
            }));
    races.put(
        "PUT /editor/api/site/menus",
        new Race(
            1,
            () -> {
              String label = fresh();
              return n ->
                  new Call(
                      "PUT",
                      API + "/site/menus",
                      "{\"ofSections\":true,\"main\":[],\"foot\":[{\"to\":\"SECTION\",\"target\":\"visit\",\"label\":\""
                          + label
                          + " by "
                          + n
                          + "\"}]}");
            }));
    races.put(
        "PUT /editor/api/site/menus/items/{key}",
        new Race(
            1,
            () -> {
              String key = item();
              return n ->
                  new Call(
                      "PUT",
                      API + "/site/menus/items/" + key,
                      "{\"main\":" + (n % 2 == 0) + ",\"foot\":true}");
            }));
    races.put(
        "POST /editor/api/archive/standing/{id}/stop",
        // Nothing is under way: each is told so.
        new Race(0, () -> n -> new Call("POST", API + "/archive/standing/999/stop", "{}")));
    races.put(
        "PUT /editor/api/looking",
        new Race(ANY, () -> n -> new Call("PUT", API + "/looking", "{\"stopped\":false}")));
    races.put(
        "PUT /editor/api/storage",
        new Race(
            1,
            () -> {
              int base = 100_000 + 1_000 * count.incrementAndGet();
              return n ->
                  new Call("PUT", API + "/storage", "{\"site\":" + (base + n) + ",\"person\":0}");
            }));
    races.put(
        "PUT /editor/api/site/front",
        new Race(
            1,
            () -> {
              String key = item();
              return n ->
                  new Call(
                      "PUT",
                      API + "/site/front",
                      "{\"composed\":\"" + key + "\",\"listed\":" + (n % 2 == 0) + "}");
            }));
    races.put(
        "PUT /editor/api/site",
        new Race(
            1,
            () -> {
              String name = fresh();
              return n ->
                  new Call(
                      "PUT",
                      API + "/site",
                      "{\"name\":\""
                          + name
                          + " by "
                          + n
                          + "\",\"tagline\":\"\",\"language\":\"en\"}");
            }));
    ObjectNode external = (ObjectNode) editor.get(API + "/site/external").json();
    races.put(
        "PUT /editor/api/site/external",
        new Race(
            1,
            () -> {
              String name = fresh().replace(' ', '.');
              return n ->
                  new Call(
                      "PUT",
                      API + "/site/external",
                      external.put("contactAddress", name + n + "@example.org").toString());
            }));
    races.put(
        "POST /editor/api/outlines",
        new Race(
            1,
            () -> {
              String body = outline(fresh());
              return n -> new Call("POST", API + "/outlines", body);
            }));
    races.put("PUT /editor/api/outlines/{id}", new Race(1, () -> onOutline("PUT", "")));
    races.put("DELETE /editor/api/outlines/{id}", new Race(1, () -> onOutline("DELETE", "")));
    races.put(
        "POST /editor/api/outlines/{id}/copy", new Race(ANY, () -> onOutline("POST", "/copy")));
    races.put("PUT /editor/api/messages/{id}", new Race(1, () -> message("PUT")));
    races.put("DELETE /editor/api/messages/{id}", new Race(1, () -> message("DELETE")));
    races.put(
        "POST /editor/api/archive/before/{name}",
        new Race(0, all("POST", API + "/archive/before/before-1.zip", "{}")));
    races.put(
        "POST /editor/api/people",
        new Race(
            1,
            () -> {
              String body =
                  with(
                          "signIn",
                          fresh().replace(' ', '.'),
                          "name",
                          "Somebody",
                          "role",
                          "WRITER",
                          "password",
                          "tall-heron-listens")
                      .toString();
              return n -> new Call("POST", API + "/people", body);
            }));
    races.put(
        "POST /editor/api/session/demo",
        new Race(ANY, all("POST", API + "/session/demo", "{\"signIn\":\"ilse\"}")));
    races.put(
        "POST /editor/api/session/first-account",
        new Race(
            0,
            all(
                "POST",
                API + "/session/first-account",
                "{\"word\":\"x\",\"signIn\":\"me\",\"name\":\"Me\",\"password\":\"tall-heron-listens\"}")));
  }

  private long person() {
    String body =
        with("signIn", fresh().replace(' ', '.'), "name", "Somebody", "role", "WRITER").toString();
    return editor.post(API + "/people", body).json().path("id").asLong();
  }

  private Start onPerson(String method, String tail, String body) {
    return () -> {
      String path = API + "/people/" + person() + tail;
      return n -> new Call(method, path, body.replace("#", String.valueOf(n)));
    };
  }

  private void people() {
    races.put(
        "PUT /editor/api/sign-in-policy",
        new Race(
            1,
            () -> {
              String path = API + "/sign-in-policy";
              editor.put(path, "{\"secondFor\":[\"WRITER\"]}");
              return n -> new Call("PUT", path, "{\"secondFor\":[]}");
            }));
    races.put(
        "PUT /editor/api/people/{id}",
        new Race(1, onPerson("PUT", "", with("name", "Other #", "role", "WRITER").toString())));
    races.put("POST /editor/api/people/{id}/link", new Race(ANY, onPerson("POST", "/link", "{}")));
    races.put(
        "POST /editor/api/people/{id}/deactivation",
        new Race(
            1,
            () -> {
              long heir = person();
              return onPerson("POST", "/deactivation", "{\"to\":" + heir + "}").begin();
            }));
    races.put(
        "POST /editor/api/people/{id}/activation",
        new Race(
            1,
            () -> {
              String path = API + "/people/" + person();
              editor.post(path + "/deactivation", "{\"to\":" + person() + "}");
              return n -> new Call("POST", path + "/activation", "{}");
            }));
    races.put(
        "DELETE /editor/api/people/{id}/sign-ins",
        new Race(ANY, onPerson("DELETE", "/sign-ins", "")));
    races.put(
        "DELETE /editor/api/people/{id}/second-factor",
        new Race(ANY, onPerson("DELETE", "/second-factor", "")));
    races.put(
        "POST /editor/api/session/link",
        new Race(0, all("POST", API + "/session/link", "{\"word\":\"none\"}")));
    races.put(
        "POST /editor/api/session/link/password",
        new Race(
            1,
            () -> {
              String address =
                  editor
                      .post(API + "/people/" + person() + "/link", "{}")
                      .json()
                      .path("address")
                      .asString();
              String body =
                  with(
                          "word",
                          address.replaceFirst(".*word=", ""),
                          "password",
                          "tall-heron-listens")
                      .toString();
              return n -> new Call("POST", API + "/session/link/password", body);
            }));
    races.put(
        "POST /editor/api/session/strength",
        new Race(
            ANY,
            all(
                "POST",
                API + "/session/strength",
                with("password", "tall heron listens", "signIn", "ilse").toString())));
    races.put(
        "PUT /editor/api/me",
        new Race(
            1,
            () -> {
              String name = fresh();
              return n -> new Call("PUT", API + "/me", "{\"name\":\"" + name + " by " + n + "\"}");
            }));
    races.put(
        "PUT /editor/api/me/password",
        new Race(
            0,
            all(
                "PUT",
                API + "/me/password",
                with("old", "x", "password", "tall-heron-listens").toString())));
    races.put(
        "DELETE /editor/api/me/sign-ins/{id}",
        new Race(0, all("DELETE", API + "/me/sign-ins/0000000000000000", "")));
    String held =
        "{\"name\":\"%1$s\",\"label\":\"%1$s\",\"about\":\"\",\"groups\":[{\"label\":\"Text\","
            + "\"buttons\":[\"paragraph\"],\"menu\":[]}],\"only\":{},\"uses\":[]}";
    races.put(
        "POST /editor/api/toolsets",
        new Race(
            1,
            () -> {
              String body = held.formatted("t" + count.incrementAndGet());
              return n -> new Call("POST", API + "/toolsets", body);
            }));
    races.put(
        "PUT /editor/api/toolsets/{name}",
        new Race(
            1,
            () -> {
              String name = addedToolset(held);
              String body = held.formatted(name);
              return n ->
                  new Call(
                      "PUT",
                      API + "/toolsets/" + name,
                      body.replace("\"about\":\"\"", "\"about\":\"" + n + "\""));
            }));
    races.put(
        "DELETE /editor/api/toolsets/{name}",
        new Race(
            1,
            () -> {
              String name = addedToolset(held);
              return n -> new Call("DELETE", API + "/toolsets/" + name, "");
            }));
    String links =
        "{\"links\":[{\"name\":\"N\",\"pattern\":\"N-\\\\d\",\"address\":\"https://example.com/{0}\"}]}";
    races.put(
        "POST /editor/api/set-up/file",
        new Race(
            ANY, all("POST", API + "/set-up/file", "{\"yaml\":\"contact-address: a@b.example\"}")));
    races.put(
        "PUT /editor/api/merge-fields",
        new Race(
            1,
            () -> {
              String name = "f" + count.incrementAndGet();
              return n ->
                  new Call(
                      "PUT",
                      API + "/merge-fields",
                      "{\"fields\":[{\"name\":\"%s\",\"label\":\"F\",\"source\":\"TEXT\",\"text\":\"%d\",\"form\":\"LONG\"}]}"
                          .formatted(name, n));
            }));
    races.put(
        "PUT /editor/api/rules",
        new Race(
            1,
            () -> {
              int base = 100 * count.incrementAndGet();
              return n -> new Call("PUT", API + "/rules", rules(base + n));
            }));
    races.put(
        "POST /editor/api/rules/trials",
        new Race(
            ANY,
            () -> {
              String rules = rules(count.incrementAndGet());
              return n -> new Call("POST", API + "/rules/trials", rules);
            }));
    races.put(
        "DELETE /editor/api/rules/trials/{id}",
        new Race(0, all("DELETE", API + "/rules/trials/0", "")));
    races.put(
        "POST /editor/api/outside/asked", new Race(ANY, all("POST", API + "/outside/asked", "{}")));
    races.put(
        "POST /editor/api/outside/{id}/asked",
        new Race(0, all("POST", API + "/outside/none/asked", "{}")));
    races.put("POST /editor/api/report", new Race(ANY, all("POST", API + "/report", "{}")));
    races.put("DELETE /editor/api/report", new Race(ANY, all("DELETE", API + "/report", "")));
    races.put(
        "PUT /editor/api/reference-links",
        new Race(
            1,
            () -> {
              String name = "{\"name\":\"N" + count.incrementAndGet();
              return n ->
                  new Call(
                      "PUT",
                      API + "/reference-links",
                      links.replace("{\"name\":\"N", name + "by" + n));
            }));
    races.put(
        "POST /editor/api/reference-links/tried",
        new Race(
            ANY,
            all(
                "POST",
                API + "/reference-links/tried",
                "{\"links\":" + links + ",\"text\":\"N-1\"}")));
    races.put(
        "POST /editor/api/reference-links/found",
        new Race(ANY, all("POST", API + "/reference-links/found", "{\"texts\":[\"N-1\"]}")));
    races.put(
        "PUT /editor/api/me/settings/{setting}",
        new Race(ANY, all("PUT", API + "/me/settings/cards", "{\"value\":[1]}")));
    races.put(
        "DELETE /editor/api/me/settings/{setting}",
        new Race(ANY, all("DELETE", API + "/me/settings/cards", "")));
    races.put(
        "DELETE /editor/api/me/settings", new Race(ANY, all("DELETE", API + "/me/settings", "")));
    races.put(
        "POST /editor/api/me/second-factor",
        // Nobody knows the password: each is told so.
        new Race(0, all("POST", API + "/me/second-factor", "{\"password\":\"x\",\"code\":\"\"}")));
    races.put(
        "PUT /editor/api/me/second-factor",
        new Race(0, all("PUT", API + "/me/second-factor", "{\"digits\":\"1\"}")));
    races.put(
        "POST /editor/api/me/second-factor/off",
        new Race(
            0, all("POST", API + "/me/second-factor/off", "{\"password\":\"x\",\"code\":\"\"}")));
  }

  private static String outline(String name) {
    return "{\"name\":\""
        + name
        + "\",\"about\":\"\",\"kinds\":[\"ARTICLE\"],\"body\":\"<h2>A</h2>\"}";
  }

  private Hand onOutline(String method, String tail) {
    String name = fresh();
    long id = editor.post(API + "/outlines", outline(name)).json().path("id").asLong();
    return n -> new Call(method, API + "/outlines/" + id + tail, outline(name + " by " + n));
  }

  private static String kind(String name) {
    return "{\"name\":\""
        + name
        + "\",\"label\":\"Kind "
        + name
        + "\",\"plural\":\"Kinds\",\"help\":\"\",\"news\":true,\"unfolds\":false,\"cards\":[]}";
  }

  private String addedKind() {
    String name = "k" + count.incrementAndGet();
    editor.post(API + "/kinds", kind(name));
    return name;
  }

  private Hand message(String method) {
    var database = running.bean(org.springframework.jdbc.core.JdbcTemplate.class);
    database.update(
        "insert into message (item_key, item_title, received_at, answers, letter, is_read) values ('red-torch', 't', now(), '[]', 'l', false)");
    Long id = database.queryForObject("select max(id) from message", Long.class);
    return n -> new Call(method, API + "/messages/" + id, "{\"read\":true}");
  }

  private String addedToolset(String held) {
    String name = "t" + count.incrementAndGet();
    editor.post(API + "/toolsets", held.formatted(name));
    return name;
  }

  /** Rules that are set for one kind, otherwise each time. */
  private String rules(int number) {
    return "{\"kinds\":[{\"kind\":\"page\",\"rules\":[{\"rule\":\"list-of-one\",\"weight\":\"LOOK\",\"numbers\":{},\"words\":[],\"wording\":\"No. %d\",\"overrule\":\"NOBODY\"}]}]}"
        .formatted(number);
  }

  private String addedSection() {
    String body = "{\"name\":\"" + fresh() + "\",\"description\":\"\",\"topics\":[]}";
    return editor.post(API + "/site/sections", body).json().path("slug").asString();
  }
}

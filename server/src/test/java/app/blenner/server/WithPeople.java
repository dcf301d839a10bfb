package app.blenner.server;

import static org.testng.Assert.assertEquals;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A server of its own with people made for a test, who each have a password. */
abstract class WithPeople {
  static final String ME = "/editor/api/me";
  static final String PEOPLE = "/editor/api/people";
  static final String GOOD = "tall-heron-listens";

  final Path data = folder();
  final Running running = Running.at("demo", data);
  final Visitor editor = running.signedIn("ilse");
  int count;

  static Path folder() {
    try {
      return Files.createTempDirectory("blenner-people");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  static String json(String... pairs) {
    ObjectNode out = JsonMapper.shared().createObjectNode();
    for (int i = 0; i < pairs.length; i += 2) {
      out.put(pairs[i], pairs[i + 1]);
    }
    return out.toString();
  }

  /** A person of their own with a password, and their number. */
  JsonNode somebody(String role) {
    String name = "person" + ++count;
    Answer made =
        editor.post(
            PEOPLE,
            json("signIn", name, "name", "Person " + count, "role", role, "password", GOOD));
    assertEquals(made.status(), 200, made.text());
    return made.json();
  }

  Answer tries(Visitor who, String name, String password, String... more) {
    who.get("/editor/api/session");
    List<String> all = new ArrayList<>(List.of("signIn", name, "password", password));
    all.addAll(List.of(more));
    return who.post("/editor/api/session", json(all.toArray(String[]::new)));
  }

  Visitor in(JsonNode person) {
    Visitor who = running.visitor();
    Answer in = tries(who, person.path("signIn").asString(), GOOD);
    assertEquals(in.status(), 200, in.text());
    return who;
  }

  String trail() {
    return editor.get(PEOPLE + "/trail").text();
  }

  static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

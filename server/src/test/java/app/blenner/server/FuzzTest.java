package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation of the interface's own description, asked with what it does not expect: other types, limits and beyond,
 * nothing, too much, twice, and all of Unicode. Whatever is sent, nobody is told that Blenner made a mistake.
 */
public class FuzzTest {
  private static final long SEED = 20261126;
  private static final int EACH = Integer.getInteger("blenner.fuzz", 12);

  private static final String[] WORDS = {
    "",
    " ",
    "red-torch",
    "red-torch.jpg",
    "visit",
    "\u0000",
    "\uD800",
    "\uFFFE\uFFFF",
    "א\u202Eb\u200F",
    "👩‍👩‍👧‍👦".repeat(20),
    "a\u0301".repeat(200),
    "../../etc/passwd",
    "%2e%2e%2f",
    "'; drop table item; --",
    "<script>alert(1)</script>",
    "${7*7}#{7*7}",
    "\\",
    "\"",
    "null",
    "-1",
    "1e999",
    "99999999999999999999",
    "true",
    "x".repeat(300),
    "x".repeat(70_000),
    "a\nb\rc\td",
    "2026-13-45T99:99:99Z",
    "(".repeat(3000),
    "<b>".repeat(3000),
  };

  private Running running;
  private Visitor editor;
  private JsonNode description;

  @BeforeClass
  public void start() throws Exception {
    running = Running.fresh("demo");
    editor = running.signedIn("ilse");
    description = JsonMapper.shared().readTree(Files.readString(Path.of("openapi.json")));
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    running.close();
  }

  @DataProvider
  Object[][] operations() throws Exception {
    JsonNode all = JsonMapper.shared().readTree(Files.readString(Path.of("openapi.json")));
    List<Object[]> out = new ArrayList<>();
    for (var path : all.path("paths").properties()) {
      for (String method : path.getValue().propertyNames()) {
        out.add(new Object[] {method.toUpperCase(), path.getKey()});
      }
    }
    return out.toArray(Object[][]::new);
  }

  @Test(dataProvider = "operations")
  public void nothingThatIsSentIsAMistakeOfOurs(String method, String path) {
    JsonNode operation = description.path("paths").path(path).path(method.toLowerCase());
    Random random = new Random(SEED + (method + path).hashCode());
    for (int i = 0; i < EACH; i++) {
      String address = address(path, operation, random);
      String body = body(operation, random);
      if (path.equals("/editor/api/session") && method.equals("DELETE")) {
        continue; // it would sign the asker out
      }
      Answer a = editor.send(method, address, body);
      String sent = method + " " + shortened(address) + " " + shortened(body);
      assertTrue(
          a.status() < 500 || a.status() == 503 && path.contains("/session"),
          sent + ": " + a.status() + " " + shortened(a.text()));
      if (a.status() >= 400 && path.startsWith("/editor/api") && !a.text().isEmpty()) {
        // An address that is too long is refused before anybody knows what it was of.
        assertTrue(
            a.text().contains("\"detail\"") || address.length() > 6_000,
            sent + ": " + shortened(a.text()));
      }
      if (editor.get("/editor/api/me").status() == 401) {
        editor = running.signedIn("ilse");
      }
    }
  }

  /** After all of it the server is as it was: pages are there, and saving works. */
  @Test(dependsOnMethods = "nothingThatIsSentIsAMistakeOfOurs")
  public void andThenItStillWorks() {
    Visitor after = running.signedIn("ilse");
    assertEquals(running.visitor().get("/").status(), 200);
    String key = Items.begin(after);
    assertEquals(
        Items.save(after, key, Items.content("Still here", "s", "<p>x</p>", "", null)).status(),
        200);
  }

  private String address(String path, JsonNode operation, Random random) {
    String address = path;
    StringBuilder query = new StringBuilder();
    for (JsonNode p : operation.path("parameters")) {
      String name = p.path("name").asString();
      String value = word(p.path("schema"), random);
      if (p.path("in").asString().equals("path")) {
        String part = value.isEmpty() ? "x" : value;
        address =
            address.replace(
                "{" + name + "}", encoded(part.substring(0, Math.min(500, part.length()))));
      } else if (random.nextInt(4) > 0) {
        for (int n = 1 + random.nextInt(2); n > 0; n--) {
          query
              .append(query.isEmpty() ? '?' : '&')
              .append(encoded(name))
              .append('=')
              .append(encoded(value.substring(0, Math.min(2000, value.length()))));
        }
      }
    }
    return address + query;
  }

  private static String encoded(String value) {
    return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
  }

  /** What fits the schema, now and then; else any word. */
  private static String word(JsonNode schema, Random random) {
    if (schema.has("enum") && random.nextBoolean()) {
      return schema.path("enum").get(random.nextInt(schema.path("enum").size())).asString();
    }
    if (schema.path("type").asString().equals("integer") && random.nextBoolean()) {
      return String.valueOf(random.nextInt(4) - 1);
    }
    return WORDS[random.nextInt(WORDS.length)];
  }

  private String body(JsonNode operation, Random random) {
    JsonNode schema =
        operation.path("requestBody").path("content").path("application/json").path("schema");
    if (schema.isMissingNode()) {
      return "";
    }
    return switch (random.nextInt(10)) {
      case 0 -> "";
      case 1 -> "{";
      case 2 -> "[".repeat(5000);
      case 3 -> "\"" + "x".repeat(100) + "\"";
      default -> value(schema, random, 0).toString();
    };
  }

  private JsonNode value(JsonNode schema, Random random, int depth) {
    JsonNodeFactory make = JsonNodeFactory.instance;
    if (random.nextInt(12) == 0 || depth > 6) {
      return switch (random.nextInt(5)) {
        case 0 -> make.nullNode();
        case 1 -> make.numberNode(random.nextLong());
        case 2 -> make.booleanNode(true);
        case 3 -> make.arrayNode();
        default -> make.objectNode();
      };
    }
    if (schema.has("$ref")) {
      String name = schema.path("$ref").asString().replaceFirst(".*/", "");
      return value(description.path("components").path("schemas").path(name), random, depth + 1);
    }
    return switch (schema.path("type").asString()) {
      case "object" -> {
        ObjectNode out = make.objectNode();
        for (var p : schema.path("properties").properties()) {
          if (random.nextInt(10) > 0) {
            out.set(p.getKey(), value(p.getValue(), random, depth + 1));
          }
        }
        yield out;
      }
      case "array" -> {
        ArrayNode out = make.arrayNode();
        int many = random.nextInt(20) == 0 ? 3000 : random.nextInt(4);
        JsonNode one = value(schema.path("items"), random, depth + 1);
        for (int i = 0; i < many; i++) {
          out.add(i % 2 == 0 || many > 100 ? one : value(schema.path("items"), random, depth + 1));
        }
        yield out;
      }
      case "integer" ->
          make.numberNode(
              new long[] {0, 1, -1, Integer.MAX_VALUE, Long.MIN_VALUE}[random.nextInt(5)]);
      case "number" -> make.numberNode(new double[] {0, 0.5, -1e300, 1e300}[random.nextInt(4)]);
      case "boolean" -> make.booleanNode(random.nextBoolean());
      default -> make.stringNode(word(schema, random));
    };
  }

  private static String shortened(String text) {
    return text.length() <= 300 ? text : text.substring(0, 300) + "… (" + text.length() + ")";
  }
}

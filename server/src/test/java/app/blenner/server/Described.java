package app.blenner.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The operations that the interface's own description tells of, such as “PUT /editor/api/site”. */
final class Described {
  private Described() {}

  private static JsonNode read() {
    try {
      return JsonMapper.shared().readTree(Files.readString(Path.of("openapi.json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Those that change something. */
  static Set<String> changing() {
    return those(operation -> true);
  }

  /** Those that have to say which revision they build on. */
  static Set<String> ifMatch() {
    return those(
        operation ->
            operation
                .path("parameters")
                .valueStream()
                .anyMatch(
                    p ->
                        p.path("name").asString().equals("If-Match")
                            && p.path("required").asBoolean()));
  }

  /** What can be asked, with the names of its parameters. */
  static Map<String, List<String>> asking() {
    Map<String, List<String>> out = new TreeMap<>();
    read()
        .path("paths")
        .properties()
        .forEach(
            path -> {
              JsonNode get = path.getValue().path("get");
              if (!get.isMissingNode()) {
                out.put(
                    path.getKey(),
                    get.path("parameters")
                        .valueStream()
                        .map(p -> p.path("name").asString())
                        .toList());
              }
            });
    return out;
  }

  private static Set<String> those(Predicate<JsonNode> wanted) {
    Set<String> out = new TreeSet<>();
    read()
        .path("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        method -> {
                          if (!method.getKey().equals("get") && wanted.test(method.getValue())) {
                            out.add(method.getKey().toUpperCase() + " " + path.getKey());
                          }
                        }));
    return out;
  }
}

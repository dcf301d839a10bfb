package app.blenner.core.archive;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Collection;
import java.util.Collections;
import java.util.Date;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.Tag;
import org.yaml.snakeyaml.representer.Representer;

/** The fields of a file as YAML 1.1, read and written. */
final class YamlFields {
  /** Far deeper than anything Blenner writes. */
  private static final int DEEPEST = 50;

  private final Map<String, Object> values;
  private final String where;

  private YamlFields(Map<String, Object> values, String where) {
    this.values = values;
    this.where = where;
  }

  static YamlFields none(String where) {
    return new YamlFields(new LinkedHashMap<>(), where);
  }

  /**
   * Reads fields.
   *
   * @param where the name of the file, for what is told of mistakes
   */
  static YamlFields read(String yaml, String where) {
    try {
      LoaderOptions options = new LoaderOptions();
      options.setMaxAliasesForCollections(20);
      options.setCodePointLimit(50_000_000);
      Object loaded = new Yaml(new SafeConstructor(options)).load(yaml);
      holdsNotItself(loaded, where, Collections.newSetFromMap(new IdentityHashMap<>()));
      return new YamlFields(mapOf(loaded, where), where);
    } catch (YAMLException e) {
      throw new IllegalArgumentException(
          where
              + " is not the YAML it should be: "
              + e.getMessage().lines().findFirst().orElse(""));
    }
  }

  /** An alias can stand within what it names: nothing that follows such fields ever comes to an end. */
  private static void holdsNotItself(Object value, String where, Set<Object> around) {
    Collection<?> parts =
        value instanceof Map<?, ?> m
            ? m.values()
            : value instanceof Collection<?> c ? c : List.of();
    if (parts.isEmpty()) {
      return;
    }
    if (around.size() >= DEEPEST || !around.add(value)) {
      throw new IllegalArgumentException(
          where + " holds something that stands within itself, or far too deep.");
    }
    parts.forEach(part -> holdsNotItself(part, where, around));
    around.remove(value);
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> mapOf(Object value, String where) {
    if (value == null) {
      return Map.of();
    }
    if (!(value instanceof Map<?, ?>)) {
      throw new IllegalArgumentException(where + " should hold names with values.");
    }
    for (Object name : ((Map<?, ?>) value).keySet()) {
      if (!(name instanceof String)) {
        throw new IllegalArgumentException(where + ": “" + name + "” should be a name in letters.");
      }
    }
    return (Map<String, Object>) value;
  }

  YamlFields put(String name, Object value) {
    boolean empty =
        value == null
            || value.equals("")
            || (value instanceof List<?> l && l.isEmpty())
            || (value instanceof Map<?, ?> m && m.isEmpty());
    if (!empty) {
      values.put(name, value instanceof Instant i ? i.toString() : value);
    }
    return this;
  }

  /** What these are the fields of, for what is told of mistakes. */
  String where() {
    return where;
  }

  Map<String, Object> values() {
    return values;
  }

  String text(String name) {
    return textOf(name, values.get(name));
  }

  private String textOf(String name, Object value) {
    if (value instanceof Map<?, ?> || value instanceof Collection<?> || value instanceof byte[]) {
      throw new IllegalArgumentException(
          where + ": “" + name + "” should be words, and nothing else.");
    }
    return value instanceof Date d
        ? d.toInstant().toString()
        : value == null ? "" : value.toString();
  }

  int number(String name) {
    try {
      return Integer.parseInt(text(name));
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(where + ": “" + name + "” should be a number.");
    }
  }

  boolean has(String name) {
    return values.containsKey(name);
  }

  boolean isSet(String name) {
    String said = text(name);
    if (!said.isEmpty() && !said.equals("true") && !said.equals("false")) {
      throw new IllegalArgumentException(where + ": “" + name + "” should be true or false.");
    }
    return said.equals("true");
  }

  YamlFields section(String name) {
    return new YamlFields(mapOf(values.get(name), where), where);
  }

  List<YamlFields> all(String name) {
    if (values.get(name) == null) {
      return List.of();
    }
    if (!(values.get(name) instanceof List<?> list)) {
      throw new IllegalArgumentException(where + ": “" + name + "” should be a list.");
    }
    return list.stream().map(v -> new YamlFields(mapOf(v, where), where)).toList();
  }

  /** A list of words, also where they stand in one line with commas. */
  List<String> words(String name) {
    Object value = values.get(name);
    if (value instanceof List<?> list) {
      return list.stream().map(v -> textOf(name, v)).toList();
    }
    return value == null ? List.of() : List.of(textOf(name, value).split(",\\s*"));
  }

  Instant time(String name, Instant otherwise) {
    if (!has(name)) {
      return otherwise;
    }
    try {
      return Instant.parse(text(name));
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException(
          where + ": “" + name + "” should be a time such as 2026-11-24T20:15:00Z.");
    }
  }

  <E extends Enum<E>> E pick(Class<E> type, String name) {
    return pick(type, name, text(name));
  }

  <E extends Enum<E>> E pick(Class<E> type, String name, String label) {
    try {
      return Enum.valueOf(type, label.strip().toUpperCase(Locale.ROOT).replace(' ', '_'));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(
          where + ": “" + label + "” is no " + name + " that Blenner knows.");
    }
  }

  static String label(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  String yaml() {
    return yaml(values);
  }

  static String yaml(Object values) {
    DumperOptions options = new DumperOptions();
    options.setDefaultFlowStyle(DumperOptions.FlowStyle.BLOCK);
    options.setAllowUnicode(true);
    options.setWidth(100);
    options.setSplitLines(false);
    return new Yaml(new OneLine(options), options).dump(values);
  }

  /**
   * YAML 1.1 takes the line and paragraph separators of Unicode for line breaks (4.2, b-char), and would write what holds
   * one over several lines, one of which can look like the end of the fields.
   */
  private static final class OneLine extends Representer {
    OneLine(DumperOptions options) {
      super(options);
    }

    @Override
    protected Node representScalar(Tag tag, String value, DumperOptions.ScalarStyle style) {
      boolean broken = value.chars().anyMatch(c -> c == 0x85 || c == 0x2028 || c == 0x2029);
      return super.representScalar(
          tag, value, broken ? DumperOptions.ScalarStyle.DOUBLE_QUOTED : style);
    }
  }
}

package app.blenner.core.toolset;

import app.blenner.core.signoff.Role;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Toolsets as plain data: texts, lists, and names with values. */
public final class ToolsetData {
  private ToolsetData() {}

  /** A toolset as plain data. */
  public static Map<String, Object> write(Toolset set) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("name", set.name());
    out.put("label", set.label());
    out.put("about", set.about());
    out.put("groups", set.groups().stream().map(ToolsetData::write).toList());
    Map<String, Object> only = new LinkedHashMap<>();
    for (Choice choice : Choice.values()) {
      if (set.only().containsKey(choice)) {
        only.put(choice.label(), set.only().get(choice));
      }
    }
    out.put("only", only);
    out.put("uses", set.uses().stream().map(ToolsetData::write).toList());
    return out;
  }

  private static Map<String, Object> write(ToolGroup group) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("label", group.label());
    out.put("buttons", group.buttons());
    out.put("menu", group.menu());
    return out;
  }

  private static Map<String, Object> write(Use use) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("kind", use.kind());
    out.put("field", use.field());
    out.put("role", use.role() == null ? "" : use.role().name().toLowerCase(Locale.ROOT));
    return out;
  }

  /**
   * Reads what {@link #write} wrote. What is missing is as if it were empty.
   *
   * @throws IllegalArgumentException with a sentence, where it is no sound toolset
   */
  public static Toolset read(Map<?, ?> data) {
    Map<Choice, List<String>> only = new EnumMap<>(Choice.class);
    if (data.get("only") instanceof Map<?, ?> map) {
      map.forEach((choice, values) -> only.put(choiceOf(String.valueOf(choice)), textsOf(values)));
    }
    Toolset read =
        new Toolset(
            text(data.get("name")),
            text(data.get("label")),
            text(data.get("about")),
            maps(data.get("groups")).stream()
                .map(
                    g ->
                        new ToolGroup(
                            text(g.get("label")),
                            textsOf(g.get("buttons")),
                            textsOf(g.get("menu"))))
                .toList(),
            only,
            maps(data.get("uses")).stream()
                .map(u -> new Use(text(u.get("kind")), text(u.get("field")), roleOf(u.get("role"))))
                .toList());
    List<String> problems = read.problems();
    if (!problems.isEmpty()) {
      throw new IllegalArgumentException(
          "The toolset “" + read.label() + "”: " + String.join(" ", problems));
    }
    return read;
  }

  private static Choice choiceOf(String label) {
    try {
      return Choice.valueOf(label.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("A toolset cannot narrow “" + label + "”.");
    }
  }

  private static Role roleOf(Object data) {
    String name = text(data);
    try {
      return name.isEmpty() ? null : Role.valueOf(name.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("There is no role “" + name + "”.");
    }
  }

  private static String text(Object data) {
    return data == null ? "" : data.toString();
  }

  private static List<String> textsOf(Object data) {
    return data instanceof List<?> list ? list.stream().map(ToolsetData::text).toList() : List.of();
  }

  private static List<Map<?, ?>> maps(Object data) {
    List<Map<?, ?>> out = new ArrayList<>();
    if (data instanceof List<?> list) {
      for (Object one : list) {
        if (one instanceof Map<?, ?> map) {
          out.add(map);
        }
      }
    }
    return out;
  }
}

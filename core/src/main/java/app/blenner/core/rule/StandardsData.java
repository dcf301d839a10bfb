package app.blenner.core.rule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** What a site asks of its items as plain data, for files and stores. */
public final class StandardsData {
  /** The name under which a file says what holds for every kind; no kind can be called so. */
  private static final String EVERY = "every kind";

  private StandardsData() {}

  /** As plain data: the names of kinds, and by the ids of rules how each is set; what is as it comes is left out. */
  public static Map<String, Object> write(Standards standards) {
    Map<String, Object> out = new LinkedHashMap<>();
    new TreeMap<>(standards.settings())
        .forEach((kind, settings) -> out.put(kind.isEmpty() ? EVERY : kind, write(settings)));
    return out;
  }

  private static Map<String, Object> write(Settings settings) {
    Map<String, Object> out = new LinkedHashMap<>();
    new TreeMap<>(settings.rules()).forEach((id, setting) -> out.put(id, write(setting)));
    return out;
  }

  private static Map<String, Object> write(Setting setting) {
    Map<String, Object> out = new LinkedHashMap<>();
    if (setting.weight() != null) {
      out.put("weight", labelOf(setting.weight()));
    }
    if (!setting.numbers().isEmpty()) {
      out.put("numbers", new TreeMap<>(setting.numbers()));
    }
    if (!setting.words().isEmpty()) {
      out.put("words", setting.words());
    }
    if (!setting.wording().isEmpty()) {
      out.put("wording", setting.wording());
    }
    if (setting.overrule() != WaiverPolicy.NOBODY) {
      out.put("overrule", labelOf(setting.overrule()));
    }
    return out;
  }

  /**
   * Reads what {@link #write} wrote, or what somebody wrote by hand.
   *
   * @throws IllegalArgumentException with a sentence, where it makes no sense
   */
  public static Standards read(Map<?, ?> data) {
    Map<String, Settings> out = new LinkedHashMap<>();
    data.forEach(
        (key, settings) -> {
          String kind = String.valueOf(key);
          out.put(
              kind.equals(EVERY) ? Standards.EVERY_KIND : kind, settingsOf(map(kind, settings)));
        });
    return new Standards(out);
  }

  private static Settings settingsOf(Map<?, ?> data) {
    Map<String, Setting> out = new LinkedHashMap<>();
    data.forEach(
        (id, setting) ->
            out.put(
                String.valueOf(id), setting(String.valueOf(id), map(String.valueOf(id), setting))));
    return new Settings(out);
  }

  private static Setting setting(String id, Map<?, ?> data) {
    Map<String, Integer> numbers = new LinkedHashMap<>();
    if (data.get("numbers") != null) {
      map(id, data.get("numbers"))
          .forEach(
              (name, number) -> {
                if (!(number instanceof Integer n)) {
                  throw new IllegalArgumentException(
                      "Rule “" + id + "”: “" + name + "” should be a whole number.");
                }
                numbers.put(String.valueOf(name), n);
              });
    }
    return new Setting(
        data.get("weight") == null ? null : pick(RuleSeverity.class, id, data.get("weight")),
        numbers,
        words(id, data.get("words")),
        data.get("wording") == null ? "" : String.valueOf(data.get("wording")),
        data.get("overrule") == null
            ? WaiverPolicy.NOBODY
            : pick(WaiverPolicy.class, id, data.get("overrule")));
  }

  private static List<String> words(String id, Object data) {
    if (data == null) {
      return List.of();
    }
    if (!(data instanceof List<?> list)) {
      throw new IllegalArgumentException("Rule “" + id + "”: its words should be a list.");
    }
    return list.stream().map(String::valueOf).toList();
  }

  private static Map<?, ?> map(String of, Object data) {
    if (!(data instanceof Map<?, ?> map)) {
      throw new IllegalArgumentException(
          "In the rules, “" + of + "” should hold names with values.");
    }
    return map;
  }

  private static <E extends Enum<E>> E pick(Class<E> type, String id, Object data) {
    // YAML 1.1 reads a bare “off” as “no”.
    String said = Boolean.FALSE.equals(data) ? "off" : String.valueOf(data);
    try {
      return Enum.valueOf(type, said.strip().toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("Rule “" + id + "” cannot be set to “" + said + "”.", e);
    }
  }

  private static String labelOf(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}

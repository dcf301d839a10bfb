package app.blenner.core.kind;

import app.blenner.core.document.PlainText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Plain data read as what a field wants. */
final class FieldData {
  private FieldData() {}

  /** A text without what no text may hold; empty where this is something else. */
  static String toText(Object data) {
    return data instanceof String || data instanceof Number || data instanceof Boolean
        ? PlainText.legal(data.toString())
        : "";
  }

  /** A text in one line. */
  static String toLine(Object data) {
    return PlainText.toLine(toText(data));
  }

  /** Several lines, without white space at their ends and empty ones around. */
  static List<String> toLines(Object data) {
    return toText(data).strip().lines().map(String::stripTrailing).toList();
  }

  /** A list of lines without empty ones; a single text is a list of one. */
  static List<String> toWords(Object data) {
    if (data instanceof List<?> list) {
      return list.stream().map(FieldData::toLine).filter(s -> !s.isEmpty()).toList();
    }
    String one = toLine(data);
    return one.isEmpty() ? List.of() : List.of(one);
  }

  /** Names with lines, in their order; empty where this is something else. */
  static Map<String, String> pairs(Object data) {
    Map<String, String> out = new LinkedHashMap<>();
    if (data instanceof Map<?, ?> map) {
      map.forEach((name, value) -> out.put(String.valueOf(name), toLine(value)));
    }
    return out;
  }

  /** A list of names with lines. */
  static List<Map<String, String>> toRows(Object data) {
    List<Map<String, String>> out = new ArrayList<>();
    if (data instanceof List<?> list) {
      list.forEach(row -> out.add(pairs(row)));
    }
    return out;
  }

  /** Null for what is empty: it is as if it were not there. */
  static Object orNothing(Object value) {
    boolean empty =
        "".equals(value)
            || (value instanceof List<?> l && l.isEmpty())
            || (value instanceof Map<?, ?> m && m.isEmpty());
    return empty ? null : value;
  }

  @SuppressWarnings("unchecked")
  static <T> T as(Object value) {
    return (T) value;
  }
}

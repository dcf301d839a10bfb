package app.blenner.core.item;

import app.blenner.core.document.PlainText;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is in an item's own fields, by their names, as plain data: a text, a yes or no, a list, or names with texts.
 * What a field makes of it is the field's affair, so that a change of a kind loses nothing.
 */
public final class Values {
  /** Lists within lists and names within names go no deeper than the fields that there are. */
  private static final int DEEPEST = 3;

  /** Most letters of all values of an item together. */
  public static final long MOST_LETTERS = 2_000_000;

  private Values() {}

  /** How many letters values have together, their names included. */
  public static long letters(Object value) {
    if (value instanceof Map<?, ?> map) {
      return map.entrySet().stream()
          .mapToLong(e -> letters(e.getKey()) + letters(e.getValue()))
          .sum();
    }
    if (value instanceof List<?> list) {
      return list.stream().mapToLong(Values::letters).sum();
    }
    return value == null ? 0 : value.toString().length();
  }

  /** Plain data in its one form: by the order of the names, without what is empty, and unchangeable. */
  static Map<String, Object> toPlain(Map<String, ?> values) {
    Map<String, Object> out = new TreeMap<>();
    values.forEach(
        (name, value) -> {
          Object plain = toPlain(value, DEEPEST);
          if (plain != null) {
            out.put(name, plain);
          }
        });
    return Collections.unmodifiableMap(out);
  }

  private static Object toPlain(Object value, int depth) {
    if (value == null || depth == 0) {
      return null;
    }
    if (value instanceof Boolean) {
      return value;
    }
    if (value instanceof List<?> list) {
      List<Object> out = new ArrayList<>();
      for (Object one : list) {
        Object plain = toPlain(one, depth - 1);
        if (plain != null) {
          out.add(plain);
        }
      }
      return out.isEmpty() ? null : Collections.unmodifiableList(out);
    }
    if (value instanceof Map<?, ?> map) {
      Map<String, Object> out = new LinkedHashMap<>();
      map.forEach(
          (name, one) -> {
            String text = one == null ? "" : PlainText.legal(one.toString());
            out.put(PlainText.legal(String.valueOf(name)), text);
          });
      return out.isEmpty() ? null : Collections.unmodifiableMap(out);
    }
    String text = PlainText.legal(value.toString());
    return text.isEmpty() ? null : text;
  }
}

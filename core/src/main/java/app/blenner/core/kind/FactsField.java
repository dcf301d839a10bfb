package app.blenner.core.kind;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Names with values, such as “Height: 812 m”. Its value is a list of names with texts: {@code name} and {@code value}.
 *
 * @param head what every field has
 * @param most most facts
 */
public record FactsField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.FACTS;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(
        FieldData.toRows(data).stream()
            .map(
                r ->
                    FactsField.rowOf(
                        FieldData.toLine(r.get("name")), FieldData.toLine(r.get("value"))))
            .filter(r -> !r.get("name").isEmpty() || !r.get("value").isEmpty())
            .toList());
  }

  @Override
  public String problemWith(Object value) {
    List<Map<String, String>> rows = FieldData.as(value);
    boolean nameless = rows.stream().anyMatch(r -> r.get("name").isEmpty());
    return nameless
        ? head.label() + ": a value has no name yet."
        : Limits.problemWithCount(head, rows.size(), most, "facts");
  }

  @Override
  public void show(Object value, FieldOutput out) {
    Map<String, String> facts = new LinkedHashMap<>();
    FieldData.<List<Map<String, String>>>as(value)
        .forEach(
            r ->
                facts.merge(
                    r.get("name"), r.get("value"), (first, second) -> first + ", " + second));
    out.writeFacts(facts);
  }

  private static Map<String, String> rowOf(String name, String value) {
    Map<String, String> out = new LinkedHashMap<>();
    out.put("name", name);
    out.put("value", value);
    return out;
  }
}

package app.blenner.core.kind;

import java.util.List;
import java.util.Map;

/**
 * One line of plain text. Its value is a text.
 *
 * @param head what every field has
 * @param most most characters
 */
public record LineField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.LINE;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(FieldData.line(data));
  }

  @Override
  public String problem(Object value) {
    return Limits.characters(head, (String) value, most);
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.lines(List.of((String) value));
  }
}

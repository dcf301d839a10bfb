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
    return FieldData.orNothing(FieldData.toLine(data));
  }

  @Override
  public String problemWith(Object value) {
    return Limits.problemWithLength(head, (String) value, most);
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeLines(List.of((String) value));
  }
}

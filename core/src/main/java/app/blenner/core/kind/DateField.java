package app.blenner.core.kind;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;

/**
 * A day. Its value is a text by ISO 8601, such as {@code 2026-11-26}.
 *
 * @param head what every field has
 */
public record DateField(FieldProperties head) implements Field {

  @Override
  public FieldType type() {
    return FieldType.DATE;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    try {
      return LocalDate.parse(FieldData.toLine(data)).toString();
    } catch (DateTimeParseException e) {
      return null;
    }
  }

  @Override
  public String problemWith(Object value) {
    return "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeDate(LocalDate.parse((String) value));
  }
}

package app.blenner.core.kind;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Map;

/**
 * A time of day. Its value is a text by ISO 8601, such as {@code 20:15}.
 *
 * @param head what every field has
 */
public record TimeField(FieldProperties head) implements Field {

  @Override
  public FieldType type() {
    return FieldType.TIME;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    try {
      return LocalTime.parse(FieldData.toLine(data)).truncatedTo(ChronoUnit.MINUTES).toString();
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
    out.writeTime(LocalTime.parse((String) value));
  }
}

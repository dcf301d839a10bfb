package app.blenner.core.kind;

import java.util.Map;

/**
 * Yes or no; not yet said is neither. Its value is true or false.
 *
 * @param head what every field has
 */
public record YesNoField(FieldProperties head) implements Field {

  @Override
  public FieldType type() {
    return FieldType.YES_NO;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    return switch (FieldData.toLine(data)) {
      case "true" -> true;
      case "false" -> false;
      default -> null;
    };
  }

  @Override
  public String problemWith(Object value) {
    return "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.yesNo((Boolean) value);
  }
}

package app.blenner.core.kind;

import java.util.List;
import java.util.Map;

/**
 * One of several choices. Its value is the choice as a text.
 *
 * @param head what every field has
 * @param choices what can be chosen, in order
 */
public record ChoiceField(FieldProperties head, List<String> choices) implements Field {
  public ChoiceField {
    choices = List.copyOf(choices);
  }

  @Override
  public FieldType type() {
    return FieldType.CHOICE;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("choices", choices);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(FieldData.toLine(data));
  }

  @Override
  public String problemWith(Object value) {
    return Limits.among(head, List.of((String) value), choices);
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeLines(List.of((String) value));
  }
}

package app.blenner.core.kind;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Any of several choices. Its value is a list of texts, in the order of the choices.
 *
 * @param head what every field has
 * @param choices what can be chosen, in order
 */
public record ChoicesField(FieldProperties head, List<String> choices) implements Field {
  public ChoicesField {
    choices = List.copyOf(choices);
  }

  @Override
  public FieldType type() {
    return FieldType.CHOICES;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("choices", choices);
  }

  @Override
  public Object tidyValue(Object data) {
    List<String> given = FieldData.toWords(data).stream().distinct().toList();
    return FieldData.orNothing(
        Stream.concat(
                choices.stream().filter(given::contains),
                given.stream().filter(g -> !choices.contains(g)))
            .toList());
  }

  @Override
  public String problemWith(Object value) {
    return Limits.among(head, FieldData.as(value), choices);
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeList(FieldData.as(value));
  }
}

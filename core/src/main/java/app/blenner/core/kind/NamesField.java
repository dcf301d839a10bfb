package app.blenner.core.kind;

import java.util.List;
import java.util.Map;

/**
 * Names in an order, such as those of people. Its value is a list of texts.
 *
 * @param head what every field has
 * @param most most names
 */
public record NamesField(FieldProperties head, int most) implements Field {
  private static final int LONGEST = 200;

  @Override
  public FieldType type() {
    return FieldType.NAMES;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(FieldData.toWords(data).stream().distinct().toList());
  }

  @Override
  public String problemWith(Object value) {
    List<String> names = FieldData.as(value);
    String tooMany = Limits.problemWithCount(head, names.size(), most, "names");
    return !tooMany.isEmpty()
        ? tooMany
        : names.stream()
            .map(n -> Limits.problemWithLength(head, n, LONGEST))
            .filter(p -> !p.isEmpty())
            .findFirst()
            .orElse("");
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeList(FieldData.as(value));
  }
}

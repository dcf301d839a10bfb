package app.blenner.core.kind;

import java.util.Map;

/**
 * Several lines of plain text. Its value is a text with line feeds.
 *
 * @param head what every field has
 * @param most most characters
 */
public record LinesField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.LINES;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(String.join("\n", FieldData.toLines(data)));
  }

  @Override
  public String problemWith(Object value) {
    return Limits.problemWithLength(head, (String) value, most);
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeLines(((String) value).lines().toList());
  }
}

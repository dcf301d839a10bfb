package app.blenner.core.kind;

import app.blenner.core.document.Address;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Other items. Its value is a list of their keys.
 *
 * @param head what every field has
 * @param most most items
 */
public record ItemsField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.ITEMS;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(
        FieldData.toWords(data).stream().filter(Address::isItemKey).distinct().toList());
  }

  @Override
  public String problemWith(Object value) {
    return Limits.problemWithCount(head, ((List<?>) value).size(), most, "items");
  }

  @Override
  public Set<String> itemsOf(Object value) {
    return new LinkedHashSet<>(FieldData.<List<String>>as(value));
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeItems(FieldData.as(value));
  }
}

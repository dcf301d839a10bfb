package app.blenner.core.kind;

import app.blenner.core.document.Address;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Several pictures. Its value is a list of names of assets.
 *
 * @param head what every field has
 * @param most most pictures
 */
public record PicturesField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.PICTURES;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(
        FieldData.toWords(data).stream().filter(Address::isAssetName).distinct().toList());
  }

  @Override
  public String problemWith(Object value) {
    return Limits.problemWithCount(head, ((List<?>) value).size(), most, "pictures");
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writePictures(FieldData.as(value));
  }

  @Override
  public Set<String> assetsOf(Object value) {
    return Set.copyOf(FieldData.<List<String>>as(value));
  }
}

package app.blenner.core.kind;

import app.blenner.core.document.Address;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A picture. Its value is the name of an asset.
 *
 * @param head what every field has
 */
public record PictureField(FieldProperties head) implements Field {

  @Override
  public FieldType type() {
    return FieldType.PICTURE;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    String name = FieldData.toLine(data);
    return Address.isAssetName(name) ? name : null;
  }

  @Override
  public String problemWith(Object value) {
    return "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writePictures(List.of((String) value));
  }

  @Override
  public Set<String> assetsOf(Object value) {
    return Set.of((String) value);
  }
}

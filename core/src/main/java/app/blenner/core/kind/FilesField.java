package app.blenner.core.kind;

import app.blenner.core.document.Address;
import app.blenner.core.item.Attachment;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Files to be fetched. Its value is a list of names with texts: {@code file}, the name of an asset, and {@code words}.
 *
 * @param head what every field has
 * @param most most files
 */
public record FilesField(FieldProperties head, int most) implements Field {

  @Override
  public FieldType type() {
    return FieldType.FILES;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of("most", most);
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(
        FieldData.toRows(data).stream()
            .filter(r -> Address.isAssetName(r.getOrDefault("file", "")))
            .map(
                r ->
                    FilesField.rowOf(
                        new Attachment(r.get("file"), FieldData.toLine(r.get("words")))))
            .toList());
  }

  @Override
  public String problemWith(Object value) {
    return Limits.problemWithCount(head, ((List<?>) value).size(), most, "files");
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.files(
        FieldData.<List<Map<String, String>>>as(value).stream()
            .map(r -> new Attachment(r.get("file"), r.get("words")))
            .toList());
  }

  @Override
  public Set<String> assetsOf(Object value) {
    return FieldData.<List<Map<String, String>>>as(value).stream()
        .map(r -> r.get("file"))
        .collect(Collectors.toSet());
  }

  private static Map<String, String> rowOf(Attachment file) {
    Map<String, String> out = new LinkedHashMap<>();
    out.put("file", file.asset());
    out.put("words", file.words());
    return out;
  }
}

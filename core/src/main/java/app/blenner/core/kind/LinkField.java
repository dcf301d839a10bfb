package app.blenner.core.kind;

import app.blenner.core.document.Address;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * A link. Its value is names with texts: {@code address}, and {@code words} where they differ from it.
 *
 * @param head what every field has
 */
public record LinkField(FieldProperties head) implements Field {

  @Override
  public FieldType type() {
    return FieldType.LINK;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    Map<String, String> given =
        data instanceof String s ? Map.of("address", FieldData.toLine(s)) : FieldData.pairs(data);
    String address = given.getOrDefault("address", "").strip();
    Map<String, String> out = new LinkedHashMap<>();
    if (!address.isEmpty()) {
      out.put("address", Address.parse(address).map(Address::value).orElse(address));
      String words = FieldData.toLine(given.get("words"));
      if (!words.isEmpty() && !words.equals(address)) {
        out.put("words", words);
      }
    }
    return FieldData.orNothing(out);
  }

  @Override
  public String problemWith(Object value) {
    String address = FieldData.<Map<String, String>>as(value).get("address");
    return Address.parse(address).isPresent()
        ? ""
        : head.label() + ": “" + address + "” is no address. One begins with https:// or mailto:.";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    Map<String, String> link = FieldData.as(value);
    String address = link.get("address");
    out.writeLink(address, link.getOrDefault("words", address));
  }

  @Override
  public Set<String> assetsOf(Object value) {
    return Address.parse(FieldData.<Map<String, String>>as(value).get("address"))
        .filter(a -> a.kind() == Address.Kind.ASSET)
        .map(a -> Set.of(a.assetName()))
        .orElse(Set.of());
  }

  @Override
  public Set<String> itemsOf(Object value) {
    return Address.parse(FieldData.<Map<String, String>>as(value).get("address"))
        .filter(a -> a.kind() == Address.Kind.ITEM)
        .map(a -> Set.of(a.itemKey()))
        .orElse(Set.of());
  }
}

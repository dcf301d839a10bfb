package app.blenner.core.kind;

import app.blenner.core.document.Address;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.ItemLink;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is in the column beside the text of an item. Its value is a list of names with texts: the {@code part}, and what
 * that part needs. Every item has one; a kind cannot have another.
 *
 * @param head what every field has
 */
public record SideField(FieldProperties head) implements Field {
  /** Most parts of one column. */
  public static final int MOST = 20;

  private static final int LONGEST = 2_000;

  /** With its markup. */
  private static final int LONGEST_TEXT = 20_000;

  @Override
  public FieldType type() {
    return FieldType.SIDE;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    List<Map<String, String>> out = new ArrayList<>();
    if (data instanceof List<?> rows) {
      for (Object row : rows) {
        Map<String, String> tidy = row instanceof Map<?, ?> map ? tidyValue(map) : Map.of();
        if (!tidy.isEmpty()) {
          out.add(tidy);
        }
      }
    }
    return FieldData.orNothing(out);
  }

  private static Map<String, String> tidyValue(Map<?, ?> row) {
    SidePart part = SidePart.of(FieldData.toLine(row.get("part")));
    Map<String, String> out = new LinkedHashMap<>();
    if (part == null) {
      return out;
    }
    out.put("part", part.word());
    for (String name : part.needs()) {
      String text =
          part.isFormatted(name)
              ? SidePart.tidyText(FieldData.toText(row.get(name)))
              : String.join("\n", FieldData.toLines(row.get(name)));
      if (!text.isEmpty()) {
        out.put(name, text);
      }
    }
    return out;
  }

  @Override
  public String problemWith(Object value) {
    List<Map<String, String>> parts = FieldData.as(value);
    String tooMany = Limits.problemWithCount(head, parts.size(), MOST, "parts");
    if (!tooMany.isEmpty()) {
      return tooMany;
    }
    for (Map<String, String> part : parts) {
      for (Map.Entry<String, String> text : part.entrySet()) {
        int longest =
            SidePart.of(part.get("part")).isFormatted(text.getKey()) ? LONGEST_TEXT : LONGEST;
        String tooLong = Limits.problemWithLength(head, text.getValue(), longest);
        if (!tooLong.isEmpty()) {
          return tooLong;
        }
      }
    }
    return "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    // It is not a field among fields: the page of the item lays it out beside the text.
  }

  @Override
  public Set<String> assetsOf(Object value) {
    Set<String> out = new LinkedHashSet<>();
    for (Map<String, String> part : FieldData.<List<Map<String, String>>>as(value)) {
      String picture = part.getOrDefault("picture", "");
      if (Address.isAssetName(picture)) {
        out.add(picture);
      }
      SidePart.textIn(part)
          .ifPresent(text -> AssetUse.usesIn(text).forEach(use -> out.add(use.asset())));
    }
    return out;
  }

  @Override
  public Set<String> itemsOf(Object value) {
    Set<String> out = new LinkedHashSet<>();
    for (Map<String, String> part : FieldData.<List<Map<String, String>>>as(value)) {
      SidePart.textIn(part)
          .ifPresent(text -> ItemLink.linksIn(text).forEach(link -> out.add(link.target())));
    }
    return out;
  }
}

package app.blenner.core.kind;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A formatted text. Its value is the text as HTML, in the form in which bodies are kept.
 *
 * @param head what every field has
 */
public record RichTextField(FieldProperties head) implements Field {
  private static final int MOST = 1_000_000;

  @Override
  public FieldType type() {
    return FieldType.RICH_TEXT;
  }

  @Override
  public Map<String, Object> settings() {
    return Map.of();
  }

  @Override
  public Object tidyValue(Object data) {
    return FieldData.orNothing(HtmlWriter.write(HtmlReader.read(FieldData.toText(data))));
  }

  @Override
  public String problemWith(Object value) {
    return ((String) value).length() > MOST
        ? head.label() + " has more text than can be kept."
        : "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeText(HtmlReader.read((String) value));
  }

  @Override
  public Set<String> assetsOf(Object value) {
    Content body = Content.EMPTY.withBody(HtmlReader.read((String) value));
    return AssetUse.usesIn(body).stream().map(AssetUse::asset).collect(Collectors.toSet());
  }

  @Override
  public Set<String> itemsOf(Object value) {
    return ItemLink.linksIn(HtmlReader.read((String) value)).stream()
        .map(ItemLink::target)
        .collect(Collectors.toSet());
  }
}

package app.blenner.core.archive;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What is written in an item, in its canonical form: the fields that have a value in front as YAML, the text behind as
 * HTML. It is the part of the item file of the open package that people write; the same content is the same letters.
 */
public final class ContentFile {
  private ContentFile() {}

  /** Writes a content. */
  public static String write(Content content) {
    YamlFields fields = YamlFields.none("content");
    values(content).forEach(fields::put);
    return ItemFile.FENCE
        + fields.yaml()
        + ItemFile.FENCE
        + HtmlWriter.write(content.body())
        + "\n";
  }

  /**
   * Reads a content.
   *
   * @throws IllegalArgumentException with a sentence, where it makes no sense
   */
  public static Content read(String written) {
    String[] parts = ItemFile.parted(written, "content");
    return readContent(YamlFields.read(parts[0], "content"), HtmlReader.read(parts[1]));
  }

  /** The fields by their names in files, also those without a value, in the order they are written in. */
  static Map<String, Object> values(Content c) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("title", c.title());
    out.put("language", c.language());
    out.put("section", c.section());
    out.put("topics", c.topics());
    out.put("slug", c.slug());
    out.put("summary", c.summary());
    out.put("keywords", c.keywords());
    out.put("lead-picture", c.leadPicture());
    out.put(
        "attachments",
        c.attachments().stream()
            .map(
                a ->
                    YamlFields.none("attachment")
                        .put("file", a.asset())
                        .put("words", a.words())
                        .values())
            .toList());
    out.put("fields", c.values());
    return out;
  }

  static Content readContent(YamlFields fields, Document body) {
    String picture = fields.text("lead-picture");
    if (!picture.isEmpty() && !Address.isAssetName(picture)) {
      throw new IllegalArgumentException(
          fields.where() + ": a lead picture is the name of an asset, which this is not.");
    }
    return Content.builder()
        .title(fields.text("title"))
        .summary(fields.text("summary"))
        .body(body)
        .section(fields.text("section"))
        .topics(fields.words("topics"))
        .keywords(fields.words("keywords"))
        .slug(fields.text("slug"))
        .leadPicture(picture)
        .language(fields.text("language"))
        .attachments(
            fields.all("attachments").stream()
                .map(a -> new Attachment(a.text("file"), a.text("words")))
                .toList())
        .values(fields.section("fields").values())
        .build();
  }
}

package app.blenner.core.archive;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.site.SitePaths;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** An item as a file: its fields in front as YAML, its text as HTML, and what is live of it behind. */
final class ItemFile {
  /** The line that stands before and after the fields. */
  static final String FENCE = "---\n";

  /** The line between a working copy's text and what is live of it, where they differ. */
  private static final String LIVE = "\n<!-- live -->\n";

  private ItemFile() {}

  /** Parts a file into its fields and what follows them. */
  static String[] parted(String all, String name) {
    String text = all.replace("\r\n", "\n");
    int end = text.indexOf("\n" + FENCE, FENCE.length() - 1);
    if (!text.startsWith(FENCE) || end < 0) {
      throw new IllegalArgumentException(name + " has no fields in front.");
    }
    return new String[] {
      text.substring(FENCE.length(), end + 1), text.substring(end + 1 + FENCE.length())
    };
  }

  static PackedItem read(String all, String name, Instant now) {
    String[] parts = parted(all, name);
    YamlFields fields = YamlFields.read(parts[0], name);
    String key = name.replaceFirst(".*/", "").replaceFirst("\\.html$", "");
    if (!Address.isItemKey(key)) {
      throw new IllegalArgumentException(name + " is not called as an item can be.");
    }
    String[] texts = parts[1].split(LIVE, 2);
    Stage stage = fields.pick(Stage.class, "stage");
    Content content = ContentFile.readContent(fields, HtmlReader.read(texts[0]));
    boolean wasLive = fields.has("live") || stage == Stage.LIVE || stage == Stage.WITHDRAWN;
    Content live = wasLive ? live(fields, content, texts) : null;
    return new PackedItem(
        key,
        fields.text("kind").strip().toLowerCase(Locale.ROOT),
        stage,
        new PackedItem.People(fields.text("owner"), fields.text("author")),
        times(fields, wasLive, now),
        !fields.has("address-by-hand") || fields.isSet("address-by-hand"),
        content,
        live,
        fields.has("addresses") || live == null
            ? fields.words("addresses")
            : List.of(SitePaths.lasting(live.section(), live.slug())),
        new PackedItem.Notebook(
            fields.all("notes").stream()
                .map(n -> new PackedNote(n.text("words"), n.isSet("covered")))
                .toList(),
            fields.words("terms")),
        fields.all("dismissed").stream()
            .map(
                d ->
                    new PackedDismissal(
                        d.text("finding"),
                        d.text("reason"),
                        d.text("by"),
                        d.time("at", now),
                        d.isSet("overruled")))
            .toList());
  }

  private static PackedItem.Times times(YamlFields fields, boolean wasLive, Instant now) {
    Instant then = now;
    if (fields.has("days-ago")) {
      then = now.minus(Duration.ofHours(24L * Integer.parseInt(fields.text("days-ago")) + 2));
    }
    YamlFields live = fields.section("live");
    return new PackedItem.Times(
        fields.time("created", then),
        fields.time("stage-since", then),
        fields.time("changed", then),
        fields.text("changed-by"),
        wasLive ? live.time("first", then) : null,
        wasLive ? live.time("updated", then) : null);
  }

  /** What is live, where it says nothing else the same as the working copy. */
  private static Content live(YamlFields fields, Content working, String[] texts) {
    YamlFields said = fields.section("live");
    Map<String, Object> both = new LinkedHashMap<>(fields.values());
    both.putAll(said.values());
    YamlFields all = YamlFields.none("live");
    both.forEach(all::put);
    for (String name : said.values().keySet()) {
      // A field can be empty in what is live, and not in the working copy.
      all.values().put(name, said.values().get(name));
    }
    Document body = texts.length == 1 ? working.body() : HtmlReader.read(texts[1]);
    return ContentFile.readContent(all, body);
  }

  static String write(PackedItem item) {
    YamlFields fields = YamlFields.none(item.key());
    Content c = item.content();
    fields.put("title", c.title());
    fields.put("kind", item.kind());
    fields.put("stage", YamlFields.label(item.stage()));
    fields.put("owner", item.people().owner());
    fields.put("author", item.people().author());
    fields.put("address-by-hand", item.slugByHand());
    ContentFile.values(c).forEach(fields::put);
    PackedItem.Times times = item.times();
    fields.put("created", times.created());
    fields.put("stage-since", times.stageSince());
    fields.put("changed", times.changed());
    fields.put("changed-by", times.changedBy());
    fields.put("addresses", item.addresses());
    fields.put("terms", item.notebook().terms());
    fields.put(
        "notes",
        item.notebook().notes().stream()
            .map(
                n ->
                    YamlFields.none("note")
                        .put("words", n.words())
                        .put("covered", n.ticked())
                        .values())
            .toList());
    fields.put(
        "dismissed",
        item.dismissed().stream()
            .map(
                d ->
                    YamlFields.none("dismissed")
                        .put("finding", d.finding())
                        .put("reason", d.reason())
                        .put("by", d.by())
                        .put("at", d.at())
                        .put("overruled", d.overruled() ? true : null)
                        .values())
            .toList());
    String text = HtmlWriter.write(c.body());
    if (item.live() != null) {
      fields.put("live", live(item));
      String live = HtmlWriter.write(item.live().body());
      text += live.equals(text) ? "" : LIVE + live;
    }
    return FENCE + fields.yaml() + FENCE + text + "\n";
  }

  private static Map<String, Object> live(PackedItem item) {
    Map<String, Object> now = ContentFile.values(item.content());
    Map<String, Object> live = ContentFile.values(item.live());
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("first", item.times().firstLive().toString());
    out.put("updated", item.times().updated().toString());
    // A field can be empty in what is live, and not in the working copy.
    live.forEach(
        (name, value) -> {
          if (!value.equals(now.get(name))) {
            out.put(name, value);
          }
        });
    return out;
  }
}

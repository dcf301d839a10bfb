package app.blenner.core.archive;

import app.blenner.core.document.Address;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.item.Kind;
import app.blenner.core.item.Stage;
import app.blenner.core.site.SitePaths;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
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
    Fields fields = Fields.read(parts[0], name);
    String key = name.replaceFirst(".*/", "").replaceFirst("\\.html$", "");
    if (!Address.isItemKey(key)) {
      throw new IllegalArgumentException(name + " is not called as an item can be.");
    }
    String[] texts = parts[1].split(LIVE, 2);
    Stage stage = fields.pick(Stage.class, "stage");
    Content content = content(fields, texts[0]);
    boolean wasLive = fields.has("live") || stage == Stage.LIVE || stage == Stage.WITHDRAWN;
    Content live = wasLive ? live(fields, texts) : null;
    return new PackedItem(
        key,
        fields.pick(Kind.class, "kind"),
        stage,
        new PackedItem.People(fields.text("owner"), fields.text("author")),
        times(fields, wasLive, now),
        !fields.has("address-by-hand") || fields.on("address-by-hand"),
        content,
        live,
        fields.has("addresses") || live == null
            ? fields.words("addresses")
            : List.of(SitePaths.of(live.section(), live.slug())),
        new PackedItem.Notebook(
            fields.all("notes").stream()
                .map(n -> new PackedNote(n.text("words"), n.on("covered")))
                .toList(),
            fields.words("terms")));
  }

  private static PackedItem.Times times(Fields fields, boolean wasLive, Instant now) {
    Instant then = now;
    if (fields.has("days-ago")) {
      then = now.minus(Duration.ofHours(24L * Integer.parseInt(fields.text("days-ago")) + 2));
    }
    Fields live = fields.within("live");
    return new PackedItem.Times(
        fields.time("created", then),
        fields.time("stage-since", then),
        fields.time("changed", then),
        fields.text("changed-by"),
        wasLive ? live.time("first", then) : null,
        wasLive ? live.time("updated", then) : null);
  }

  /** What is live, where it says nothing else the same as the working copy. */
  private static Content live(Fields fields, String[] texts) {
    Fields said = fields.within("live");
    Map<String, Object> both = new LinkedHashMap<>(fields.values());
    both.putAll(said.values());
    Fields all = Fields.none("live");
    both.forEach(all::put);
    for (String name : said.values().keySet()) {
      // A field can be empty in what is live, and not in the working copy.
      all.values().put(name, said.values().get(name));
    }
    return content(all, texts[texts.length - 1]);
  }

  private static Content content(Fields fields, String html) {
    return new Content(
        fields.text("title"),
        fields.text("summary"),
        HtmlReader.read(html),
        fields.text("section"),
        fields.words("topics"),
        fields.words("keywords"),
        fields.text("slug"),
        fields.text("lead-picture"),
        fields.text("language"),
        fields.all("attachments").stream()
            .map(a -> new Attachment(a.text("file"), a.text("words")))
            .toList());
  }

  static String write(PackedItem item) {
    Fields fields = Fields.none(item.key());
    Content c = item.content();
    fields.put("title", c.title());
    fields.put("kind", Fields.label(item.kind()));
    fields.put("stage", Fields.label(item.stage()));
    fields.put("owner", item.people().owner());
    fields.put("author", item.people().author());
    fields.put("language", c.language());
    fields.put("section", c.section());
    fields.put("topics", c.topics());
    fields.put("slug", c.slug());
    fields.put("address-by-hand", item.slugByHand());
    fields.put("summary", c.summary());
    fields.put("keywords", c.keywords());
    fields.put("lead-picture", c.leadPicture());
    fields.put("attachments", attachments(c));
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
                    Fields.none("note").put("words", n.words()).put("covered", n.ticked()).values())
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
    Content c = item.content();
    Content l = item.live();
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("first", item.times().firstLive().toString());
    out.put("updated", item.times().updated().toString());
    differing(out, "title", l.title(), c.title());
    differing(out, "summary", l.summary(), c.summary());
    differing(out, "language", l.language(), c.language());
    differing(out, "section", l.section(), c.section());
    differing(out, "topics", l.topics(), c.topics());
    differing(out, "slug", l.slug(), c.slug());
    differing(out, "keywords", l.keywords(), c.keywords());
    differing(out, "lead-picture", l.leadPicture(), c.leadPicture());
    differing(out, "attachments", attachments(l), attachments(c));
    return out;
  }

  private static List<Map<String, Object>> attachments(Content c) {
    return c.attachments().stream()
        .map(a -> Fields.none("attachment").put("file", a.asset()).put("words", a.words()).values())
        .toList();
  }

  private static void differing(Map<String, Object> out, String name, Object live, Object now) {
    if (!live.equals(now)) {
      out.put(name, live);
    }
  }
}

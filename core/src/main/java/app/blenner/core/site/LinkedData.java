package app.blenner.core.site;

import app.blenner.core.item.Content;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** What a page tells machines of itself, as JSON-LD 1.1 in the words of schema.org: the item, and where it stands. */
final class LinkedData {
  private static final String WORDS = "https://schema.org";

  private LinkedData() {}

  /**
   * The data of an item's page.
   *
   * @param description what it says, in a sentence or two, or empty
   * @param picture the address of its picture, or empty
   * @return nothing for an item that was never live
   */
  static String of(Site site, PublishedItem item, String description, String picture) {
    if (item.firstLive() == null) {
      return "";
    }
    return written(
        json -> {
          item(json, site, item, description, picture);
          place(json, site, item);
        });
  }

  private static void item(
      JsonGenerator json, Site site, PublishedItem item, String description, String picture) {
    Content content = item.content();
    String address = site.absolute(item.path());
    begin(json, item.kind().isNews() ? "Article" : "WebPage");
    json.writeStringProperty("@id", address);
    json.writeStringProperty("url", address);
    json.writeStringProperty(item.kind().isNews() ? "headline" : "name", content.title());
    if (!description.isEmpty()) {
      json.writeStringProperty("description", description);
    }
    if (!picture.isEmpty()) {
      json.writeStringProperty("image", site.absolute(picture));
    }
    json.writeStringProperty("inLanguage", content.languageOn(site.language()));
    json.writeStringProperty("datePublished", item.firstLive().toString());
    json.writeStringProperty("dateModified", item.updated().toString());
    json.writeArrayPropertyStart("author");
    for (String name : item.authors()) {
      json.writeStartObject();
      json.writeStringProperty("@type", "Person");
      json.writeStringProperty("name", name);
      json.writeEndObject();
    }
    json.writeEndArray();
    json.writeObjectPropertyStart("publisher");
    json.writeStringProperty("@type", "Organization");
    json.writeStringProperty("name", site.name());
    json.writeStringProperty("url", site.absolute("/"));
    json.writeEndObject();
    json.writeStringProperty("mainEntityOfPage", address);
    json.writeEndObject();
  }

  /** What the front page tells machines. */
  static String ofSite(Site site) {
    return written(
        json -> {
          begin(json, "WebSite");
          json.writeStringProperty("name", site.name());
          json.writeStringProperty("url", site.absolute("/"));
          json.writeStringProperty("inLanguage", site.language());
          json.writeEndObject();
        });
  }

  /** What the page of a section tells machines: where it stands. */
  static String ofSection(Site site, Section section) {
    return written(json -> way(json, site, section.slug(), List.of()));
  }

  private static String written(Consumer<JsonGenerator> parts) {
    StringWriter out = new StringWriter();
    try (JsonGenerator json = new JsonFactory().createGenerator(ObjectWriteContext.empty(), out)) {
      json.writeStartArray();
      parts.accept(json);
      json.writeEndArray();
    }
    // Nothing in it may end the element it is in.
    return out.toString().replace("<", "\\u003c");
  }

  /** A step on the way from the front page. */
  private record Step(String name, String path) {}

  private static void place(JsonGenerator json, Site site, PublishedItem item) {
    way(
        json,
        site,
        item.content().section(),
        List.of(new Step(item.content().title(), item.path())));
  }

  private static void way(JsonGenerator json, Site site, String section, List<Step> behind) {
    List<Step> steps = new ArrayList<>();
    steps.add(new Step(site.name(), "/"));
    SectionTree tree = site.tree();
    tree.way(section).forEach(s -> steps.add(new Step(s.name(), tree.pathOf(s.slug()))));
    steps.addAll(behind);
    begin(json, "BreadcrumbList");
    json.writeArrayPropertyStart("itemListElement");
    for (int i = 0; i < steps.size(); i++) {
      json.writeStartObject();
      json.writeStringProperty("@type", "ListItem");
      json.writeNumberProperty("position", i + 1);
      json.writeStringProperty("name", steps.get(i).name);
      json.writeStringProperty("item", site.absolute(steps.get(i).path));
      json.writeEndObject();
    }
    json.writeEndArray();
    json.writeEndObject();
  }

  private static void begin(JsonGenerator json, String type) {
    json.writeStartObject();
    json.writeStringProperty("@context", WORDS);
    json.writeStringProperty("@type", type);
  }
}

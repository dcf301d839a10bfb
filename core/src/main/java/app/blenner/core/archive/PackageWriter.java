package app.blenner.core.archive;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.kind.Kinds;
import app.blenner.core.language.Slug;
import app.blenner.core.media.Description;
import app.blenner.core.picture.Focus;
import app.blenner.core.rule.StandardsData;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.ToolsetData;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Writes a package into a folder. The same site gives the same files, byte by byte. */
final class PackageWriter {
  private final Path folder;

  PackageWriter(Path folder) {
    this.folder = folder;
  }

  void write(SitePackage site) throws IOException {
    Files.createDirectories(folder);
    Files.writeString(folder.resolve("site.yaml"), settingsOf(site).yaml());
    assets(site.assets());
    Path items = Files.createDirectories(folder.resolve("items"));
    for (PackedItem item : site.items()) {
      Files.writeString(items.resolve(item.key() + ".html"), ItemFile.write(item));
    }
    outlines(site.outlines());
    if (!site.messages().isEmpty()) {
      Files.writeString(folder.resolve("messages.yaml"), messagesOf(site.messages()).yaml());
    }
  }

  static YamlFields settingsOf(SitePackage site) {
    YamlFields out = YamlFields.none("site.yaml");
    out.put("form", SitePackage.FORM);
    out.put("name", site.site().name());
    out.put("tagline", site.site().tagline());
    out.put("language", site.site().language());
    if (!site.site().address().isEmpty()) {
      out.put("address", site.site().address());
    }
    out.put("sections", site.site().sections().stream().map(SectionFile::write).toList());
    menus(out, site.site());
    if (!site.past().isEmpty()) {
      out.put("past-sections", site.past().stream().map(SectionFile::writePast).toList());
    }
    if (!site.site().kinds().equals(Kinds.STANDARD)) {
      out.put("kinds", site.site().kinds().stream().map(Kinds::write).toList());
    }
    out.put(
        "reference-links",
        site.site().references().stream()
            .map(r -> mapOf("name", r.name(), "pattern", r.pattern(), "address", r.address()))
            .toList());
    out.put(
        "merge-fields",
        site.site().fields().own().stream()
            .map(
                f ->
                    mapOf(
                        "name", f.name(),
                        "label", f.label(),
                        "source", YamlFields.label(f.source()),
                        "text", f.text(),
                        "form", YamlFields.label(f.form())))
            .toList());
    out.put("rules", StandardsData.write(site.site().standards()));
    out.put("toolsets", site.toolsets().stream().map(ToolsetData::write).toList());
    out.put("contact-address", site.contactAddress());
    out.put("fetch-hosts", List.copyOf(site.fetchHosts()));
    out.put("house", houseOf(site.house()));
    out.put(
        "embed-hosts",
        site.hosts().stream()
            .map(
                h ->
                    mapOf("host", h.host(), "name", h.name(), "page", h.page(), "frame", h.frame()))
            .toList());
    out.put("people", peopleOf(site));
    return out;
  }

  private static List<Map<String, Object>> peopleOf(SitePackage site) {
    return site.people().stream()
        .map(
            p -> mapOf("sign-in", p.signIn(), "name", p.name(), "role", YamlFields.label(p.role())))
        .toList();
  }

  private static void menus(YamlFields out, Site site) {
    if (!site.menus().ofSections()) {
      out.put("main-menu", site.menus().main().isEmpty() ? "none" : entriesOf(site.menus().main()));
    }
    out.put("foot-menu", entriesOf(site.menus().foot()));
    out.put("front", site.front().composed());
    if (!site.front().listed()) {
      out.put("front-listed", false);
    }
  }

  private static List<Map<String, Object>> entriesOf(List<MenuEntry> menu) {
    return menu.stream()
        .map(
            e -> {
              Map<String, Object> out = mapOf("to", YamlFields.label(e.to()), "target", e.target());
              put(out, "label", e.label());
              return out;
            })
        .toList();
  }

  static void put(Map<String, Object> out, String name, String text) {
    if (!text.isEmpty()) {
      out.put(name, text);
    }
  }

  private static Map<String, Object> houseOf(HouseStyle house) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put(
        "palette",
        house.palette().stream().map(c -> mapOf("name", c.name(), "value", c.value())).toList());
    out.put("fonts", List.copyOf(house.fonts()));
    out.put("sizes", List.copyOf(house.sizes()));
    out.put(
        "styles",
        house.styles().stream()
            .map(s -> mapOf("name", s.name(), "label", s.label(), "css", new TreeMap<>(s.css())))
            .toList());
    return out;
  }

  static Map<String, Object> mapOf(Object... pairs) {
    Map<String, Object> out = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      out.put((String) pairs[i], pairs[i + 1]);
    }
    return out;
  }

  private void assets(List<PackedAsset> assets) throws IOException {
    Path files = Files.createDirectories(folder.resolve("assets"));
    Map<String, Object> described = new LinkedHashMap<>();
    for (PackedAsset a : assets) {
      YamlFields about = YamlFields.none(a.name());
      Description said = a.said();
      about.put("title", said.title()).put("alternative", said.alternative());
      about.put("caption", said.caption()).put("credit", said.credit());
      about.put("source", said.source()).put("licence", said.licence());
      about.put("description", said.description()).put("keywords", said.keywords());
      about.put("edit", a.edit().toString());
      if (!a.focus().equals(Focus.MIDDLE)) {
        about.put("focus", List.of(a.focus().x(), a.focus().y()));
      }
      about.put("added", a.added()).put("expires", a.expires()).put("binned", a.binned());
      about.put("whole", a.whole() ? "true" : "").put("collections", a.collections());
      described.put(a.name(), about.values());
      Files.copy(a.file(), files.resolve(a.name()));
    }
    Files.writeString(folder.resolve("assets.yaml"), YamlFields.yaml(described));
  }

  private void outlines(List<PackedOutline> outlines) throws IOException {
    Path files = Files.createDirectories(folder.resolve("outlines"));
    Set<String> taken = new HashSet<>();
    for (PackedOutline o : outlines) {
      String slug = Slug.of(o.name());
      String name = Slug.firstFree(slug.isEmpty() ? "outline" : slug, taken::contains);
      taken.add(name);
      YamlFields fields = YamlFields.none(name).put("name", o.name()).put("about", o.about());
      fields.put("kinds", o.kinds());
      fields.put("use", o.snippet() ? "snippet" : "").put("shelf", o.shelf());
      fields.put("key", o.key()).put("role", o.role());
      Files.writeString(
          files.resolve(name + ".html"),
          ItemFile.FENCE + fields.yaml() + ItemFile.FENCE + HtmlWriter.write(o.body()) + "\n");
    }
  }

  private static YamlFields messagesOf(List<PackedMessage> messages) {
    return YamlFields.none("messages.yaml")
        .put(
            "messages",
            messages.stream()
                .map(
                    m ->
                        mapOf(
                            "item", m.item(),
                            "title", m.title(),
                            "received", m.received().toString(),
                            "read", m.read(),
                            "answers", m.answers(),
                            "letter", m.letter()))
                .toList());
  }
}

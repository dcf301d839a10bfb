package app.blenner.core.archive;

import app.blenner.core.document.Address;
import app.blenner.core.embed.EmbedHost;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.media.Description;
import app.blenner.core.merge.DateForm;
import app.blenner.core.merge.MergeField;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.picture.Focus;
import app.blenner.core.picture.PictureEdit;
import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.rule.StandardsData;
import app.blenner.core.signoff.Role;
import app.blenner.core.site.FrontPage;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Menus;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.Toolset;
import app.blenner.core.toolset.ToolsetData;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a package from its folder. */
final class PackageReader {
  private final Path folder;
  private final Instant now;

  PackageReader(Path folder, Instant now) {
    this.folder = folder;
    this.now = now;
  }

  SitePackage read() throws IOException {
    YamlFields settings = fieldsOf("site.yaml");
    if (settings.has("form") && !settings.text("form").equals(String.valueOf(SitePackage.FORM))) {
      throw new IllegalArgumentException(
          "This package is of form "
              + settings.text("form")
              + "; this Blenner reads form "
              + SitePackage.FORM
              + ".");
    }
    List<PackedItem> items = LazyList.map(filesOf("items"), this::itemOf);
    List<PackedOutline> outlines = new ArrayList<>();
    for (Path file : filesOf("outlines")) {
      outlines.add(outlineOf(file));
    }
    SitePackage read =
        new SitePackage(
            readSite(settings),
            settings.all("past-sections").stream().map(SectionFile::readPast).toList(),
            house(settings.section("house")),
            hosts(settings),
            settings.text("contact-address"),
            settings.has("fetch-hosts") ? settings.words("fetch-hosts") : List.of("*"),
            toolsets(settings),
            people(settings),
            assets(),
            outlines,
            items,
            messages());
    new PackageCheck(read).look();
    return read;
  }

  private PackedItem itemOf(Path file) {
    try {
      return ItemFile.read(textOf(file), "items/" + file.getFileName(), now);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<Path> filesOf(String name) throws IOException {
    if (!Files.isDirectory(folder.resolve(name))) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder.resolve(name))) {
      return files.filter(f -> f.toString().endsWith(".html")).sorted().toList();
    }
  }

  private static String textOf(Path file) throws IOException {
    try {
      return Files.readString(file);
    } catch (MalformedInputException e) {
      throw new IllegalArgumentException(file.getFileName() + " is not written in UTF-8.");
    }
  }

  private YamlFields fieldsOf(String name) throws IOException {
    Path file = folder.resolve(name);
    if (!Files.isRegularFile(file)) {
      throw new IllegalArgumentException("This is no package of a site: it has no " + name + ".");
    }
    return YamlFields.read(textOf(file), name);
  }

  private List<PackedAsset> assets() throws IOException {
    if (!Files.exists(folder.resolve("assets.yaml"))) {
      return List.of();
    }
    YamlFields described = fieldsOf("assets.yaml");
    List<PackedAsset> out = new ArrayList<>();
    for (String name : described.values().keySet()) {
      Path file = folder.resolve("assets").resolve(name);
      if (!Address.isAssetName(name) || !Files.isRegularFile(file)) {
        throw new IllegalArgumentException(
            "assets.yaml tells of “" + name + "”, which is not among the assets.");
      }
      YamlFields about = described.section(name);
      out.add(
          new PackedAsset(
              name,
              file,
              said(about),
              PictureEdit.parse(about.text("edit"))
                  .orElseThrow(
                      () ->
                          new IllegalArgumentException(
                              "assets.yaml: “"
                                  + about.text("edit")
                                  + "” is no edit of a picture.")),
              focus(about),
              about.time("added", null),
              about.time("expires", null),
              about.time("binned", null),
              about.isSet("whole"),
              about.words("collections")));
    }
    return out;
  }

  private static Description said(YamlFields about) {
    // A description cuts what is too long for it; of a package nothing is cut in silence.
    PackageCheck.described(about);
    return new Description(
        about.text("title"),
        about.text("alternative"),
        about.text("caption"),
        about.text("credit"),
        about.text("source"),
        about.text("licence"),
        about.text("description"),
        about.words("keywords"));
  }

  private static Focus focus(YamlFields about) {
    List<String> said = about.words("focus");
    if (said.isEmpty()) {
      return Focus.MIDDLE;
    }
    try {
      return new Focus(Double.parseDouble(said.get(0)), Double.parseDouble(said.get(1)));
    } catch (NumberFormatException | IndexOutOfBoundsException e) {
      throw new IllegalArgumentException(
          "assets.yaml: a focus is two shares, from the left and from the top, such as 0.5, 0.3.");
    }
  }

  private PackedOutline outlineOf(Path file) throws IOException {
    String name = "outlines/" + file.getFileName();
    String[] parts = ItemFile.parted(textOf(file), name);
    YamlFields fields = YamlFields.read(parts[0], name);
    List<String> kinds =
        fields.words("kinds").stream().map(k -> k.strip().toLowerCase(Locale.ROOT)).toList();
    return new PackedOutline(
        fields.text("key"),
        fields.text("name"),
        fields.text("about"),
        kinds,
        fields.text("use").equals("snippet"),
        fields.text("shelf"),
        fields.text("role"),
        HtmlReader.read(parts[1]));
  }

  static Site readSite(YamlFields settings) {
    List<Section> sections = settings.all("sections").stream().map(SectionFile::read).toList();
    return new Site(
        settings.text("name"),
        settings.text("tagline"),
        settings.text("language"),
        sections,
        kinds(settings),
        settings.all("reference-links").stream()
            .map(r -> new ReferenceLink(r.text("name"), r.text("pattern"), r.text("address")))
            .toList(),
        new MergeFields(settings.all("merge-fields").stream().map(PackageReader::fieldOf).toList()),
        settings.text("address"),
        new Menus(
            !settings.has("main-menu"),
            "none".equals(settings.values().get("main-menu"))
                ? List.of()
                : menu(settings, "main-menu"),
            menu(settings, "foot-menu")),
        new FrontPage(
            settings.text("front"),
            !settings.has("front-listed") || settings.isSet("front-listed")),
        StandardsData.read(settings.section("rules").values()));
  }

  private static List<MenuEntry> menu(YamlFields settings, String name) {
    return settings.all(name).stream()
        .map(
            e -> new MenuEntry(e.pick(MenuEntry.To.class, "to"), e.text("target"), e.text("label")))
        .toList();
  }

  /** A package from before kinds could be set, or of a site that never set any, has those every site begins with. */
  private static List<Kind> kinds(YamlFields settings) {
    if (!settings.has("kinds")) {
      return Kinds.STANDARD;
    }
    try {
      return settings.all("kinds").stream().map(k -> Kinds.read(k.values())).toList();
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("site.yaml, kinds: " + e.getMessage());
    }
  }

  private static MergeField fieldOf(YamlFields f) {
    return new MergeField(
        f.text("name"),
        f.text("label"),
        f.pick(MergeField.Source.class, "source"),
        f.text("text"),
        f.has("form") ? f.pick(DateForm.class, "form") : DateForm.LONG);
  }

  static List<Toolset> toolsets(YamlFields settings) {
    try {
      return settings.all("toolsets").stream().map(t -> ToolsetData.read(t.values())).toList();
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("site.yaml, toolsets: " + e.getMessage());
    }
  }

  static HouseStyle house(YamlFields house) {
    return new HouseStyle(
        house.all("palette").stream()
            .map(c -> new HouseStyle.Colour(c.text("name"), c.text("value")))
            .toList(),
        house.has("fonts") ? house.words("fonts") : HouseStyle.PLAIN.fonts(),
        house.has("sizes") ? house.words("sizes") : HouseStyle.PLAIN.sizes(),
        house.all("styles").stream()
            .map(
                s ->
                    new HouseStyle.NamedStyle(
                        s.text("name"),
                        s.text("label"),
                        s.section("css").values().entrySet().stream()
                            .collect(
                                Collectors.toMap(
                                    e -> e.getKey(),
                                    e -> e.getValue().toString(),
                                    (a, b) -> b,
                                    java.util.LinkedHashMap::new))))
            .toList());
  }

  static List<EmbedHost> hosts(YamlFields settings) {
    return settings.all("embed-hosts").stream()
        .map(h -> new EmbedHost(h.text("host"), h.text("name"), h.text("page"), h.text("frame")))
        .toList();
  }

  private static List<PackedPerson> people(YamlFields settings) {
    return settings.all("people").stream()
        .map(p -> new PackedPerson(p.text("sign-in"), p.text("name"), p.pick(Role.class, "role")))
        .toList();
  }

  private List<PackedMessage> messages() throws IOException {
    if (!Files.exists(folder.resolve("messages.yaml"))) {
      return List.of();
    }
    return fieldsOf("messages.yaml").all("messages").stream()
        .map(
            m ->
                new PackedMessage(
                    m.text("item"),
                    m.text("title"),
                    m.time("received", now),
                    m.text("answers"),
                    m.text("letter"),
                    m.isSet("read")))
        .toList();
  }
}

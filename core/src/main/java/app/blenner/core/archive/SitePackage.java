package app.blenner.core.archive;

import app.blenner.core.embed.EmbedHost;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.item.Content;
import app.blenner.core.item.Kind;
import app.blenner.core.item.Stage;
import app.blenner.core.signoff.Role;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * A site read from a folder.
 *
 * @param site its name and sections
 * @param house its house style
 * @param hosts the hosts whose things may be shown in its pages
 * @param contactAddress where messages of visitors go
 * @param fetchHosts where texts may be fetched from, as {@link
 *     app.blenner.core.intake.FetchPolicy} reads it
 * @param people who works on it
 * @param assets its assets
 * @param outlines its outlines
 * @param items its items
 */
public record SitePackage(
    Site site,
    HouseStyle house,
    List<EmbedHost> hosts,
    String contactAddress,
    List<String> fetchHosts,
    List<PackedPerson> people,
    List<PackedAsset> assets,
    List<PackedOutline> outlines,
    List<PackedItem> items) {

  /** The line that stands before and after an item's fields. */
  private static final String FENCE = "---\n";

  /** The line between a working copy's text and what is live of it, where they differ. */
  private static final String LIVE = "\n<!-- live -->\n";

  /**
   * Reads a package.
   *
   * @throws IOException where a file is missing or cannot be read
   * @throws IllegalArgumentException where a file says something that makes no sense
   */
  public static SitePackage read(Path folder) throws IOException {
    Map<String, Object> settings = yaml(Files.readString(folder.resolve("site.yaml")));
    Map<String, Object> described = yaml(Files.readString(folder.resolve("assets.yaml")));
    List<PackedAsset> assets = new ArrayList<>();
    for (String name : described.keySet()) {
      Map<String, Object> about = map(described.get(name));
      assets.add(
          new PackedAsset(
              name,
              folder.resolve("assets").resolve(name),
              text(about, "title"),
              text(about, "alternative"),
              text(about, "credit")));
    }
    List<PackedItem> items = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder.resolve("items"))) {
      for (Path file : files.sorted().toList()) {
        items.add(item(file));
      }
    }
    return new SitePackage(
        site(settings),
        house(settings),
        hosts(settings),
        text(settings, "contact-address"),
        fetchHosts(settings),
        people(settings),
        assets,
        outlines(folder.resolve("outlines")),
        items);
  }

  private static Site site(Map<String, Object> settings) {
    List<Section> sections =
        list(settings, "sections").stream()
            .map(s -> new Section(text(s, "slug"), text(s, "name"), text(s, "description")))
            .toList();
    return new Site(
        text(settings, "name"), text(settings, "tagline"), text(settings, "language"), sections);
  }

  @SuppressWarnings("unchecked")
  private static HouseStyle house(Map<String, Object> settings) {
    Map<String, Object> house = map(settings.get("house"));
    return new HouseStyle(
        list(house, "palette").stream()
            .map(c -> new HouseStyle.Colour(text(c, "name"), text(c, "value")))
            .toList(),
        (List<String>) house.getOrDefault("fonts", HouseStyle.PLAIN.fonts()),
        (List<String>) house.getOrDefault("sizes", HouseStyle.PLAIN.sizes()),
        list(house, "styles").stream()
            .map(
                s ->
                    new HouseStyle.NamedStyle(
                        text(s, "name"),
                        text(s, "label"),
                        map(s.get("css")).entrySet().stream()
                            .collect(
                                Collectors.toMap(Map.Entry::getKey, e -> e.getValue().toString()))))
            .toList());
  }

  private static List<EmbedHost> hosts(Map<String, Object> settings) {
    return list(settings, "embed-hosts").stream()
        .map(
            h -> new EmbedHost(text(h, "host"), text(h, "name"), text(h, "page"), text(h, "frame")))
        .toList();
  }

  @SuppressWarnings("unchecked")
  private static List<String> fetchHosts(Map<String, Object> settings) {
    return (List<String>) settings.getOrDefault("fetch-hosts", List.of("*"));
  }

  private static List<PackedPerson> people(Map<String, Object> settings) {
    return list(settings, "people").stream()
        .map(
            p ->
                new PackedPerson(
                    text(p, "sign-in"), text(p, "name"), pick(Role.class, text(p, "role"))))
        .toList();
  }

  private static List<PackedOutline> outlines(Path folder) throws IOException {
    List<PackedOutline> out = new ArrayList<>();
    if (Files.isDirectory(folder)) {
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.sorted().toList()) {
          String all = Files.readString(file);
          int end = all.indexOf("\n" + FENCE, FENCE.length());
          Map<String, Object> fields = yaml(all.substring(FENCE.length(), end + 1));
          List<Kind> kinds =
              Stream.of(text(fields, "kinds").split(",\\s*"))
                  .map(k -> pick(Kind.class, k))
                  .toList();
          out.add(
              new PackedOutline(
                  text(fields, "name"),
                  text(fields, "about"),
                  kinds,
                  HtmlReader.read(all.substring(end + 1 + FENCE.length()))));
        }
      }
    }
    return out;
  }

  private static PackedItem item(Path file) throws IOException {
    String all = Files.readString(file);
    int end = all.indexOf("\n" + FENCE, FENCE.length());
    if (!all.startsWith(FENCE) || end < 0) {
      throw new IllegalArgumentException(file.getFileName() + " has no fields in front.");
    }
    Map<String, Object> fields = yaml(all.substring(FENCE.length(), end + 1));
    String[] texts = all.substring(end + 1 + FENCE.length()).split(LIVE, 2);
    Stage stage = pick(Stage.class, text(fields, "stage"));
    Content content = content(fields, texts[0]);
    boolean wasLive = stage == Stage.LIVE || stage == Stage.WITHDRAWN;
    Content live = wasLive ? content(fields, texts[texts.length - 1]) : null;
    return new PackedItem(
        file.getFileName().toString().replaceFirst("\\.html$", ""),
        pick(Kind.class, text(fields, "kind")),
        stage,
        text(fields, "owner"),
        Integer.parseInt(text(fields, "days-ago")),
        content,
        live);
  }

  private static Content content(Map<String, Object> fields, String html) {
    return new Content(
        text(fields, "title"),
        text(fields, "summary"),
        HtmlReader.read(html),
        text(fields, "section"),
        List.of(text(fields, "keywords").split(",")),
        text(fields, "slug"),
        text(fields, "lead-picture"));
  }

  private static <E extends Enum<E>> E pick(Class<E> type, String label) {
    return Enum.valueOf(type, label.toUpperCase(Locale.ROOT).replace(' ', '_'));
  }

  private static Map<String, Object> yaml(String text) {
    return map(new Yaml(new SafeConstructor(new LoaderOptions())).load(text));
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> map(Object value) {
    return value == null ? Map.of() : (Map<String, Object>) value;
  }

  @SuppressWarnings("unchecked")
  private static List<Map<String, Object>> list(Map<String, Object> from, String key) {
    return (List<Map<String, Object>>) from.getOrDefault(key, List.of());
  }

  private static String text(Map<String, Object> from, String key) {
    Object value = from.get(key);
    return value == null ? "" : value.toString();
  }
}

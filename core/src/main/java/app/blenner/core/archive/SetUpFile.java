package app.blenner.core.archive;

import app.blenner.core.document.Document;
import app.blenner.core.embed.EmbedHost;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.reference.References;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.Toolset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How a site is set up, as one file of YAML, without anything that is written in it or anybody who works on it. */
public final class SetUpFile {
  /** What is written in a set-up, and read from one, each by itself. */
  private static final Set<String> PARTS =
      Set.of(
          "name",
          "tagline",
          "language",
          "address",
          "kinds",
          "toolsets",
          "merge-fields",
          "rules",
          "reference-links",
          "contact-address",
          "fetch-hosts",
          "house",
          "embed-hosts",
          "outlines");

  private static final Set<String> APART =
      Set.of(
          "form",
          "people",
          "sections",
          "past-sections",
          "main-menu",
          "foot-menu",
          "front",
          "front-listed");
  private static final String WHERE = "the set-up";

  private final YamlFields fields;

  private SetUpFile(YamlFields fields) {
    this.fields = fields;
  }

  /** Writes the set-up of a site. */
  public static String write(SitePackage site) {
    Map<String, Object> out = new LinkedHashMap<>(PackageWriter.settingsOf(site).values());
    out.keySet().removeAll(APART);
    if (!site.outlines().isEmpty()) {
      out.put("outlines", site.outlines().stream().map(SetUpFile::outlineOf).toList());
    }
    return YamlFields.yaml(out);
  }

  private static Map<String, Object> outlineOf(PackedOutline o) {
    return YamlFields.none(o.name())
        .put("name", o.name())
        .put("about", o.about())
        .put("kinds", o.kinds())
        .put("use", o.snippet() ? "snippet" : "outline")
        .put("shelf", o.shelf())
        .put("role", o.role())
        .put("text", HtmlWriter.write(o.body()))
        .values();
  }

  /**
   * Reads a set-up, or a part of one.
   *
   * @throws IllegalArgumentException with a sentence, where a part says something that makes no sense
   */
  public static SetUpFile read(String yaml) {
    SetUpFile read = new SetUpFile(YamlFields.read(yaml, WHERE));
    if (read.fields.values().keySet().stream().noneMatch(PARTS::contains)) {
      throw new IllegalArgumentException("Nothing in this file is a part of a set-up.");
    }
    Site site = read.site();
    String wrong = MergeFields.problemWith(site.fields().own());
    for (var link : site.references()) {
      wrong = wrong.isEmpty() ? References.problemWith(link) : wrong;
    }
    for (Kind kind : site.kinds()) {
      List<String> problems = Kinds.problemsWith(kind);
      wrong = wrong.isEmpty() && !problems.isEmpty() ? problems.get(0) : wrong;
    }
    List<String> rules = site.standards().problemsWith(Preflight::findRule);
    wrong = wrong.isEmpty() && !rules.isEmpty() ? rules.get(0) : wrong;
    wrong = wrong.isEmpty() ? Toolset.clash(read.toolsets()).orElse("") : wrong;
    if (!wrong.isEmpty()) {
      throw new IllegalArgumentException(wrong);
    }
    read.outlines();
    read.house();
    read.embedHosts();
    read.fetchHosts();
    read.contactAddress();
    return read;
  }

  /** Whether the file says something of a part. */
  public boolean has(String part) {
    return fields.has(part);
  }

  /** Names in the file that are no part of a set-up; nothing becomes of them. */
  public List<String> unknown() {
    return fields.values().keySet().stream()
        .filter(k -> !PARTS.contains(k) && !APART.contains(k))
        .toList();
  }

  /** The parts that the pages of the site are made by; what the file does not say is empty in it. */
  public Site site() {
    return PackageReader.readSite(fields);
  }

  public List<Toolset> toolsets() {
    return PackageReader.toolsets(fields);
  }

  public HouseStyle house() {
    return PackageReader.house(fields.section("house"));
  }

  public List<EmbedHost> embedHosts() {
    return PackageReader.hosts(fields);
  }

  public List<String> fetchHosts() {
    return fields.words("fetch-hosts");
  }

  public String contactAddress() {
    return fields.text("contact-address");
  }

  /** Its outlines and snippets, which have no keys: whoever takes them gives them their own. */
  public List<PackedOutline> outlines() {
    return fields.all("outlines").stream()
        .map(
            o -> {
              String role = o.text("role");
              if (!role.matches("|writer|editor")) {
                throw new IllegalArgumentException("“" + role + "” is no role.");
              }
              Document body = HtmlReader.read(o.text("text"));
              return new PackedOutline(
                  "",
                  o.text("name"),
                  o.text("about"),
                  o.words("kinds"),
                  o.text("use").equals("snippet"),
                  o.text("shelf"),
                  role,
                  body);
            })
        .toList();
  }
}

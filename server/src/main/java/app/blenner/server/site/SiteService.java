package app.blenner.server.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.PlainText;
import app.blenner.core.embed.EmbedHost;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.intake.FetchPolicy;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.core.site.Topic;
import app.blenner.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The site's name and its sections. */
@Service
@Transactional
public class SiteService {
  private static final int ONLY = 1;

  private final SettingRepository settings;
  private final SectionRepository sections;
  private final ApplicationEventPublisher events;
  private final AddressBook addresses;
  private final JsonMapper json;

  SiteService(
      SettingRepository settings,
      SectionRepository sections,
      ApplicationEventPublisher events,
      AddressBook addresses,
      JsonMapper json) {
    this.settings = settings;
    this.sections = sections;
    this.events = events;
    this.addresses = addresses;
    this.json = json;
  }

  /** The site as it is now. */
  @Transactional(readOnly = true)
  public Site site() {
    List<Section> all = sections.findAllByOrderByPlace().stream().map(this::section).toList();
    return settings
        .findById(ONLY)
        .map(s -> new Site(s.name, s.tagline, s.language, all))
        .orElse(new Site("A new site", "", "en", all));
  }

  /** The site's house style. */
  @Transactional(readOnly = true)
  public HouseStyle house() {
    return settings
        .findById(ONLY)
        .filter(s -> !s.house.isEmpty())
        .map(s -> json.readValue(s.house, HouseStyle.class))
        .orElse(HouseStyle.PLAIN);
  }

  /** Gives the site another house style. */
  public void house(HouseStyle house) {
    SettingEntity setting = setting();
    setting.house = json.writeValueAsString(house);
    settings.save(setting);
    events.publishEvent(new SiteChanged());
  }

  /** The hosts whose things may be shown in the site's pages. */
  @Transactional(readOnly = true)
  public List<EmbedHost> hosts() {
    return settings
        .findById(ONLY)
        .filter(s -> !s.embedHosts.isEmpty())
        .map(s -> List.of(json.readValue(s.embedHosts, EmbedHost[].class)))
        .orElse(List.of());
  }

  /** Gives the site another list of hosts. */
  public void hosts(List<EmbedHost> hosts) {
    if (hosts.stream().map(EmbedHost::host).distinct().count() < hosts.size()) {
      throw Problem.unusable("A host can stand on the list only once.");
    }
    SettingEntity setting = setting();
    setting.embedHosts = json.writeValueAsString(hosts);
    settings.save(setting);
    events.publishEvent(new SiteChanged());
  }

  /** The mail address that gets the messages of visitors, or empty. */
  @Transactional(readOnly = true)
  public String contactAddress() {
    return settings.findById(ONLY).map(s -> s.contactAddress).orElse("");
  }

  /** Sends the messages of visitors to another mail address. */
  public void contactAddress(String address) {
    String line = PlainText.line(address);
    if (!line.isEmpty() && Address.parse("mailto:" + line).isEmpty()) {
      throw Problem.unusable("A mail address looks like name@example.org.");
    }
    SettingEntity setting = setting();
    setting.contactAddress = line;
    settings.save(setting);
  }

  /** Where texts may be fetched from. */
  @Transactional(readOnly = true)
  public FetchPolicy fetchPolicy() {
    String hosts = settings.findById(ONLY).map(s -> s.fetchHosts).orElse("*");
    return new FetchPolicy(hosts.lines().toList());
  }

  /** Lets texts be fetched from other hosts. */
  public void fetchHosts(List<String> hosts) {
    List<String> wrong =
        hosts.stream().map(FetchPolicy::problem).filter(p -> !p.isEmpty()).toList();
    if (!wrong.isEmpty()) {
      throw Problem.unusable(wrong.get(0));
    }
    SettingEntity setting = setting();
    setting.fetchHosts = String.join("\n", new FetchPolicy(hosts).hosts());
    settings.save(setting);
  }

  private SettingEntity setting() {
    return settings
        .findById(ONLY)
        .orElseGet(
            () -> {
              SettingEntity made = new SettingEntity();
              made.id = ONLY;
              made.name = "A new site";
              made.tagline = "";
              made.language = "en";
              return made;
            });
  }

  /** Names the site. */
  public void name(String name, String tagline, String language) {
    if (PlainText.line(name).isEmpty()) {
      throw Problem.unusable("The site needs a name.");
    }
    SettingEntity setting = setting();
    setting.name = PlainText.line(name);
    setting.tagline = PlainText.line(tagline);
    setting.language = Locale.forLanguageTag(language).toLanguageTag();
    settings.save(setting);
    events.publishEvent(new SiteChanged());
  }

  /** Adds a section behind the others. Its short name is made from its name. */
  public Section add(String name, String description, List<Topic> topics) {
    return add(new Section(Slug.of(PlainText.line(name)), name, description, topics));
  }

  /** Adds a section with a short name of its own. */
  public Section add(Section given) {
    String slug = given.slug();
    if (slug.isEmpty()) {
      throw Problem.unusable("A section needs a name with at least one letter or digit.");
    }
    if (SitePaths.RESERVED.contains(slug)) {
      throw Problem.unusable("“/" + slug + "” belongs to Blenner itself. Choose another name.");
    }
    if (sections.existsById(slug)) {
      throw Problem.unusable("There is a section at “/" + slug + "” already.");
    }
    if (addresses.isTaken("/" + slug)) {
      throw Problem.unusable("An item has the address “/" + slug + "”. Choose another name.");
    }
    SectionEntity section = new SectionEntity();
    section.slug = slug;
    section.place = (int) sections.count();
    return describe(section, given.name(), given.description(), given.topics());
  }

  /** Takes all sections away. */
  public void clearSections() {
    sections.deleteAllInBatch();
    events.publishEvent(new SiteChanged());
  }

  /**
   * Gives a section another name, description and topics; its address stays, and the short names of
   * topics that it had.
   */
  public Section change(String slug, String name, String description, List<Topic> topics) {
    SectionEntity section =
        sections
            .findById(slug)
            .orElseThrow(() -> Problem.notThere("There is no section “" + slug + "”."));
    return describe(section, name, description, topics);
  }

  private Section describe(
      SectionEntity section, String name, String description, List<Topic> topics) {
    if (PlainText.line(name).isEmpty()) {
      throw Problem.unusable("A section needs a name.");
    }
    section.name = PlainText.line(name);
    section.description = PlainText.line(description);
    section.topics = json.writeValueAsString(named(topics));
    events.publishEvent(new SiteChanged());
    return section(sections.save(section));
  }

  /** Topics with a short name each; lines left empty are no topics. */
  private static List<Topic> named(List<Topic> topics) {
    List<Topic> out = new ArrayList<>();
    for (Topic topic : topics) {
      String name = PlainText.line(topic.name());
      if (name.isEmpty()) {
        continue;
      }
      if (out.stream().anyMatch(t -> t.name().equalsIgnoreCase(name))) {
        throw Problem.unusable("There is a topic “" + name + "” in this section already.");
      }
      String made = Slug.of(topic.slug().isEmpty() ? name : topic.slug());
      if (made.isEmpty()) {
        throw Problem.unusable("A topic needs a name with at least one letter or digit.");
      }
      Set<String> taken = out.stream().map(Topic::slug).collect(Collectors.toSet());
      topics.stream().filter(t -> t != topic).map(Topic::slug).forEach(taken::add);
      out.add(new Topic(Slug.free(made, taken::contains), name));
    }
    return out;
  }

  private Section section(SectionEntity s) {
    List<Topic> topics = List.of(json.readValue(s.topics, Topic[].class));
    return new Section(s.slug, s.name, s.description, topics);
  }
}

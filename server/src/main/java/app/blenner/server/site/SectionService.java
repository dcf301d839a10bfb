package app.blenner.server.site;

import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Section;
import app.blenner.core.site.SitePaths;
import app.blenner.core.site.Topic;
import app.blenner.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The parts of the site, and the topics of each. */
@Service
@Transactional
public class SectionService {
  private final SectionRepository sections;
  private final ApplicationEventPublisher events;
  private final AddressBook addresses;
  private final JsonMapper json;

  SectionService(
      SectionRepository sections,
      ApplicationEventPublisher events,
      AddressBook addresses,
      JsonMapper json) {
    this.sections = sections;
    this.events = events;
    this.addresses = addresses;
    this.json = json;
  }

  /** All sections, in the order readers see them. */
  @Transactional(readOnly = true)
  public List<Section> all() {
    return sections.findAllByOrderByPlace().stream().map(this::section).toList();
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
    Section made = describe(section, given.name(), given.description(), given.topics());
    addresses.reserveForSection("/" + slug);
    return made;
  }

  /** Takes all sections away. */
  public void clear() {
    sections.deleteAllInBatch();
    addresses.releaseSections();
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

package app.blenner.server.site;

import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionList;
import app.blenner.core.site.Topic;
import app.blenner.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** How sections stand in the database. */
@Component
class SectionRows {
  private final JsonMapper json;

  SectionRows(JsonMapper json) {
    this.json = json;
  }

  Section sectionOf(SectionEntity s) {
    return new Section(
        s.slug,
        s.name,
        s.description,
        List.of(json.readValue(s.topics, Topic[].class)),
        s.parent,
        s.step,
        s.picture,
        new SectionList(s.listOrder, texts(s.picked), s.pageSize, s.composed, s.listed),
        texts(s.publishers));
  }

  private List<String> texts(String written) {
    return List.of(json.readValue(written, String[].class));
  }

  /** Takes over what a section is called, says and shows; not where it stands. */
  void describe(SectionEntity section, Section given) {
    if (PlainText.toLine(given.name()).isEmpty()) {
      throw Problem.unusable("A section needs a name.");
    }
    SectionList list = given.list();
    section.name = PlainText.toLine(given.name());
    section.description = PlainText.toLine(given.description());
    section.topics = json.writeValueAsString(named(given.topics()));
    section.picture = given.picture();
    section.listOrder = list.order();
    section.picked = json.writeValueAsString(list.picked());
    section.pageSize = list.size();
    section.composed = list.composed();
    section.listed = list.listed();
    section.publishers = json.writeValueAsString(given.publishers());
  }

  /** A section that was given up. */
  SectionEntity markGone(String slug, String to) {
    SectionEntity section = new SectionEntity();
    section.slug = slug;
    section.name = slug;
    section.description = "";
    section.step = slug;
    section.goneTo = to;
    return section;
  }

  /** Topics with a short name each; lines left empty are no topics. */
  private static List<Topic> named(List<Topic> topics) {
    List<Topic> out = new ArrayList<>();
    for (Topic topic : topics) {
      String name = PlainText.toLine(topic.name());
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
      out.add(new Topic(Slug.firstFree(made, taken::contains), name));
    }
    return out;
  }
}

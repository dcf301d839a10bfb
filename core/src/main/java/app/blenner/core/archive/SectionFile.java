package app.blenner.core.archive;

import app.blenner.core.site.Section;
import app.blenner.core.site.SectionList;
import app.blenner.core.site.Topic;
import java.util.Map;

/** How a section is in the settings of a package. */
final class SectionFile {
  private SectionFile() {}

  static Map<String, Object> write(Section s) {
    Map<String, Object> out =
        PackageWriter.mapOf("slug", s.slug(), "name", s.name(), "description", s.description());
    PackageWriter.put(out, "parent", s.parent());
    PackageWriter.put(out, "step", s.step().equals(s.slug()) ? "" : s.step());
    PackageWriter.put(out, "picture", s.picture());
    if (!s.list().equals(SectionList.NEWEST)) {
      out.put("order", YamlFields.label(s.list().order()));
      out.put("picked", s.list().picked());
      out.put("size", s.list().size());
      PackageWriter.put(out, "composed", s.list().composed());
      out.put("listed", s.list().listed());
    }
    if (!s.publishers().isEmpty()) {
      out.put("publishers", s.publishers());
    }
    if (!s.topics().isEmpty()) {
      out.put(
          "topics",
          s.topics().stream()
              .map(t -> PackageWriter.mapOf("slug", t.slug(), "name", t.name()))
              .toList());
    }
    return out;
  }

  static Map<String, Object> writePast(PastSection s) {
    Map<String, Object> out = PackageWriter.mapOf("slug", s.slug(), "addresses", s.addresses());
    if (s.gone()) {
      out.put("leads-to", s.leadsTo());
    }
    return out;
  }

  /** A section as a package of any Blenner says it. */
  static Section read(YamlFields s) {
    String slug = s.text("slug");
    return new Section(
        slug,
        s.text("name"),
        s.text("description"),
        s.all("topics").stream().map(t -> new Topic(t.text("slug"), t.text("name"))).toList(),
        s.text("parent"),
        s.has("step") ? s.text("step") : slug,
        s.text("picture"),
        list(s),
        s.words("publishers"));
  }

  private static SectionList list(YamlFields s) {
    SectionList standard = SectionList.NEWEST;
    return new SectionList(
        s.has("order") ? s.pick(SectionList.Order.class, "order") : standard.order(),
        s.words("picked"),
        s.has("size") ? s.number("size") : standard.size(),
        s.text("composed"),
        !s.has("listed") || s.isSet("listed"));
  }

  static PastSection readPast(YamlFields s) {
    boolean gone = s.has("leads-to");
    return new PastSection(s.text("slug"), gone, s.text("leads-to"), s.words("addresses"));
  }
}

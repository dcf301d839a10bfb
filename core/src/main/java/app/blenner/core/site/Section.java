package app.blenner.core.site;

import java.util.List;

/**
 * A part of the site.
 *
 * @param slug its short name, by which items refer to it; it lasts, wherever the section is moved and whatever it is called
 * @param name its name as readers see it
 * @param description what it is about, in a sentence
 * @param topics what items in it can be about, in the order writers see them
 * @param parent the section it is a part of, or empty
 * @param step its own part of addresses, behind those of the sections it is a part of
 * @param picture the asset that shows what it is about, or empty
 * @param list what its page lists, and how
 * @param publishers the sign-in names of those who alone may publish in it and in its parts; none where the section it is a
 *     part of decides, and in the end their roles
 */
public record Section(
    String slug,
    String name,
    String description,
    List<Topic> topics,
    String parent,
    String step,
    String picture,
    SectionList list,
    List<String> publishers) {

  public Section {
    topics = List.copyOf(topics);
    publishers = List.copyOf(publishers);
  }

  /** A section at the top, as a new one is. */
  public Section(String slug, String name, String description, List<Topic> topics) {
    this(slug, name, description, topics, "", slug, "", SectionList.NEWEST, List.of());
  }

  /** A section without topics. */
  public Section(String slug, String name, String description) {
    this(slug, name, description, List.of());
  }

  /** The same as a part of another section, or of none. */
  public Section withParent(String other) {
    return new Section(slug, name, description, topics, other, step, picture, list, publishers);
  }

  /** The same with another part of addresses. */
  public Section withAddressPart(String other) {
    return new Section(slug, name, description, topics, parent, other, picture, list, publishers);
  }

  /** Its topics that have these short names, in its own order. */
  public List<Topic> topicsNamed(List<String> slugs) {
    return topics.stream().filter(t -> slugs.contains(t.slug())).toList();
  }
}

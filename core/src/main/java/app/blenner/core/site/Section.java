package app.blenner.core.site;

import java.util.List;

/**
 * A part of the site.
 *
 * @param slug its short name and the first part of its addresses
 * @param name its name as readers see it
 * @param description what it is about, in a sentence
 * @param topics what items in it can be about, in the order writers see them
 */
public record Section(String slug, String name, String description, List<Topic> topics) {

  public Section {
    topics = List.copyOf(topics);
  }

  /** A section without topics. */
  public Section(String slug, String name, String description) {
    this(slug, name, description, List.of());
  }

  /** Its topics that have these short names, in its own order. */
  public List<Topic> topics(List<String> slugs) {
    return topics.stream().filter(t -> slugs.contains(t.slug())).toList();
  }
}

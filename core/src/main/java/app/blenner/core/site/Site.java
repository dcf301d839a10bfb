package app.blenner.core.site;

import java.util.List;
import java.util.Optional;

/**
 * The site as a whole.
 *
 * @param name its name
 * @param tagline what it is, in a line
 * @param language its BCP 47 tag
 * @param sections its sections in the order readers see them
 */
public record Site(String name, String tagline, String language, List<Section> sections) {

  public Site {
    sections = List.copyOf(sections);
  }

  /** The section with this short name. */
  public Optional<Section> section(String slug) {
    return sections.stream().filter(s -> s.slug().equals(slug)).findFirst();
  }
}

package app.blenner.core.site;

import app.blenner.core.document.Document;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.reference.References;
import java.util.List;
import java.util.Optional;

/**
 * The site as a whole.
 *
 * @param name its name
 * @param tagline what it is, in a line
 * @param language its BCP 47 tag
 * @param sections its sections in the order readers see them
 * @param kinds its kinds of item, in the order they are offered
 * @param references codes in its texts that lead somewhere
 */
public record Site(
    String name,
    String tagline,
    String language,
    List<Section> sections,
    List<Kind> kinds,
    List<ReferenceLink> references) {

  public Site {
    sections = List.copyOf(sections);
    kinds = List.copyOf(kinds);
    references = List.copyOf(references);
  }

  /** A site with the kinds every site begins with. */
  public Site(String name, String tagline, String language, List<Section> sections) {
    this(name, tagline, language, sections, Kinds.STANDARD, List.of());
  }

  /** A text as readers get it: with its codes linked. */
  public Document asRead(Document document) {
    return new References(references).linked(document);
  }

  /** The kind with this name; one that is not there any more is known by its name alone. */
  public Kind kind(String name) {
    return Kinds.named(kinds, name);
  }

  /** The section with this short name. */
  public Optional<Section> section(String slug) {
    return sections.stream().filter(s -> s.slug().equals(slug)).findFirst();
  }
}

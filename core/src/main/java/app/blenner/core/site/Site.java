package app.blenner.core.site;

import app.blenner.core.document.Document;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.piece.Pieces;
import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.reference.References;
import app.blenner.core.rule.Standards;
import java.net.URI;
import java.net.URISyntaxException;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
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
 * @param fields the placeholders in its texts
 * @param address where readers find it, such as {@code https://www.example.org}, without a slash at its end; empty while
 *     that is not known
 * @param menus the menus on every page
 * @param front what its front page shows
 * @param standards what it asks of its items
 */
public record Site(
    String name,
    String tagline,
    String language,
    List<Section> sections,
    List<Kind> kinds,
    List<ReferenceLink> references,
    MergeFields fields,
    String address,
    Menus menus,
    FrontPage front,
    Standards standards) {

  public Site {
    sections = List.copyOf(sections);
    kinds = List.copyOf(kinds);
    references = List.copyOf(references);
  }

  /** A site with the kinds every site begins with. */
  public Site(String name, String tagline, String language, List<Section> sections) {
    this(
        name,
        tagline,
        language,
        sections,
        Kinds.STANDARD,
        List.of(),
        MergeFields.NONE,
        "",
        Menus.NEW,
        FrontPage.NEW,
        Standards.USUAL);
  }

  /** The same at an address. */
  public Site withAddress(String other) {
    return new Site(
        name,
        tagline,
        language,
        sections,
        kinds,
        references,
        fields,
        other,
        menus,
        front,
        standards);
  }

  /** A path of the site as others link it; what is an address already stays as it is. */
  public String absolute(String path) {
    return path.startsWith("/") && !path.startsWith("//") ? address + path : path;
  }

  /**
   * The one form of an address that somebody typed for a site.
   *
   * @return empty where it is none
   */
  public static Optional<String> addressWithin(String typed) {
    try {
      URI uri = new URI(typed.strip().replaceAll("/+$", ""));
      boolean web =
          "https".equalsIgnoreCase(uri.getScheme()) || "http".equalsIgnoreCase(uri.getScheme());
      boolean bare =
          uri.getHost() != null
              && uri.getRawPath().isEmpty()
              && uri.getRawQuery() == null
              && uri.getRawFragment() == null
              && uri.getRawUserInfo() == null;
      return web && bare ? Optional.of(uri.toString().toLowerCase(Locale.ROOT)) : Optional.empty();
    } catch (URISyntaxException e) {
      return Optional.empty();
    }
  }

  /**
   * A text of an item as readers get it: with its pieces in their places, its placeholders filled and its codes linked.
   *
   * @param library what else there is on the site
   * @param zone its time zone
   */
  public Document asRead(Document document, PublishedItem item, Library library, ZoneId zone) {
    Document whole = Pieces.fillIn(document, library::findPiece);
    Document filled =
        Fillings.needs(whole)
            ? fields.fillIn(whole, Fillings.of(this, item, library, zone))
            : whole;
    return new References(references).linkAll(filled);
  }

  /** The kind with this name; one that is not there any more is known by its name alone. */
  public Kind kindNamed(String name) {
    return Kinds.byName(kinds, name);
  }

  /** The section with this short name. */
  public Optional<Section> findSection(String slug) {
    return sections.stream().filter(s -> s.slug().equals(slug)).findFirst();
  }

  /** The page an item was composed for: that of a section, or the front page; empty for one with a page of its own. */
  public Optional<String> composedAt(String itemKey) {
    if (itemKey.equals(front.composed())) {
      return Optional.of("/");
    }
    return sections.stream()
        .filter(s -> s.list().composed().equals(itemKey))
        .map(this::pathOf)
        .findFirst();
  }

  /** Its sections as a tree. */
  public SectionTree tree() {
    return new SectionTree(sections);
  }

  /** The address of a section's page. */
  public String pathOf(Section section) {
    return tree().pathOf(section.slug());
  }

  /** The address of an item in a section, or of one in no section. */
  public String pathOf(String section, String slug) {
    return tree().pathOf(section) + "/" + slug;
  }
}

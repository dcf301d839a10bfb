package app.blenner.server.site;

import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.server.problem.Problem;
import java.util.List;
import java.util.Locale;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The site's name and its sections. */
@Service
@Transactional
public class SiteService {
  private static final int ONLY = 1;

  private final SettingRepository settings;
  private final SectionRepository sections;
  private final ApplicationEventPublisher events;
  private final AddressBook addresses;

  SiteService(
      SettingRepository settings,
      SectionRepository sections,
      ApplicationEventPublisher events,
      AddressBook addresses) {
    this.settings = settings;
    this.sections = sections;
    this.events = events;
    this.addresses = addresses;
  }

  /** The site as it is now. */
  @Transactional(readOnly = true)
  public Site site() {
    List<Section> all =
        sections.findAllByOrderByPlace().stream().map(SectionEntity::toSection).toList();
    return settings
        .findById(ONLY)
        .map(s -> new Site(s.name, s.tagline, s.language, all))
        .orElse(new Site("A new site", "", "en", all));
  }

  /** Names the site. */
  public void name(String name, String tagline, String language) {
    if (PlainText.line(name).isEmpty()) {
      throw Problem.unusable("The site needs a name.");
    }
    SettingEntity setting = settings.findById(ONLY).orElseGet(SettingEntity::new);
    setting.id = ONLY;
    setting.name = PlainText.line(name);
    setting.tagline = PlainText.line(tagline);
    setting.language = Locale.forLanguageTag(language).toLanguageTag();
    settings.save(setting);
    events.publishEvent(new SiteChanged());
  }

  /** Adds a section behind the others. Its short name is made from its name. */
  public Section add(String name, String description) {
    return add(Slug.of(PlainText.line(name)), name, description);
  }

  /** Adds a section with a short name of its own. */
  public Section add(String slug, String name, String description) {
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
    return describe(section, name, description);
  }

  /** Gives a section another name and description; its address stays. */
  public Section change(String slug, String name, String description) {
    SectionEntity section =
        sections
            .findById(slug)
            .orElseThrow(() -> Problem.notThere("There is no section “" + slug + "”."));
    return describe(section, name, description);
  }

  private Section describe(SectionEntity section, String name, String description) {
    if (PlainText.line(name).isEmpty()) {
      throw Problem.unusable("A section needs a name.");
    }
    section.name = PlainText.line(name);
    section.description = PlainText.line(description);
    events.publishEvent(new SiteChanged());
    return sections.save(section).toSection();
  }
}

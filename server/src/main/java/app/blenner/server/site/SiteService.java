package app.blenner.server.site;

import app.blenner.core.document.PlainText;
import app.blenner.core.site.FrontPage;
import app.blenner.core.site.Site;
import app.blenner.server.account.SiteOrigin;
import app.blenner.server.problem.Problem;
import java.util.Locale;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The site as a whole: what it is called, and its sections. */
@Service
@Transactional
public class SiteService implements SiteOrigin {
  private final SiteSettings settings;
  private final SectionService sections;
  private final KindService kinds;
  private final ReferenceService references;
  private final MergeFieldService fields;
  private final MenuService menus;
  private final RuleService rules;
  private final SettingsCache cache;
  private final Environment environment;

  SiteService(
      SiteSettings settings,
      SectionService sections,
      KindService kinds,
      ReferenceService references,
      MergeFieldService fields,
      MenuService menus,
      RuleService rules,
      SettingsCache cache,
      Environment environment) {
    this.menus = menus;
    this.rules = rules;
    this.cache = cache;
    this.environment = environment;
    this.fields = fields;
    this.references = references;
    this.kinds = kinds;
    this.settings = settings;
    this.sections = sections;
  }

  /** The site as it is now. */
  @Transactional(readOnly = true)
  public Site site() {
    return cache.get("site", this::read);
  }

  private Site read() {
    SettingEntity s = settings.get();
    return new Site(
        s.name,
        s.tagline,
        s.language,
        sections.all(),
        kinds.all(),
        references.all(),
        fields.all(),
        s.address,
        menus.read(s),
        new FrontPage(s.front, s.frontListed),
        rules.all());
  }

  /** The site at the address where readers find it: the one that was set, or else that of this machine. */
  @Transactional(readOnly = true)
  public Site atItsAddress() {
    Site site = site();
    return site.address().isEmpty() ? site.withAddress(guessed()) : site;
  }

  @Override
  @Transactional(readOnly = true)
  public String origin() {
    return atItsAddress().address();
  }

  /** Where the site is found while nobody has said. */
  public String guessed() {
    return "http://localhost:" + environment.getProperty("local.server.port", "8080");
  }

  /** Says where readers find the site; empty for wherever it runs. */
  public void address(String typed) {
    if (typed.isBlank()) {
      settings.change(s -> s.address = "");
      return;
    }
    String address =
        Site.addressWithin(typed)
            .orElseThrow(
                () ->
                    Problem.unusable(
                        "“"
                            + typed.strip()
                            + "” is no address of a site. One looks like https://www.example.org, with nothing behind it."));
    settings.change(s -> s.address = address);
  }

  /** Names the site. */
  public void name(String name, String tagline, String language) {
    if (PlainText.toLine(name).isEmpty()) {
      throw Problem.unusable("The site needs a name.");
    }
    settings.change(
        s -> {
          s.name = PlainText.toLine(name);
          s.tagline = PlainText.toLine(tagline);
          s.language = Locale.forLanguageTag(language).toLanguageTag();
        });
  }
}

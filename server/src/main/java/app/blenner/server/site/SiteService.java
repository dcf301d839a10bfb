package app.blenner.server.site;

import app.blenner.core.document.PlainText;
import app.blenner.core.site.Site;
import app.blenner.server.problem.Problem;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The site as a whole: what it is called, and its sections. */
@Service
@Transactional
public class SiteService {
  private final SiteSettings settings;
  private final SectionService sections;
  private final KindService kinds;
  private final ReferenceService references;
  private final MergeFieldService fields;

  SiteService(
      SiteSettings settings,
      SectionService sections,
      KindService kinds,
      ReferenceService references,
      MergeFieldService fields) {
    this.fields = fields;
    this.references = references;
    this.kinds = kinds;
    this.settings = settings;
    this.sections = sections;
  }

  /** The site as it is now. */
  @Transactional(readOnly = true)
  public Site site() {
    SettingEntity s = settings.get();
    return new Site(
        s.name, s.tagline, s.language, sections.all(), kinds.all(), references.all(), fields.all());
  }

  /** Names the site. */
  public void name(String name, String tagline, String language) {
    if (PlainText.line(name).isEmpty()) {
      throw Problem.unusable("The site needs a name.");
    }
    settings.change(
        s -> {
          s.name = PlainText.line(name);
          s.tagline = PlainText.line(tagline);
          s.language = Locale.forLanguageTag(language).toLanguageTag();
        });
  }
}

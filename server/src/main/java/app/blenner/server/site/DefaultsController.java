package app.blenner.server.site;

import app.blenner.core.kind.Kinds;
import app.blenner.server.site.KindViews.KindView;
import app.blenner.server.site.SiteController.ExternalSettings;
import app.blenner.server.site.SiteController.SiteName;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a new site begins with: the way back for whatever was set otherwise. */
@RestController
@RequestMapping("/editor/api/site/defaults")
class DefaultsController {

  /**
   * The settings of a new site.
   *
   * @param kinds the kinds every site begins with
   */
  record SiteDefaults(SiteName site, ExternalSettings external, List<KindView> kinds) {}

  @GetMapping
  SiteDefaults siteDefaults() {
    SettingEntity made = SiteSettings.ofNewSite();
    return new SiteDefaults(
        new SiteName(made.name, made.tagline, made.language, made.address),
        new ExternalSettings(List.of(), made.contactAddress, made.fetchHosts.lines().toList()),
        Kinds.STANDARD.stream().map(KindView::of).toList());
  }
}

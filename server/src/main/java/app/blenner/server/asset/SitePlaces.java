package app.blenner.server.asset;

import app.blenner.core.document.Address;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.AssetUse.Place;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Site;
import app.blenner.server.site.SiteService;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Assets of sections, in menus and behind reference links. */
@Component
class SitePlaces implements AssetPlaces {
  private final SiteService sites;

  SitePlaces(SiteService sites) {
    this.sites = sites;
  }

  @Override
  public boolean areForReaders() {
    return true;
  }

  @Override
  public List<Spot> spots() {
    Site site = sites.site();
    List<Spot> out = new ArrayList<>();
    site.sections().stream()
        .filter(s -> !s.picture().isEmpty())
        .forEach(
            s ->
                out.add(
                    new Spot(
                        new AssetUse(s.picture(), Place.SECTION_PICTURE), "sections", s.name())));
    Stream.concat(site.menus().main().stream(), site.menus().foot().stream())
        .filter(e -> e.to() == MenuEntry.To.ADDRESS)
        .forEach(e -> add(out, e.target(), Place.MENU, "sections", e.label()));
    site.references()
        .forEach(
            r -> add(out, r.address(), Place.REFERENCE_LINK, "set-up#reference-links", r.name()));
    return out;
  }

  private static void add(List<Spot> out, String target, Place place, String at, String title) {
    Address.parse(target)
        .filter(a -> a.kind() == Address.Kind.ASSET)
        .ifPresent(a -> out.add(new Spot(new AssetUse(a.assetName(), place), at, title)));
  }
}

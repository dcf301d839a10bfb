package app.blenner.server.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.ItemLink;
import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Menus;
import app.blenner.core.site.Section;
import app.blenner.server.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What is in the bin cannot be put anywhere; what stands somewhere already may stay there. Only texts of items are not
 * refused, since nothing that somebody types may be: there it gets a mark.
 */
@Component
public class Placing {
  private final List<InTheBin> bins;

  Placing(List<InTheBin> bins) {
    this.bins = bins;
  }

  /**
   * Lets somebody go on.
   *
   * @param before the items and assets that stand there already
   * @param now those that are to
   * @throws Problem where one of the new ones is in the bin
   */
  public void check(Set<String> before, Set<String> now) {
    for (String name : now) {
      if (!name.isEmpty() && !before.contains(name)) {
        bins.stream()
            .flatMap(b -> b.titleOf(name).stream())
            .findFirst()
            .ifPresent(
                title -> {
                  throw Problem.unusable(
                      "“%s” is in the bin. Take it out of there first.".formatted(title));
                });
      }
    }
  }

  /** What a section shows and leads to. */
  static Set<String> in(Section section) {
    Set<String> out = new HashSet<>(section.list().picked());
    out.add(section.picture());
    out.add(section.list().composed());
    return out;
  }

  /** Where menus lead. */
  static Set<String> in(Menus menus) {
    Set<String> out = new HashSet<>();
    Stream.concat(menus.main().stream(), menus.foot().stream())
        .filter(e -> e.to() != MenuEntry.To.SECTION)
        .forEach(
            e -> {
              if (e.to() == MenuEntry.To.ITEM) {
                out.add(e.target());
              } else {
                add(out, e.target());
              }
            });
    return out;
  }

  /** Where reference links lead. */
  static Set<String> in(List<ReferenceLink> links) {
    Set<String> out = new HashSet<>();
    links.forEach(l -> add(out, l.address()));
    return out;
  }

  private static void add(Set<String> out, String address) {
    Address.parse(address)
        .ifPresent(
            a -> {
              out.add(a.assetName());
              out.add(a.itemKey());
            });
  }

  /** What a text shows and leads to. */
  public static Set<String> in(Document body) {
    Set<String> out = new HashSet<>();
    AssetUse.usesIn(body).forEach(u -> out.add(u.asset()));
    ItemLink.linksIn(body).forEach(l -> out.add(l.target()));
    return out;
  }
}

package app.blenner.core.site;

import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** What an item says of itself in the terms of the Dublin Core. Source: DCMI Metadata Terms, 2020-01-20. */
final class DublinCore {
  private DublinCore() {}

  /**
   * The terms of an item; what is not known is not said.
   *
   * @param description what it says, in a sentence or two, or empty
   */
  static List<PageHead.Term> of(Site site, PublishedItem item, String description) {
    Content content = item.content();
    List<PageHead.Term> out = new ArrayList<>();
    add(out, "title", content.title());
    item.authors().forEach(a -> add(out, "creator", a));
    add(out, "description", description);
    add(out, "language", content.languageOn(site.language()));
    add(out, "publisher", site.name());
    content.keywords().forEach(k -> add(out, "subject", k));
    if (item.firstLive() != null) {
      add(out, "issued", item.firstLive().toString());
      add(out, "modified", item.updated().toString());
      add(out, "identifier", site.absolute(item.path()));
    }
    return out;
  }

  private static void add(List<PageHead.Term> out, String name, String value) {
    if (!value.isEmpty()) {
      out.add(new PageHead.Term(name, value));
    }
  }
}

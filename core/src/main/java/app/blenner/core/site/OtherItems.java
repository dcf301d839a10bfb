package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.SiteWords;
import com.ibm.icu.util.ULocale;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The live items an item names: the same in other languages, and those related to it. */
final class OtherItems {
  private final Site site;
  private final Library library;
  private final SiteWords own;

  /**
   * @param own the words of the language of the item that names them
   */
  OtherItems(Site site, Library library, SiteWords own) {
    this.site = site;
    this.library = library;
    this.own = own;
  }

  private List<PublishedItem> live(PublishedItem item, String field) {
    return StandardFields.texts(item.content(), field).stream()
        .filter(key -> !key.equals(item.key()))
        .flatMap(key -> library.findItem(key).stream())
        .toList();
  }

  private String languageOf(PublishedItem item) {
    return item.content().languageOn(site.language());
  }

  /** The addresses of the same in all its languages, by their tags; none where it is in one only. */
  Map<String, String> addresses(PublishedItem item) {
    Map<String, String> out = new LinkedHashMap<>();
    out.put(languageOf(item), item.path());
    live(item, StandardFields.LANGUAGES).forEach(i -> out.putIfAbsent(languageOf(i), i.path()));
    return out.size() < 2 ? Map.of() : out;
  }

  /**
   * Links to the same in other languages, each called as those who read it call it.
   *
   * @param addresses what {@link #addresses} gave
   */
  void languages(HtmlOut out, PublishedItem item, Map<String, String> addresses) {
    Map<String, String> others = new LinkedHashMap<>(addresses);
    others.remove(languageOf(item));
    if (others.isEmpty()) {
      return;
    }
    out.open("nav").attribute("class", "languages");
    out.attribute("aria-label", own.get("languages")).endOpen().tag("ul");
    others.forEach(
        (tag, address) -> {
          out.tag("li").open("a").attribute("href", address).attribute("hreflang", tag);
          out.attribute("lang", tag).endOpen();
          out.text(ULocale.getDisplayName(tag, new ULocale(tag))).close("a");
          out.close("li");
        });
    out.close("ul");
    out.close("nav");
  }

  /** Links to related items. */
  void related(HtmlOut out, PublishedItem item) {
    List<PublishedItem> items = live(item, StandardFields.RELATED);
    if (items.isEmpty()) {
      return;
    }
    out.open("section").attribute("class", "related").endOpen();
    out.tag("h2").text(own.get("related")).close("h2");
    writeList(out, items);
    out.close("section");
  }

  /** Links to items, each in its language where that is another than the page's. */
  void writeList(HtmlOut out, List<PublishedItem> items) {
    out.tag("ul");
    for (PublishedItem other : items) {
      String language = languageOf(other);
      out.tag("li").open("a").attribute("href", other.path());
      out.attributeIf("lang", language.equals(own.language()) ? "" : language).endOpen();
      out.text(other.content().title()).close("a");
      out.close("li");
    }
    out.close("ul");
  }
}

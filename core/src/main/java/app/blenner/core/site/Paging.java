package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;

/**
 * Which page of a list that is read over several.
 *
 * @param number from 1, the newest
 * @param hasOlder whether there is one behind it
 */
public record Paging(int number, boolean hasOlder) {

  /** The only page of a list. */
  public static final Paging ONLY = new Paging(1, false);

  /** The address of a page of a list that begins at an address. */
  public static String addressOf(String path, int number) {
    return number == 1 ? path : path + (path.contains("?") ? "&" : "?") + "page=" + number;
  }

  /** Links to the pages before and behind; nothing for an only page. */
  void write(HtmlOut out, String path, SiteWords words) {
    if (number == 1 && !hasOlder) {
      return;
    }
    out.open("nav").attribute("class", "paging").attribute("aria-label", words.get("paging"));
    out.endOpen();
    if (number > 1) {
      link(out, addressOf(path, number - 1), "prev", words.get("newer"));
    }
    out.tag("span").text(words.get("page.number", String.valueOf(number))).close("span");
    if (hasOlder) {
      link(out, addressOf(path, number + 1), "next", words.get("older"));
    }
    out.close("nav");
  }

  private static void link(HtmlOut out, String href, String rel, String words) {
    out.open("a").attribute("href", href).attribute("rel", rel).endOpen().text(words).close("a");
  }
}

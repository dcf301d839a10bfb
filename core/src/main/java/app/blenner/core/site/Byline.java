package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.SiteWords;
import com.ibm.icu.text.ListFormatter;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;

/** The line that says whose an item is, and of when. */
final class Byline {
  private Byline() {}

  static void write(HtmlOut out, PublishedItem item, SiteWords own, ZoneId zone) {
    out.open("p").attribute("class", "byline").endOpen().text(names(item, own));
    LocalDate date = dateOf(item, zone);
    if (date != null) {
      out.text(" · ");
      time(out, date, own, zone);
      if (item.firstLive() != null
          && date.isBefore(dayOf(item.updated(), zone))
          && dayOf(item.firstLive(), zone).isBefore(dayOf(item.updated(), zone))) {
        String[] around = own.get("updated").split("\\{0}", -1);
        out.text(" · " + around[0]);
        time(out, dayOf(item.updated(), zone), own, zone);
        out.text(around[1]);
      }
    }
    out.close("p");
  }

  /** Whose it is, in words. */
  static String names(PublishedItem item, SiteWords own) {
    String line = StandardFields.textOf(item.content(), StandardFields.BYLINE);
    if (!line.isEmpty()) {
      return line;
    }
    return ListFormatter.getInstance(Locale.forLanguageTag(own.language())).format(item.authors());
  }

  /** The day readers see: the one somebody set, or of news the one it first went live on; else null. */
  private static LocalDate dateOf(PublishedItem item, ZoneId zone) {
    String set = StandardFields.textOf(item.content(), StandardFields.SHOWN_DATE);
    if (!set.isEmpty()) {
      return LocalDate.parse(set);
    }
    return item.firstLive() == null || !item.kind().isNews() ? null : dayOf(item.firstLive(), zone);
  }

  private static LocalDate dayOf(Instant instant, ZoneId zone) {
    return instant.atZone(zone).toLocalDate();
  }

  private static void time(HtmlOut out, LocalDate day, SiteWords own, ZoneId zone) {
    out.open("time").attribute("datetime", day.toString()).endOpen();
    out.text(own.dayOf(day.atStartOfDay(zone))).close("time");
  }
}

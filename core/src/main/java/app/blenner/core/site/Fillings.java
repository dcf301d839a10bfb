package app.blenner.core.site;

import app.blenner.core.document.Document;
import app.blenner.core.document.Mark;
import app.blenner.core.item.Content;
import app.blenner.core.language.SiteWords;
import app.blenner.core.merge.Filling;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.piece.Pieces;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;

/** What the placeholders of an item are filled from, on a site. */
public final class Fillings {
  private Fillings() {}

  /** Whether there is a placeholder in a text. */
  static boolean needs(Document text) {
    boolean[] any = new boolean[1];
    text.each(
        block ->
            any[0] |=
                block.content().stream()
                    .anyMatch(i -> i.marks().valueOf(Mark.Kind.MERGE_FIELD).isPresent()));
    return any[0];
  }

  /** The text of an item with its placeholders filled, for where nobody knows of placeholders. */
  public static Document fillIn(Site site, PublishedItem item, Library library, ZoneId zone) {
    Document body = Pieces.fillIn(item.content().body(), library::findPiece);
    return needs(body) ? plain(site.fields().fillIn(body, of(site, item, library, zone))) : body;
  }

  private static Document plain(Document text) {
    return text.map(
        block -> block.mapInlines(i -> i.withMarks(i.marks().without(MergeFields::isField))));
  }

  /** What those of an item are filled from. */
  public static Filling of(Site site, PublishedItem item, Library library, ZoneId zone) {
    Content content = item.content();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    Section section = site.findSection(content.section()).orElse(null);
    return new Filling(
        site.name(),
        site.tagline(),
        item.kind(),
        content,
        section == null ? "" : section.name(),
        section == null
            ? List.of()
            : section.topicsNamed(content.topics()).stream().map(Topic::name).toList(),
        Byline.names(item, own),
        day(item.firstLive(), zone),
        day(item.updated(), zone),
        LocalDate.ofInstant(library.now(), zone),
        zone,
        Locale.forLanguageTag(content.languageOn(site.language())),
        own.get("reader"),
        key -> library.findItem(key).map(i -> i.content().title()).orElse(""));
  }

  private static LocalDate day(Instant at, ZoneId zone) {
    return at == null ? null : LocalDate.ofInstant(at, zone);
  }
}

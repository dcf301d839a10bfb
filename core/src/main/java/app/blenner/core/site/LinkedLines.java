package app.blenner.core.site;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Text;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.reference.References;
import java.util.List;

/** Lines of plain text on the page of an item, with the site's codes in them linked as in its text. */
final class LinkedLines {
  private final References references;
  private final PublishedItem item;
  private final Library library;
  private final SiteWords words;

  LinkedLines(Site site, PublishedItem item, Library library, SiteWords words) {
    this.references = new References(site.references());
    this.item = item;
    this.library = library;
    this.words = words;
  }

  /** Writes a line. It must not be within a link, where no other can be. */
  void write(HtmlOut out, String line) {
    List<Inline> linked = references.linkLine(line);
    if (linked.stream().allMatch(i -> i instanceof Text t && t.marks().all().isEmpty())) {
      out.text(line);
    } else {
      out.markup(BodyRenderer.renderLine(item.key(), linked, library, words));
    }
  }
}

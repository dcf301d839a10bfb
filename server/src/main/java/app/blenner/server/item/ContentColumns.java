package app.blenner.server.item;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.List;
import java.util.Objects;

/** What is written in an item, as columns. Keywords are joined by line feeds. */
@Embeddable
class ContentColumns {
  String title = "";
  String summary = "";

  @Column(columnDefinition = "clob")
  String body = "";

  String section = "";
  String keywords = "";
  String slug = "";
  String leadPicture = "";

  static ContentColumns of(Content content) {
    ContentColumns c = new ContentColumns();
    c.title = content.title();
    c.summary = content.summary();
    c.body = HtmlWriter.write(content.body());
    c.section = content.section();
    c.keywords = String.join("\n", content.keywords());
    c.slug = content.slug();
    c.leadPicture = content.leadPicture();
    return c;
  }

  Content toContent() {
    return withoutBody().withBody(HtmlReader.read(body));
  }

  /** All but the text, for who only asks where the item stands: reading the text takes longest. */
  Content withoutBody() {
    return new Content(title, summary, Document.EMPTY, section, keywordList(), slug, leadPicture);
  }

  List<String> keywordList() {
    return keywords.isEmpty() ? List.of() : List.of(keywords.split("\n"));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof ContentColumns c
        && title.equals(c.title)
        && summary.equals(c.summary)
        && body.equals(c.body)
        && section.equals(c.section)
        && keywords.equals(c.keywords)
        && slug.equals(c.slug)
        && leadPicture.equals(c.leadPicture);
  }

  @Override
  public int hashCode() {
    return Objects.hash(title, slug);
  }
}

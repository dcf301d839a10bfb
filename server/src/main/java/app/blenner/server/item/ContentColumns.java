package app.blenner.server.item;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** What is written in an item, as columns. Topics and keywords are joined by line feeds. */
@Embeddable
class ContentColumns {
  String title = "";
  String summary = "";

  @Column(columnDefinition = "clob")
  String body = "";

  String section = "";
  String topics = "";
  String keywords = "";
  String slug = "";
  String leadPicture = "";
  String language = "";

  /** A line for each: its asset, a tabulator, its words. */
  String attachments = "";

  static ContentColumns of(Content content) {
    ContentColumns c = new ContentColumns();
    c.title = content.title();
    c.summary = content.summary();
    c.body = HtmlWriter.write(content.body());
    c.section = content.section();
    c.topics = String.join("\n", content.topics());
    c.keywords = String.join("\n", content.keywords());
    c.slug = content.slug();
    c.leadPicture = content.leadPicture();
    c.language = content.language();
    c.attachments =
        content.attachments().stream()
            .map(a -> a.asset() + "\t" + a.words())
            .collect(Collectors.joining("\n"));
    return c;
  }

  Content toContent() {
    return withoutBody().withBody(HtmlReader.read(body));
  }

  /** All but the text, for who only asks where the item stands: reading the text takes longest. */
  Content withoutBody() {
    return new Content(
        title,
        summary,
        Document.EMPTY,
        section,
        topicList(),
        keywordList(),
        slug,
        leadPicture,
        language,
        attachmentList());
  }

  List<String> topicList() {
    return lines(topics);
  }

  List<String> keywordList() {
    return lines(keywords);
  }

  List<Attachment> attachmentList() {
    return lines(attachments).stream()
        .map(line -> line.split("\t", 2))
        .map(parts -> new Attachment(parts[0], parts[1]))
        .toList();
  }

  private static List<String> lines(String joined) {
    return joined.isEmpty() ? List.of() : List.of(joined.split("\n"));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof ContentColumns c
        && title.equals(c.title)
        && summary.equals(c.summary)
        && body.equals(c.body)
        && section.equals(c.section)
        && topics.equals(c.topics)
        && keywords.equals(c.keywords)
        && slug.equals(c.slug)
        && leadPicture.equals(c.leadPicture)
        && language.equals(c.language)
        && attachments.equals(c.attachments);
  }

  @Override
  public int hashCode() {
    return Objects.hash(title, slug);
  }
}

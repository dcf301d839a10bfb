package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What people write in an item: the state of a working copy, or of what is live.
 *
 * @param title the headline
 * @param summary the short text that stands first and makes the teaser
 * @param body the text
 * @param section short name of the section, or empty
 * @param topics short names of topics of the section, in the order they were given
 * @param keywords free words, in the order they were given
 * @param slug last part of the address, or empty until there is a title
 * @param leadPicture name of the asset that stands for the item, or empty
 * @param language BCP 47 tag of the language it is written in, or empty for the site's own
 * @param attachments the files that go with it, in the order readers see them
 * @param values what stands in the fields of its kind, by their names, as {@link Values} has it
 */
public record Content(
    String title,
    String summary,
    Document body,
    String section,
    List<String> topics,
    List<String> keywords,
    String slug,
    String leadPicture,
    String language,
    List<Attachment> attachments,
    Map<String, Object> values) {

  /** Nothing written yet. */
  public static final Content EMPTY = new Content("", "", Document.EMPTY, "", List.of(), "", "");

  /** What parts keywords: the commas and semicolons of Latin, Arabic and East Asian writing. */
  private static final Pattern PARTS = Pattern.compile("[,;،؛、，；]");

  public Content {
    title = PlainText.line(title);
    summary = PlainText.line(summary);
    topics = topics.stream().filter(Slug::isLegal).distinct().toList();
    keywords = tidyKeywords(keywords);
    leadPicture = Address.isAssetName(leadPicture) ? leadPicture : "";
    String tag = Locale.forLanguageTag(language).toLanguageTag();
    language = tag.equals("und") ? "" : tag;
    attachments = Attachment.tidy(attachments);
    values = Values.plain(values);
  }

  /** Without values of its kind's own fields. */
  public Content(
      String title,
      String summary,
      Document body,
      String section,
      List<String> topics,
      List<String> keywords,
      String slug,
      String leadPicture,
      String language,
      List<Attachment> attachments) {
    this(
        title,
        summary,
        body,
        section,
        topics,
        keywords,
        slug,
        leadPicture,
        language,
        attachments,
        Map.of());
  }

  /** Without attachments. */
  public Content(
      String title,
      String summary,
      Document body,
      String section,
      List<String> topics,
      List<String> keywords,
      String slug,
      String leadPicture,
      String language) {
    this(title, summary, body, section, topics, keywords, slug, leadPicture, language, List.of());
  }

  /** In the site's own language, and of no topic. */
  public Content(
      String title,
      String summary,
      Document body,
      String section,
      List<String> keywords,
      String slug,
      String leadPicture) {
    this(title, summary, body, section, List.of(), keywords, slug, leadPicture, "");
  }

  /** The language it is written in, on a site of this language. */
  public String languageOn(String siteLanguage) {
    return language.isEmpty() ? siteLanguage : language;
  }

  private static List<String> tidyKeywords(List<String> given) {
    Set<String> seen = new LinkedHashSet<>();
    List<String> out = new ArrayList<>();
    for (String keyword : given) {
      for (String part : PARTS.split(keyword)) {
        String line = PlainText.line(part);
        if (!line.isEmpty() && seen.add(line.toLowerCase(Locale.ROOT))) {
          out.add(line);
        }
      }
    }
    return List.copyOf(out);
  }

  /** The same with another text. */
  public Content withBody(Document other) {
    return new Content(
        title,
        summary,
        other,
        section,
        topics,
        keywords,
        slug,
        leadPicture,
        language,
        attachments,
        values);
  }

  /** The same with another title. */
  public Content withTitle(String other) {
    return new Content(
        other,
        summary,
        body,
        section,
        topics,
        keywords,
        slug,
        leadPicture,
        language,
        attachments,
        values);
  }

  /** The same with another slug. */
  public Content withSlug(String other) {
    return new Content(
        title,
        summary,
        body,
        section,
        topics,
        keywords,
        other,
        leadPicture,
        language,
        attachments,
        values);
  }

  /** The same with other values of its kind's own fields. */
  public Content withValues(Map<String, Object> others) {
    return new Content(
        title,
        summary,
        body,
        section,
        topics,
        keywords,
        slug,
        leadPicture,
        language,
        attachments,
        others);
  }
}

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
 * @param values what is in the fields of its kind, by their names, as {@link Values} has it
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
  public static final Content EMPTY = builder().build();

  /** What parts keywords: the commas and semicolons of Latin, Arabic and East Asian writing. */
  private static final Pattern PARTS = Pattern.compile("[,;،؛、，；]");

  public Content {
    title = PlainText.toLine(title);
    summary = PlainText.toLine(summary);
    topics = topics.stream().filter(Slug::isLegal).distinct().toList();
    keywords = tidyKeywords(keywords);
    leadPicture = Address.isAssetName(leadPicture) ? leadPicture : "";
    String tag = Locale.forLanguageTag(language).toLanguageTag();
    language = tag.equals("und") ? "" : tag;
    attachments = Attachment.tidyAll(attachments);
    values = Values.toPlain(values);
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
        String line = PlainText.toLine(part);
        if (!line.isEmpty() && seen.add(line.toLowerCase(Locale.ROOT))) {
          out.add(line);
        }
      }
    }
    return List.copyOf(out);
  }

  /** The same with another text. */
  public Content withBody(Document other) {
    return toBuilder().body(other).build();
  }

  /** The same with another title. */
  public Content withTitle(String other) {
    return toBuilder().title(other).build();
  }

  /** The same with another slug. */
  public Content withSlug(String other) {
    return toBuilder().slug(other).build();
  }

  /** The same said to be in another language, a BCP 47 tag. */
  public Content withLanguage(String other) {
    return toBuilder().language(other).build();
  }

  /** The same with other values of its kind's own fields. */
  public Content withValues(Map<String, Object> others) {
    return toBuilder().values(others).build();
  }

  /** Begins a content in which nothing is written. */
  public static Builder builder() {
    return new Builder();
  }

  /** Begins another content with all that is written in this one. */
  public Builder toBuilder() {
    Builder other = new Builder();
    other.title = title;
    other.summary = summary;
    other.body = body;
    other.section = section;
    other.topics = topics;
    other.keywords = keywords;
    other.slug = slug;
    other.leadPicture = leadPicture;
    other.language = language;
    other.attachments = attachments;
    other.values = values;
    return other;
  }

  /** Makes a content part by part; a part that is not given is empty. */
  public static final class Builder {
    private String title = "";
    private String summary = "";
    private Document body = Document.EMPTY;
    private String section = "";
    private List<String> topics = List.of();
    private List<String> keywords = List.of();
    private String slug = "";
    private String leadPicture = "";
    private String language = "";
    private List<Attachment> attachments = List.of();
    private Map<String, Object> values = Map.of();

    private Builder() {}

    /** The headline. */
    public Builder title(String given) {
      this.title = given;
      return this;
    }

    /** The short text that stands first. */
    public Builder summary(String given) {
      this.summary = given;
      return this;
    }

    /** The text. */
    public Builder body(Document given) {
      this.body = given;
      return this;
    }

    /** The short name of its section; empty for none. */
    public Builder section(String given) {
      this.section = given;
      return this;
    }

    /** Short names of topics of the section. */
    public Builder topics(List<String> given) {
      this.topics = given;
      return this;
    }

    /** Free words. */
    public Builder keywords(List<String> given) {
      this.keywords = given;
      return this;
    }

    /** The last part of its address. */
    public Builder slug(String given) {
      this.slug = given;
      return this;
    }

    /** The name of the asset that stands for it. */
    public Builder leadPicture(String given) {
      this.leadPicture = given;
      return this;
    }

    /** The BCP 47 tag of its language; empty for that of the site. */
    public Builder language(String given) {
      this.language = given;
      return this;
    }

    /** The files that go with it. */
    public Builder attachments(List<Attachment> given) {
      this.attachments = given;
      return this;
    }

    /** What is in the fields of its kind, by their names. */
    public Builder values(Map<String, Object> given) {
      this.values = given;
      return this;
    }

    /** The content as it is so far. */
    public Content build() {
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
          values);
    }
  }
}

package app.blenner.core.merge;

import com.ibm.icu.text.ListFormatter;
import java.util.function.Function;

/** The placeholders that every site and every item has. */
enum StandingField {
  SITE_NAME("site.name", "Name of the site", "The site", Filling::site),
  TAGLINE("site.tagline", "What the site is, in a line", "The site", Filling::tagline),
  TODAY(
      "today",
      "Today’s date",
      "Dates",
      f -> MergeFields.formatDay(f.today(), DateForm.LONG, f.language())),
  PUBLISHED(
      "item.published",
      "Day it was put live",
      "Dates",
      f -> MergeFields.formatDay(f.published(), DateForm.LONG, f.language())),
  UPDATED(
      "item.updated",
      "Day it was last changed for readers",
      "Dates",
      f -> MergeFields.formatDay(f.updated(), DateForm.LONG, f.language())),
  TITLE("item.title", "Title", "This item", f -> f.content().title()),
  SUMMARY("item.summary", "Summary", "This item", f -> f.content().summary()),
  KIND("item.kind", "Kind", "This item", f -> f.kind().label()),
  SECTION("item.section", "Section", "This item", Filling::section),
  TOPICS(
      "item.topics",
      "Topics",
      "This item",
      f -> ListFormatter.getInstance(f.language()).format(f.topics())),
  AUTHOR("item.author", "Whose it is", "This item", Filling::author),
  READER(MergeFields.READER, "Name of a signed-in reader", "The reader", Filling::reader);

  private final String field;
  private final String label;
  private final String group;
  private final Function<Filling, String> value;

  StandingField(String field, String label, String group, Function<Filling, String> value) {
    this.field = field;
    this.label = label;
    this.group = group;
    this.value = value;
  }

  String named() {
    return field;
  }

  MergeFields.OfferedField offered() {
    return new MergeFields.OfferedField(field, label, group);
  }

  String valueOf(Filling from) {
    return value.apply(from);
  }
}

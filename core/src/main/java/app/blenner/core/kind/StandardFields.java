package app.blenner.core.kind;

import app.blenner.core.item.Content;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The fields that every item has, whatever its kind, besides its title, summary, text and placement. Their names have a
 * full stop, which no field of a kind can have, so that neither ever takes the other's values.
 */
public final class StandardFields {
  public static final String TEASER_PICTURE = "teaser.picture";
  public static final String TEASER_TITLE = "teaser.title";
  public static final String TEASER_TEXT = "teaser.text";
  public static final String SEARCH_TITLE = "search.title";
  public static final String SEARCH_DESCRIPTION = "search.description";
  public static final String SEARCH_CANONICAL = "search.canonical";
  public static final String SEARCH_HIDDEN = "search.hidden";
  public static final String AUTHORS = "people.authors";
  public static final String BYLINE = "people.byline";
  public static final String SHOWN_DATE = "dates.shown";
  public static final String REVIEW_DATE = "dates.review";
  public static final String LANGUAGES = "languages.items";
  public static final String RELATED = "related.items";
  public static final String SIDE = "side.parts";
  public static final String LEAD_PLACE = "lead.place";

  /** All of them, in cards. */
  public static final List<Card> CARDS =
      List.of(
          new Card(
              "Teaser",
              List.of(
                  new PictureField(
                      head(TEASER_PICTURE, "Teaser picture", "Left out, it is the lead picture.")),
                  new LineField(
                      head(TEASER_TITLE, "Teaser title", "Left out, it is the title."), 200),
                  new LinesField(
                      head(TEASER_TEXT, "Teaser text", "Left out, it is the summary."), 500),
                  new ChoiceField(
                      head(
                          LEAD_PLACE,
                          "Lead picture on the page",
                          "Where its own page shows it. Not chosen, only teasers do."),
                      LeadPlace.words()))),
          new Card(
              "Search",
              List.of(
                  new LineField(
                      head(
                          SEARCH_TITLE,
                          "Search title",
                          "Left out, it is the title and the site’s name. The address is made from it."),
                      300),
                  new LinesField(
                      head(
                          SEARCH_DESCRIPTION, "Search description", "Left out, it is the summary."),
                      1_000),
                  new LinkField(
                      head(
                          SEARCH_CANONICAL,
                          "First published at",
                          "The address of the original, where this is a copy of it.")),
                  new YesNoField(
                      head(
                          SEARCH_HIDDEN,
                          "Keep out of search engines",
                          "Readers who have the address still see the page.")))),
          new Card(
              "People",
              List.of(
                  new NamesField(
                      head(AUTHORS, "Authors", "Left out, it is whoever began the item."), 20),
                  new LineField(
                      head(
                          BYLINE,
                          "Byline",
                          "What stands below the title instead of the authors’ names."),
                      300))),
          new Card(
              "Dates",
              List.of(
                  new DateField(
                      head(
                          SHOWN_DATE,
                          "Date for readers",
                          "Left out, it is the day on which it first went live.")),
                  new DateField(
                      head(
                          REVIEW_DATE,
                          "Look at it again on",
                          "For your own plans; readers do not see it.")))),
          new Card(
              "Languages",
              List.of(
                  new ItemsField(
                      head(
                          LANGUAGES,
                          "The same in other languages",
                          "Readers are led from one to the other."),
                      50))),
          new Card(
              "Side column",
              List.of(
                  new SideField(
                      head(SIDE, "Side column", "Beside the text, and below it on a phone.")))),
          new Card(
              "Related",
              List.of(
                  new ItemsField(
                      head(RELATED, "Related items", "Links below the text, in this order."),
                      20))));

  private StandardFields() {}

  private static FieldProperties head(String name, String label, String help) {
    return new FieldProperties(name, label, help, false, FieldProperties.Place.NOWHERE);
  }

  /** All of them in their order. */
  public static Stream<Field> fields() {
    return CARDS.stream().flatMap(c -> c.fields().stream());
  }

  /** What is in one of them, in its field's one form; nothing where there is no value of it. */
  static Optional<Object> valueOf(Content content, String name) {
    return fields()
        .filter(f -> f.head().name().equals(name))
        .findFirst()
        .map(f -> f.tidyValue(content.values().get(name)));
  }

  /** The text that is in one of them, or an empty one. */
  public static String textOf(Content content, String name) {
    return valueOf(content, name)
        .map(v -> v instanceof Map<?, ?> link ? link.get("address") : v)
        .map(String::valueOf)
        .orElse("");
  }

  /** The texts that stand in one of them. */
  public static List<String> texts(Content content, String name) {
    return valueOf(content, name).map(FieldData::<List<String>>as).orElse(List.of());
  }
}

package app.blenner.core.kind;

import app.blenner.core.document.PlainText;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A kind of item. Title, summary, text and what else every item has are not among its fields; those are its own.
 *
 * @param name its lasting short name, by which items name it
 * @param label what one item of it is called
 * @param plural what several are called
 * @param help what it is for, in a sentence
 * @param isNews whether its items are listed among the latest; else they are fixed pages
 * @param unfolds whether lists show its text down to its fold
 * @param summaryLimit how many characters the summary of an item has at most
 * @param cards its own fields, in cards
 */
public record Kind(
    String name,
    String label,
    String plural,
    String help,
    boolean isNews,
    boolean unfolds,
    int summaryLimit,
    List<Card> cards) {

  /** How many characters a summary has at most, where a kind says nothing else. Common practice. */
  public static final int SUMMARY_LIMIT = 250;

  public Kind {
    label = PlainText.toLine(label);
    plural = PlainText.toLine(plural);
    help = PlainText.toLine(help);
    cards = List.copyOf(cards);
  }

  /** A kind whose summaries have the usual length. */
  public Kind(
      String name,
      String label,
      String plural,
      String help,
      boolean isNews,
      boolean unfolds,
      List<Card> cards) {
    this(name, label, plural, help, isNews, unfolds, SUMMARY_LIMIT, cards);
  }

  /** A kind that is known by its name alone, such as one of an item whose kind is gone. */
  public static Kind unknown(String name) {
    return new Kind(name, name, name, "", false, false, List.of());
  }

  /** Its own fields in their order. */
  public Stream<Field> fields() {
    return cards.stream().flatMap(c -> c.fields().stream());
  }

  /** All fields of its items: its own, and those that every item has. */
  public Stream<Field> all() {
    return Stream.concat(fields(), StandardFields.fields());
  }

  /** The field with this name, its own or one that every item has. */
  public Optional<Field> findField(String name) {
    return all().filter(f -> f.head().name().equals(name)).findFirst();
  }

  /**
   * Values in their one form. What belongs to no field of this kind, or is not a value of its field, stays as it is: the kind
   * may be changed back.
   */
  public Map<String, Object> tidyValues(Map<String, Object> values) {
    Map<String, Object> out = new LinkedHashMap<>(values);
    all()
        .forEach(
            f -> {
              Object tidy = f.tidyValue(values.get(f.head().name()));
              if (tidy != null) {
                out.put(f.head().name(), tidy);
              }
            });
    return out;
  }

  /**
   * The values after somebody entered some: each field that was changed in its one form, and all else as it stood before,
   * also what no field of this kind shows.
   */
  public Map<String, Object> entered(Map<String, Object> before, Map<String, ?> given) {
    Map<String, Object> out = new LinkedHashMap<>(before);
    all()
        .map(f -> f.head().name())
        .filter(name -> !Objects.equals(given.get(name), before.get(name)))
        .forEach(
            name -> {
              out.remove(name);
              if (given.get(name) != null) {
                out.put(name, given.get(name));
              }
            });
    Map<String, Object> tidy = tidyValues(out);
    before.forEach(
        (name, value) -> {
          if (Objects.equals(out.get(name), value)) {
            tidy.put(name, value);
          }
        });
    return tidy;
  }

  /** What is wrong with the values of its fields, in sentences by the names of the fields. */
  public Map<String, String> problemsWith(Map<String, Object> values) {
    Map<String, String> out = new LinkedHashMap<>();
    all()
        .forEach(
            f -> {
              Object given = values.get(f.head().name());
              Object tidy = f.tidyValue(given);
              String problem =
                  tidy != null
                      ? f.problemWith(tidy)
                      : given != null
                          ? f.head().label() + ": this is no " + said(f) + "."
                          : f.head().required() ? f.head().label() + " is missing." : "";
              if (!problem.isEmpty()) {
                out.put(f.head().name(), problem);
              }
            });
    return out;
  }

  /** All assets a content of this kind uses, each place of each asset once. */
  public Set<AssetUse> usesOf(Content content) {
    Set<AssetUse> out = new LinkedHashSet<>(AssetUse.usesIn(content));
    all()
        .forEach(
            f -> {
              Object tidy = f.tidyValue(content.values().get(f.head().name()));
              if (tidy != null) {
                f.assetsOf(tidy).forEach(a -> out.add(new AssetUse(a, AssetUse.Place.FIELD)));
              }
            });
    return out;
  }

  /** All items a content of this kind leads to, each place of each once. */
  public Set<ItemLink> linksOf(Content content) {
    Set<ItemLink> out = new LinkedHashSet<>(ItemLink.linksIn(content.body()));
    all()
        .forEach(
            f -> {
              Object tidy = f.tidyValue(content.values().get(f.head().name()));
              if (tidy != null) {
                f.itemsOf(tidy).forEach(i -> out.add(new ItemLink(i, ItemLink.Place.FIELD)));
              }
            });
    return out;
  }

  private static String said(Field field) {
    return field.type().label().toLowerCase(java.util.Locale.ROOT);
  }
}

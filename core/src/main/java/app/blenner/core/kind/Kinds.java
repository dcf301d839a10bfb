package app.blenner.core.kind;

import app.blenner.core.language.Counts;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** Kinds as plain data, for files and stores, and what a kind must be like. */
public final class Kinds {
  /** Longer than a card's fields anywhere; a bench with more cannot be overlooked. */
  public static final int MOST_FIELDS = 200;

  /** What a new site begins with. */
  public static final List<Kind> STANDARD =
      List.of(
          new Kind(
              "article",
              "Article",
              "Articles",
              "A longer text that keeps its worth",
              true,
              false,
              List.of()),
          new Kind(
              "post", "Post", "Posts", "News of the day, listed by date", true, true, List.of()),
          new Kind(
              "page",
              "Page",
              "Pages",
              "A fixed page, such as how to get there; never listed among the latest",
              false,
              false,
              List.of()));

  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9]*(?:-[a-z0-9]+)*");
  private static final int NAME_LIMIT = 40;
  private static final int SHORTEST_LIMIT = 20;
  private static final int LONGEST_LIMIT = 5_000;
  private static final String LIMIT =
      "The most characters of a summary is a number from "
          + SHORTEST_LIMIT
          + " to "
          + LONGEST_LIMIT
          + ".";

  private Kinds() {}

  /** The kind with this name among some; one that is not there any more is known by its name alone. */
  public static Kind byName(List<Kind> kinds, String name) {
    return kinds.stream()
        .filter(k -> k.name().equals(name))
        .findFirst()
        .orElseGet(() -> Kind.unknown(name));
  }

  /** Whether something can be the lasting short name of a kind or a field. */
  public static boolean isName(String name) {
    return name.length() <= NAME_LIMIT && NAME.matcher(name).matches();
  }

  /**
   * What is wrong with a kind, in sentences.
   *
   * @return nothing when it can be used
   */
  public static List<String> problemsWith(Kind kind) {
    List<String> out = new ArrayList<>();
    name(out, "A kind", kind.name());
    label(out, "The kind", kind.label());
    label(out, "The kind, of which there are several,", kind.plural());
    if (kind.summaryLimit() < SHORTEST_LIMIT || kind.summaryLimit() > LONGEST_LIMIT) {
      out.add(LIMIT);
    }
    if (kind.fields().count() > MOST_FIELDS) {
      out.add("A kind has at most " + MOST_FIELDS + " fields.");
    }
    Set<String> names = new HashSet<>();
    Set<String> labels = new HashSet<>();
    kind.fields()
        .forEach(
            f -> {
              String label = f.head().label();
              name(out, "The field “" + label + "”", f.head().name());
              label(out, "The field “" + f.head().name() + "”", label);
              if (!names.add(f.head().name())) {
                out.add("Two fields have the short name “" + f.head().name() + "”.");
              }
              if (!labels.add(label.toLowerCase(java.util.Locale.ROOT))) {
                out.add("Two fields are called “" + label + "”; nobody could tell them apart.");
              }
              if (Counts.countCharacters(f.head().help()) > FieldProperties.HELP_LIMIT) {
                out.add("The help of “" + label + "” is longer than 500 characters.");
              }
              if (f.settings().get("choices") instanceof List<?> choices && choices.isEmpty()) {
                out.add("“" + label + "” has nothing to choose from.");
              }
            });
    return out.stream().distinct().toList();
  }

  private static void name(List<String> out, String what, String name) {
    if (!isName(name)) {
      out.add(
          what
              + " has the short name “"
              + name
              + "”. One begins with a small letter, and has small letters, digits and hyphens; at most "
              + NAME_LIMIT
              + ".");
    }
  }

  private static void label(List<String> out, String what, String label) {
    if (label.isEmpty()) {
      out.add(what + " has no name that people read.");
    } else if (Counts.countCharacters(label) > FieldProperties.LABEL_LIMIT) {
      out.add(what + " has a name longer than " + FieldProperties.LABEL_LIMIT + " characters.");
    }
  }

  /** A kind as plain data. */
  public static Map<String, Object> write(Kind kind) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("name", kind.name());
    out.put("label", kind.label());
    out.put("plural", kind.plural());
    out.put("help", kind.help());
    out.put("news", kind.isNews());
    out.put("unfolds", kind.unfolds());
    out.put("summary-limit", kind.summaryLimit());
    out.put("cards", kind.cards().stream().map(Kinds::write).toList());
    return out;
  }

  private static Map<String, Object> write(Card card) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("label", card.label());
    out.put("fields", card.fields().stream().map(Kinds::write).toList());
    return out;
  }

  private static Map<String, Object> write(Field field) {
    FieldProperties head = field.head();
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("name", head.name());
    out.put("type", field.type().word());
    out.put("label", head.label());
    out.put("help", head.help());
    out.put("required", head.required());
    out.put("place", head.place().name().toLowerCase(java.util.Locale.ROOT));
    field.settings().forEach(out::put);
    return out;
  }

  /**
   * Reads a kind.
   *
   * @throws IllegalArgumentException with a sentence, where it makes no sense
   */
  public static Kind read(Map<?, ?> data) {
    Kind kind =
        new Kind(
            FieldData.toLine(data.get("name")),
            FieldData.toLine(data.get("label")),
            FieldData.toLine(data.get("plural")),
            FieldData.toLine(data.get("help")),
            !"false".equals(FieldData.toLine(data.get("news"))),
            "true".equals(FieldData.toLine(data.get("unfolds"))),
            limit(FieldData.toLine(data.get("summary-limit"))),
            maps(data.get("cards")).stream().map(Kinds::cardOf).toList());
    List<String> problems = problemsWith(kind);
    if (!problems.isEmpty()) {
      throw new IllegalArgumentException(problems.get(0));
    }
    return kind;
  }

  private static int limit(String written) {
    try {
      return written.isEmpty() ? Kind.SUMMARY_LIMIT : Integer.parseInt(written);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(LIMIT, e);
    }
  }

  private static Card cardOf(Map<?, ?> data) {
    return new Card(
        FieldData.toLine(data.get("label")),
        maps(data.get("fields")).stream().map(Kinds::fieldOf).toList());
  }

  private static Field fieldOf(Map<?, ?> data) {
    String name = FieldData.toLine(data.get("name"));
    String word = FieldData.toLine(data.get("type"));
    FieldType type =
        FieldType.of(word)
            .filter(FieldType::isForKinds)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "The field “" + name + "” is of the type “" + word + "”, which is none."));
    FieldProperties head =
        new FieldProperties(
            name,
            FieldData.toLine(data.get("label")),
            FieldData.toLine(data.get("help")),
            "true".equals(FieldData.toLine(data.get("required"))),
            place(FieldData.toLine(data.get("place"))));
    Map<String, Object> settings = new LinkedHashMap<>();
    data.forEach((key, value) -> settings.put(String.valueOf(key), value));
    return type.make(head, settings);
  }

  private static FieldProperties.Place place(String word) {
    for (FieldProperties.Place place : FieldProperties.Place.values()) {
      if (place.name().equalsIgnoreCase(word)) {
        return place;
      }
    }
    return FieldProperties.Place.BEHIND;
  }

  private static List<Map<?, ?>> maps(Object data) {
    List<Map<?, ?>> out = new ArrayList<>();
    if (data instanceof List<?> list) {
      for (Object one : list) {
        if (one instanceof Map<?, ?> map) {
          out.add(map);
        }
      }
    }
    return out;
  }
}

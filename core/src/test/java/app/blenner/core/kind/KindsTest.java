package app.blenner.core.kind;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.core.archive.ContentFile;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Kinds are data, and what was entered outlives each change of them. */
public class KindsTest {
  private static final List<String> WORDS =
      List.of(
          "12",
          "-3,5",
          "2026-11-26",
          "20:15",
          "true",
          "red-torch.jpg",
          "Ü",
          "夜",
          "a: b",
          "- c",
          "https://example.com/x",
          "old-car-park",
          "<p>Lamp</p>",
          "null",
          "\"",
          "0x1F",
          "no");

  private static String word(Random random) {
    return WORDS.get(random.nextInt(WORDS.size()));
  }

  private static Object data(Random random, int depth) {
    return switch (random.nextInt(depth > 0 ? 4 : 2)) {
      case 0 -> random.nextInt(5) == 0 ? (Object) random.nextBoolean() : word(random);
      case 1 ->
          word(random) + (random.nextBoolean() ? "" : " " + word(random) + "\n" + word(random));
      case 2 ->
          IntStream.range(0, 1 + random.nextInt(3)).mapToObj(i -> data(random, depth - 1)).toList();
      default ->
          Map.of(
              "name",
              word(random),
              "value",
              word(random),
              "file",
              "map.pdf",
              "address",
              word(random));
    };
  }

  private static Kind kind(Random random) {
    List<Field> fields = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      List<FieldType> types = Stream.of(FieldType.values()).filter(FieldType::isForKinds).toList();
      FieldType type = types.get(random.nextInt(types.size()));
      FieldProperties head =
          new FieldProperties(
              "f" + i,
              "Field " + i,
              random.nextBoolean() ? "" : "Help: " + i,
              random.nextBoolean(),
              FieldProperties.Place.values()[random.nextInt(3)]);
      fields.add(
          type.make(head, Map.of("choices", List.of("12", "Ü", "no"), "most", "40", "unit", "m")));
    }
    return new Kind(
        "walk",
        "Walk",
        "Walks",
        "",
        true,
        false,
        List.of(new Card("One", fields.subList(0, 5)), new Card("Two", fields.subList(5, 12))));
  }

  @DataProvider
  Object[][] seeds() {
    return IntStream.range(0, 30).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "seeds")
  public void contentsOfAnyKindAreWrittenAndReadTheSame(int seed) {
    Random random = new Random(seed);
    Kind kind = kind(random);
    Map<String, Object> values = new LinkedHashMap<>();
    kind.fields().forEach(f -> values.put(f.head().name(), data(random, 2)));
    Content content = Content.EMPTY.withValues(kind.tidyValues(values));
    Content read = ContentFile.read(ContentFile.write(content));
    assertEquals(read, content);
    // A value in its one form stays in it.
    assertEquals(Content.EMPTY.withValues(kind.tidyValues(read.values())), content);
    assertEquals(Kinds.read(Kinds.write(kind)), kind);
  }

  /** Whatever a kind becomes in between, what was entered is there again when it is as it was. */
  @Test(dataProvider = "seeds")
  public void changingAKindBackAndForthLosesNothing(int seed) {
    Random random = new Random(seed);
    Kind first = kind(random);
    Map<String, Object> values = new LinkedHashMap<>();
    first.fields().forEach(f -> values.put(f.head().name(), data(random, 2)));
    Content before = Content.EMPTY.withValues(first.tidyValues(values));
    Content meanwhile = before;
    for (int i = 0; i < 5; i++) {
      Kind other =
          i % 2 == 0 ? new Kind("walk", "W", "W", "", true, false, List.of()) : kind(random);
      // What another field makes of a value is only kept where somebody saves it; what it cannot
      // read stays.
      Map<String, Object> kept = new LinkedHashMap<>(meanwhile.values());
      other
          .fields()
          .filter(f -> f.tidyValue(kept.get(f.head().name())) == null)
          .forEach(
              f ->
                  assertEquals(
                      other.tidyValues(kept).get(f.head().name()), kept.get(f.head().name())));
      meanwhile = meanwhile.withValues(i % 2 == 0 ? other.tidyValues(kept) : kept);
    }
    assertEquals(Content.EMPTY.withValues(first.tidyValues(meanwhile.values())), before);
  }

  @Test
  public void eachTypeReadsItsValuesAndNothingElse() {
    Map<FieldType, List<Object>> good = new LinkedHashMap<>();
    good.put(FieldType.LINE, List.of(" a  b ", "a b"));
    good.put(FieldType.LINES, List.of("a \nb\n\n", "a\nb"));
    good.put(FieldType.RICH_TEXT, List.of("<b>x</b>", "<p><strong>x</strong></p>"));
    good.put(FieldType.PICTURE, List.of("red-torch.jpg", "red-torch.jpg"));
    good.put(
        FieldType.PICTURES,
        List.of(List.of("a.jpg", "../x", "a.jpg", "b.png"), List.of("a.jpg", "b.png")));
    good.put(
        FieldType.LINK, List.of("https://example.com", Map.of("address", "https://example.com")));
    good.put(FieldType.NUMBER, List.of("\u2212007,50", "-7.5"));
    good.put(FieldType.DATE, List.of("2026-11-26", "2026-11-26"));
    good.put(FieldType.TIME, List.of("20:15:59", "20:15"));
    good.put(FieldType.YES_NO, List.of("true", true));
    good.put(FieldType.CHOICE, List.of("moon", "moon"));
    good.put(FieldType.CHOICES, List.of(List.of("b", "old", "a"), List.of("a", "b", "old")));
    good.put(FieldType.NAMES, List.of(List.of(" Bo ", "Ina", "Bo"), List.of("Bo", "Ina")));
    good.put(FieldType.ITEMS, List.of(List.of("old-car-park", "../"), List.of("old-car-park")));
    good.put(
        FieldType.FACTS,
        List.of(
            List.of(Map.of("name", "Height", "value", "812 m"), Map.of()),
            List.of(Map.of("name", "Height", "value", "812 m"))));
    good.put(
        FieldType.FILES,
        List.of(
            List.of(Map.of("file", "map.pdf"), Map.of("file", "../x")),
            List.of(Map.of("file", "map.pdf", "words", "map.pdf"))));
    good.put(
        FieldType.SIDE,
        List.of(
            List.of(
                Map.of("part", "quote", "text", " a \n\nb ", "other", "x"), Map.of("part", "none")),
            List.of(Map.of("part", "quote", "text", "a\n\nb"))));
    assertEquals(good.size(), FieldType.values().length);
    good.forEach(
        (type, pair) -> {
          Field field =
              type.make(FieldProperties.of("x", "X"), Map.of("choices", List.of("a", "b", "moon")));
          Object tidy = field.tidyValue(pair.get(0));
          assertEquals(tidy, pair.get(1), type.toString());
          assertEquals(field.tidyValue(tidy), tidy, type + " in its one form");
          assertNull(field.tidyValue(null), type.toString());
          assertNull(field.tidyValue(""), type.toString());
          assertNull(field.tidyValue(List.of()), type.toString());
        });
  }

  /** Days and times as ISO 8601 has them; its own examples and what comes near. */
  @Test
  public void whatIsNoValueIsToldInWordsAndKept() {
    Kind kind =
        new Kind(
            "walk",
            "Walk",
            "Walks",
            "",
            true,
            false,
            List.of(
                new Card(
                    "When",
                    List.of(
                        FieldType.DATE.make(FieldProperties.of("day", "Day"), Map.of()),
                        FieldType.NUMBER.make(
                            FieldProperties.of("height", "Height"),
                            Map.of("least", "0", "most", "900")),
                        FieldType.CHOICE.make(
                            FieldProperties.of("how", "How"), Map.of("choices", List.of("easy"))),
                        FieldType.LINE.make(
                            new FieldProperties(
                                "who", "Who", "", true, FieldProperties.Place.BEHIND),
                            Map.of("most", 3))))));
    Map<String, Object> values =
        Map.of("day", "2026-02-30", "height", "901", "how", "hard", "who", "Ilse");
    assertEquals(
        kind.problemsWith(values),
        Map.of(
            "day",
            "Day: this is no date.",
            "height",
            "Height is at most 900.",
            "how",
            "How: “hard” is not among the choices any more.",
            "who",
            "Who is 1 character too long."));
    assertEquals(kind.tidyValues(values), values);
    assertEquals(
        kind.problemsWith(Map.of("day", "2024-02-29", "height", "0", "how", "easy")),
        Map.of("who", "Who is missing."));
  }

  @Test
  public void aKindThatNobodyCouldUseIsRefusedInWords() {
    Map<String, Object> field = Map.of("name", "a", "type", "line", "label", "A");
    assertTrue(
        refused(Map.of("name", "Walk!", "label", "W", "plural", "W"))
            .contains("short name “Walk!”"));
    assertTrue(refused(kindOf(field, field)).contains("Two fields have the short name “a”."));
    assertTrue(
        refused(kindOf(field, Map.of("name", "b", "type", "line", "label", "a")))
            .contains("Two fields are called"));
    assertTrue(
        refused(kindOf(Map.of("name", "a", "type", "colour", "label", "A")))
            .contains("“colour”, which is none"));
    assertTrue(
        refused(kindOf(Map.of("name", "a", "type", "choice", "label", "A")))
            .contains("nothing to choose from"));
    assertTrue(
        refused(kindOf(Map.of("name", "a", "type", "line"))).contains("no name that people read"));
  }

  private static Map<String, Object> kindOf(Map<?, ?>... fields) {
    return Map.of(
        "name",
        "walk",
        "label",
        "Walk",
        "plural",
        "Walks",
        "cards",
        List.of(Map.of("label", "One", "fields", List.of(fields))));
  }

  private static String refused(Map<String, Object> data) {
    return expectThrows(IllegalArgumentException.class, () -> Kinds.read(data)).getMessage();
  }
}

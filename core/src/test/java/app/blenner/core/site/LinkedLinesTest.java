package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Card;
import app.blenner.core.kind.Field;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.FieldType;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.SidePart;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.reference.ReferenceLink;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeTraversor;
import org.testng.annotations.Test;

/** A code is a link wherever an item says it, in its text, its fields, its summary and the column beside its text. */
public class LinkedLinesTest {
  private static final String CODE = "TL-1234";
  private static final Instant THEN = Instant.parse("2026-11-02T08:00:00Z");

  /** Whatever form a field's value has, one of these is it. */
  private static Stream<Object> shapes(String address) {
    Map<String, String> row = new LinkedHashMap<>();
    for (String key : List.of("value", "text", "words", "from", "label")) {
      row.put(key, "See " + CODE + " there");
    }
    row.put("name", "Name");
    row.put("title", "Title");
    row.put("picture", "lead.jpg");
    row.put("file", "map.pdf");
    row.put("address", address);
    List<Map<String, String>> parts = new ArrayList<>();
    for (SidePart part : SidePart.values()) {
      Map<String, String> one = new HashMap<>(row);
      one.put("part", part.word());
      parts.add(one);
    }
    return Stream.of("<p>See " + CODE + "</p>", parts, List.of(row), row, List.of(CODE), CODE);
  }

  private static Map<String, Object> valueFor(Field field) {
    return shapes("https://example.org/")
        .map(field::tidyValue)
        .filter(v -> v != null && v.toString().contains(CODE))
        .findFirst()
        .<Map<String, Object>>map(v -> Map.of(field.head().name(), v))
        .orElse(Map.of());
  }

  private static String page(Map<String, Object> side) {
    List<Field> fields =
        Stream.of(FieldType.values())
            .filter(FieldType::isForKinds)
            .map(
                t ->
                    t.make(
                        new FieldProperties(
                            "f" + t.ordinal(), "Label", "", false, FieldProperties.Place.BEHIND),
                        Map.of("choices", List.of(CODE))))
            .toList();
    Map<String, Object> values = new HashMap<>(side);
    fields.forEach(f -> values.putAll(valueFor(f)));
    Kind kind =
        new Kind("walk", "Walk", "Walks", "", true, false, List.of(new Card("One", fields)));
    Site plain = new Site("S", "", "en", List.of());
    Site site =
        new Site(
            "S",
            "",
            "en",
            List.of(),
            List.of(kind),
            List.of(new ReferenceLink("Station", "TL-(\\d{4})", "https://example.org/{1}")),
            MergeFields.NONE,
            "",
            plain.menus(),
            plain.front(),
            plain.standards());
    Content content =
        Content.builder()
            .title("A walk")
            .summary("Past " + CODE + " & on")
            .body(
                HtmlReader.read(
                    "<p>By "
                        + CODE
                        + "</p><figure><img src=\"../assets/lead.jpg\" alt=\"\"><figcaption>At "
                        + CODE
                        + "</figcaption></figure>"))
            .slug("a-walk")
            .values(values)
            .build();
    PublishedItem item = new PublishedItem("key", kind, content, "A. Writer", THEN, THEN);
    return new PageRenderer(site, PageRendererTest.NOTHING, ZoneOffset.UTC).renderItem(item);
  }

  @Test
  public void itIsALinkWhereverItIsSaid() {
    Field side = FieldType.SIDE.make(FieldProperties.of(StandardFields.SIDE, "Side"), Map.of());
    for (Map<String, Object> beside : List.of(Map.<String, Object>of(), valueFor(side))) {
      Element article = Jsoup.parse(page(beside)).selectFirst("article");
      List<String> bare = new ArrayList<>();
      List<String> linked = new ArrayList<>();
      NodeTraversor.traverse(
          (node, depth) -> {
            if (node instanceof TextNode text && text.text().contains(CODE)) {
              boolean link = text.parent().closest("a") != null;
              (link ? linked : bare).add(text.parent().outerHtml());
            }
          },
          article);
      assertEquals(bare, List.of());
      assertTrue(linked.size() >= (beside.isEmpty() ? 8 : 11), linked.toString());
      assertEquals(
          article.selectFirst(".summary").html(),
          "Past <a href=\"https://example.org/1234\" title=\"Station\">TL-1234</a> &amp; on");
    }
  }
}

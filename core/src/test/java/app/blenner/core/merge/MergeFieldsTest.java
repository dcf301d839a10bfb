package app.blenner.core.merge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.MergeFieldUnknown;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MergeFieldsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 27);
  private static final Kind WALK =
      Kinds.read(
          Map.of(
              "name", "walk",
              "label", "Walk",
              "plural", "Walks",
              "help", "",
              "news", true,
              "unfolds", false,
              "cards",
                  List.of(
                      Map.of(
                          "label",
                          "Facts",
                          "fields",
                          List.of(
                              Map.of(
                                  "name", "length", "label", "Length", "type", "number", "unit",
                                  "km"),
                              Map.of(
                                  "name",
                                  "gear",
                                  "label",
                                  "Gear",
                                  "type",
                                  "choices",
                                  "choices",
                                  List.of("Torch", "Map", "Coat")),
                              Map.of("name", "note", "label", "Note", "type", "rich-text"),
                              Map.of("name", "day", "label", "Day", "type", "date"))))));

  private static final MergeFields FIELDS =
      new MergeFields(
          List.of(
              new MergeField("hotline", "Hotline", MergeField.Source.TEXT, "0800 & more", null),
              new MergeField("month", "Month", MergeField.Source.TODAY, "", DateForm.MONTH)));

  private static Filling filling(String language) {
    Content content =
        Content.builder()
            .title("A <b> title")
            .section("visit")
            .slug("a")
            .build()
            .withValues(
                Map.of("length", "4.5", "gear", List.of("Torch", "Map"), "day", "2026-12-24"));
    return new Filling(
        "Tarnlow",
        "Dark skies",
        WALK,
        content,
        "Visit",
        List.of("Ice", "Snow", "Moon"),
        "Ilse",
        DAY,
        null,
        DAY,
        ZoneOffset.UTC,
        Locale.forLanguageTag(language),
        "reader",
        key -> "");
  }

  @DataProvider
  Object[][] values() {
    return new Object[][] {
      {"site.name", "en-GB", "Tarnlow"},
      {"item.title", "en-GB", "A <b> title"},
      {"item.topics", "en-GB", "Ice, Snow and Moon"},
      {"item.topics", "de", "Ice, Snow und Moon"},
      {"item.published", "en-GB", "27 November 2026"},
      {"item.updated", "en-GB", ""},
      // CLDR's long date of German.
      {"today", "de", "27. November 2026"},
      {"item.length", "de", "4,5\u00a0km"},
      {"item.gear", "en-GB", "Torch and Map"},
      {"item.day", "fr", "24 décembre 2026"},
      {"hotline", "en-GB", "0800 & more"},
      {"month", "fr", "novembre 2026"},
      {"reader.name", "en-GB", "reader"},
    };
  }

  @Test(dataProvider = "values")
  public void eachIsFilledInTheLanguageOfTheItem(String name, String language, String expected) {
    assertEquals(FIELDS.findValue(name, filling(language)).orElseThrow(), expected);
    assertTrue(FIELDS.knows(name, WALK), name);
  }

  /** ISO 8601 and the forms of CLDR, from memory. */
  @Test
  public void aDayHasManyForms() {
    assertEquals(DateForm.ISO.write(DAY, Locale.UK), "2026-11-27");
    assertEquals(DateForm.FULL.write(DAY, Locale.GERMANY), "Freitag, 27. November 2026");
    assertEquals(DateForm.YEAR.write(DAY, Locale.UK), "2026");
    assertEquals(DateForm.SHORT.write(DAY, Locale.UK), "27/11/2026");
  }

  @Test
  public void aTextIsFilledAndNothingUnknownReachesReaders() {
    Document text =
        HtmlReader.read(
            "<h2>On <data value=\"site.name\">old words</data></h2>"
                + "<ul><li><strong>Call <data value=\"hotline\">x</data></strong></li></ul>"
                + "<p>A<data value=\"gone\">{{gone}}</data> b"
                + " <data value=\"today\"><em>to</em>day</data>.</p>"
                + "<p>Dear <data value=\"reader.name\">you</data></p>");
    assertEquals(
        HtmlWriter.write(FIELDS.fillIn(text, filling("en-GB"))).replaceAll("\\n", ""),
        "<h2>On Tarnlow</h2><ul><li><strong>Call 0800 &amp; more</strong></li></ul>"
            + "<p>A b <em>27 November 2026</em>.</p>"
            + "<p>Dear <data value=\"reader.name\">reader</data></p>");
  }

  private static List<Finding> unknown(Content content, MergeFields fields) {
    RuleContext context = new RuleContext(WALK, "en", fields, Set.of());
    return new MergeFieldUnknown()
        .check(Subject.of(content, context, new PassageCache(0)), Settings.USUAL);
  }

  @Test
  public void anUnknownOneIsFoundAtItsPlaceAndTakenOut() {
    Content content =
        filling("en")
            .content()
            .withBody(
                HtmlReader.read(
                    "<p>Call <data value=\"gone\">it</data> now, <data value=\"hotline\">y</data></p>"));
    List<Finding> found = unknown(content, FIELDS);
    assertEquals(found.size(), 1);
    assertEquals(found.get(0).from() + "-" + found.get(0).to(), "5-7");
    Content mended = found.get(0).applyFix(found.get(0).fixes().get(0), content);
    assertEquals(
        HtmlWriter.write(mended.body()), "<p>Call now, <data value=\"hotline\">y</data></p>");
    assertEquals(unknown(content, MergeFields.NONE).size(), 2);
    // In a formatted field it is told once, at the field.
    Content field =
        content
            .withBody(Document.EMPTY)
            .withValues(
                Map.of(
                    "note", "<p><data value=\"gone\">a</data> <data value=\"gone\">b</data></p>"));
    List<Finding> inField = unknown(field, FIELDS);
    assertEquals(inField.size(), 1);
    assertTrue(inField.get(0).field().endsWith("note"), inField.get(0).field());
  }

  @DataProvider
  Object[][] unusable() {
    MergeField good = FIELDS.own().get(0);
    return new Object[][] {
      {List.of(good, good), "Two merge fields"},
      {List.of(new MergeField("site.name", "X", MergeField.Source.TEXT, "x", null)), "short name"},
      {List.of(new MergeField("x", "X", MergeField.Source.TEXT, " ", null)), "no words"},
      {List.of(new MergeField("x", "", MergeField.Source.TODAY, "", null)), "needs a name"},
    };
  }

  @Test(dataProvider = "unusable")
  public void whatCannotBeUsedIsToldInWords(List<MergeField> fields, String words) {
    assertTrue(MergeFields.problemWith(fields).contains(words), MergeFields.problemWith(fields));
  }
}

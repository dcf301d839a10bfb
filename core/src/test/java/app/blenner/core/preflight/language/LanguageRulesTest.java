package app.blenner.core.preflight.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.language.LanguageDetector;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRemark.Sort;
import app.blenner.core.proofread.ProofreadRequest;
import app.blenner.core.proofread.ProofreadText;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.Repairs;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules on language, and repairs of what they find. What a reader of texts says is put in by hand here. */
public class LanguageRulesTest {

  private static Content content(String language, String html) {
    return Content.builder()
        .title("A titel")
        .body(HtmlReader.read(html))
        .language(language)
        .build();
  }

  /** What is found where every text has been read by somebody who knows none of these words. */
  private static List<Finding> read(
      Content content, Settings settings, Set<String> own, String... wrong) {
    Map<ProofreadRequest, List<ProofreadRemark>> remarks = new HashMap<>();
    for (ProofreadRequest q : ProofreadText.of(content, "en")) {
      List<ProofreadRemark> found = new ArrayList<>();
      for (String word : wrong) {
        Matcher m =
            Pattern.compile("(?<!\\p{L})" + Pattern.quote(word) + "(?!\\p{L})").matcher(q.text());
        while (m.find()) {
          found.add(
              new ProofreadRemark(
                  m.start(), m.end(), Sort.SPELLING, "R", "", List.of("better", "")));
        }
      }
      remarks.put(q, found);
    }
    ItemContext context =
        new ItemContext(null, Map.of(), Map.of(), List.of(), Map.of(), remarks, List.of(), own);
    RuleContext around =
        new RuleContext(
            Kinds.STANDARD.get(0), "en", "Tarnlow", MergeFields.NONE, Set.of(), context);
    return Preflight.check(Subject.of(content, around, new PassageCache(0)), settings).stream()
        .filter(f -> f.rule().equals(ProofreadRule.SPELLING))
        .toList();
  }

  private static List<String> words(List<Finding> found) {
    return found.stream()
        .map(f -> f.field() + " " + f.message().replaceAll("^“|”.*$", ""))
        .toList();
  }

  @Test
  public void wordsAreFoundWhereverTheyStandAndNotWhereTheyAreNoLanguage() {
    Content content =
        content(
            "en",
            "<p>A <strong>wrng</strong> word, <code>wrng</code> and https://wrng.example/wrng.</p>"
                + "<pre><code>wrng</code></pre><ul><li>wrng</li></ul>"
                + "<p><span lang=\"de\">wrng</span> or wrng@example.org or wrng.pdf</p>"
                + "<figure><img src=\"../assets/a.png\" alt=\"x\"><figcaption>wrng</figcaption></figure>");
    assertEquals(
        words(read(content, Settings.USUAL, Set.of(), "wrng", "titel")),
        List.of("title titel", "body wrng", "body wrng", "body wrng"));
  }

  @Test
  public void theFirstSuggestionIsPutInItsPlaceAndWearsWhatWasThere() {
    Content content = content("en", "<p>A <strong>wrng</strong> one, a wrng two.</p>");
    Finding f = read(content, Settings.USUAL, Set.of(), "wrng").get(0);
    assertEquals(
        f.fixes().stream().map(x -> x.label()).toList(), List.of("Write “better”", "Take it out"));
    assertEquals(
        HtmlWriter.write(f.applyFix(f.fixes().get(0), content).body()),
        "<p>A <strong>better</strong> one, a wrng two.</p>");
    assertEquals(
        HtmlWriter.write(
            Repairs.all(
                    content,
                    c -> read(c, Settings.USUAL, Set.of(), "wrng"),
                    f.rule(),
                    "Write “better”")
                .body()),
        "<p>A <strong>better</strong> one, a better two.</p>");
  }

  @DataProvider
  public Object[][] known() {
    return new Object[][] {
      {"Grimbeck", "Grimbeck", true},
      {"Grimbeck", "Grimbeck’s", true},
      {"Grimbeck", "GRIMBECK", true},
      {"Grimbeck", "grimbeck", false},
      {"mpsas", "Mpsas", true},
      {"Uldale Rigg", "Rigg", true},
      {"Uldale Rigg", "Uldale-Rigg", true},
      {"Uldale", "Uldales", false},
      {"O’Dwy", "O'Dwy", true},
      {"Grim\u00ADbeck", "Grimbeck", true},
      {"", "Grimbeck", false}
    };
  }

  @Test(dataProvider = "known")
  public void theHouseKnowsItsWords(String line, String there, boolean known) {
    Settings settings =
        new Settings(
            Map.of(
                ProofreadRule.SPELLING,
                Setting.of(RuleSeverity.ADVISED).with(List.of(line, "other"))));
    Content content = content("en", "<p>At " + there + " it is dark.</p>");
    assertEquals(read(content, settings, Set.of(), there).isEmpty(), known);
    Set<String> own = Set.of(line.split(" "));
    assertEquals(
        read(content, Settings.USUAL, own, there).isEmpty(), known, "and so do people theirs");
  }

  @Test
  public void aHouseWithTwoHundredThousandWordsIsAsQuickAsOneWithTwo() {
    List<String> many = new ArrayList<>();
    for (int i = 0; i < 200_000; i++) {
      many.add("word" + Integer.toString(i, 36));
    }
    Settings settings =
        new Settings(Map.of(ProofreadRule.SPELLING, Setting.of(RuleSeverity.ADVISED).with(many)));
    Content content = content("en", "<p>" + "wordzz and wrng ".repeat(300) + "</p>");
    assertEquals(read(content, settings, Set.of(), "wrng", "wordzz").size(), 300);
  }

  private static String mended(String language, String html, String rule, String label) {
    Content content = content(language, html);
    List<Finding> found = Checked.of(content).stream().filter(f -> f.rule().equals(rule)).toList();
    assertFalse(found.isEmpty(), html);
    Content after = Repairs.all(content, Checked::of, rule, label);
    assertTrue(Checked.of(after).stream().noneMatch(f -> f.rule().equals(rule)));
    return HtmlWriter.write(after.body());
  }

  @Test
  public void whatIsTypedInColumnsBecomesATableThatWearsWhatItWore() {
    String table =
        mended(
            "en",
            "<p>Before.</p><p>Night | <em>Stars</em><br>Mon | <a href=\"/m\">31</a></p><p>Tue | 12</p><p>After.</p>",
            "table-typed",
            "Make it a table");
    assertEquals(
        table.replaceAll("\\s*\n\\s*", ""),
        "<p>Before.</p><table><thead><tr><th scope=\"col\">Night</th><th scope=\"col\"><em>Stars</em></th></tr></thead>"
            + "<tbody><tr><td>Mon</td><td><a href=\"/m\">31</a></td></tr><tr><td>Tue</td><td>12</td></tr></tbody></table>"
            + "<p>After.</p>");
  }

  @Test
  public void aPassageSaysItsLanguage() {
    assertEquals(
        mended(
            "en",
            "<p>Wir gehen auf den <b>Berg</b>, weil der Himmel klar ist und die Sterne zu sehen sind.</p>",
            "passage-language",
            "Say that it is German"),
        "<p><span lang=\"de\">Wir gehen auf den <strong>Berg</strong>, weil der Himmel klar ist und die Sterne zu sehen sind.</span></p>");
  }

  @Test
  public void smallTextIsMadeAsLargeAsTheRest() {
    assertEquals(
        mended(
            "en",
            "<p>Prices <span style=\"font-size: 11px; color: #333333\">without tea</span>.</p>",
            "text-small",
            "Take the size off"),
        "<p>Prices <span style=\"color: #333333\">without tea</span>.</p>");
  }

  /** One sentence in each language, made for this test: what each is taken for on a page in each of the others. */
  private static final Map<String, String> SENTENCES =
      Map.ofEntries(
          Map.entry(
              "en",
              "We go up to the ridge in the evening, and all of the stars can be seen from there."),
          Map.entry(
              "de", "Wir gehen am Abend auf den Berg, und von dort sind alle Sterne zu sehen."),
          Map.entry(
              "fr",
              "Nous montons le soir sur la colline, et de là on voit toutes les étoiles du ciel."),
          Map.entry(
              "es",
              "Por la noche subimos a la colina, y desde allí se ven todas las estrellas del cielo."),
          Map.entry(
              "it",
              "La sera saliamo sulla collina, e da lì si vedono tutte le stelle del cielo che è nero."),
          Map.entry(
              "nl",
              "In de avond gaan we de heuvel op, en van daar zijn alle sterren van de nacht te zien."),
          Map.entry(
              "pt",
              "À noite subimos a colina, e de lá não se vê uma luz, mas todas as estrelas do céu."),
          Map.entry(
              "sv",
              "På kvällen går vi upp på berget, och från det kan man se alla stjärnor som är på himlen."),
          Map.entry(
              "pl",
              "Wieczorem idziemy na wzgórze i z niego widać, że jest ciemno, ale są gwiazdy, których nie ma tu."),
          Map.entry(
              "ru",
              "Вечером мы идём на гору, и там так темно, что все звёзды видно, а не только луну."));

  @Test
  public void languagesAreToldFromEachOther() {
    List<String> wrong = new ArrayList<>();
    for (String page : SENTENCES.keySet()) {
      SENTENCES.forEach(
          (language, sentence) -> {
            String told = LanguageDetector.otherThan(page, sentence).orElse(page);
            if (!told.equals(language)) {
              wrong.add(language + " on a page in " + page + ": " + told);
            }
          });
    }
    assertEquals(String.join("\n", wrong), "");
  }

  private static Content written(String says, String... sentences) {
    StringBuilder html = new StringBuilder("<h2>(1)</h2>");
    for (String sentence : sentences) {
      html.append("<p>").append(sentence).append(" ").append(sentence).append("</p>");
    }
    return content(says, html.toString());
  }

  private static List<Finding> onLanguages(Content content) {
    return Checked.of(content).stream()
        .filter(f -> f.rule().matches("item-language|passage-language"))
        .toList();
  }

  /** WCAG 2.2, success criterion 3.1.1: an item that says the wrong language is told so once, and mended by one press. */
  @Test
  public void anItemInAnotherLanguageIsToldOnceAtItsLanguage() {
    for (String page : SENTENCES.keySet()) {
      SENTENCES.forEach(
          (language, sentence) -> {
            Content content = written(page, sentence, sentence, sentence);
            List<Finding> found = onLanguages(content);
            if (language.equals(page)) {
              assertEquals(found, List.of());
              return;
            }
            assertEquals(found.size(), 1, language + " on a page in " + page);
            assertEquals(found.get(0).field(), "language");
            Content mended = found.get(0).applyFix(found.get(0).fixes().get(0), content);
            assertEquals(mended.language(), language);
            assertEquals(onLanguages(mended), List.of(), language);
          });
    }
  }

  /** One paragraph of several is a passage, and the item is what it says. */
  @Test
  public void aPassageInAnotherLanguageIsToldWhereItStands() {
    String own = SENTENCES.get("fr");
    Content content = written("fr", own, own, SENTENCES.get("de"), own);
    List<Finding> found = onLanguages(content);
    assertEquals(found.stream().map(Finding::rule).toList(), List.of("passage-language"));
    assertEquals(found.get(0).path().steps(), List.of(3));
  }

  /** Checked in the wrong language, every word looks misspelled: that is not what has to be mended. */
  @Test
  public void spellingWaitsForTheLanguage() {
    String german = SENTENCES.get("de");
    Content wrong = written("en", german, german, german);
    String word = german.split(" ")[1];
    assertEquals(read(wrong, Settings.USUAL, Set.of(), word), List.of());
    assertFalse(read(wrong.withLanguage("de"), Settings.USUAL, Set.of(), word).isEmpty());
  }

  @Test
  public void abbreviationsAreExplainedOnceWhereAHouseWantsThat() {
    Settings settings =
        new Settings(
            Map.of(
                "abbreviation-unexplained",
                Setting.of(RuleSeverity.ADVISED).with(List.of("LOMC"))));
    Content content =
        content(
            "en",
            "<p>The IDA (the dark-sky people) and the LOMC met. A sky-quality meter (SQM) was there.</p>"
                + "<p>The SQM and the IDA agree; the <abbr title=\"best before\">BB</abbr> and two MRTs do not.</p><p>WE SHOUT</p>");
    assertEquals(
        Preflight.check(Checked.subject(content, Kinds.STANDARD.get(0)), settings).stream()
            .filter(f -> f.rule().equals("abbreviation-unexplained"))
            .map(Finding::message)
            .collect(Collectors.toList()),
        List.of("“MRT” is not explained where it first stands."));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Code;
import app.blenner.core.language.GatedPattern;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What stands in for a text is gone before readers come. */
public final class Placeholder extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "placeholder",
          "Text that stands in for another",
          "It was put there to be replaced, and readers would see it as it is.",
          "Common practice: TK, dummy text and notes to oneself never go to print",
          RuleSeverity.ADVISED,
          "the words for one placeholder",
          "the words for %d placeholders");

  private static final GatedPattern ANYWHERE =
      GatedPattern.of(
          Pattern.compile(
              "(?iu)\\blorem ipsum\\b[^.!?]*|\\bdolor sit amet\\b|\\bblindtext\\b|\\bplatzhalter(?:text)?\\b"
                  + "|\\bfaux[- ]texte\\b|\\btexte à venir\\b|\\btexto de relleno\\b|\\btesto segnaposto\\b|\\bvultekst\\b"
                  + "|\\bplaceholder text\\b|\\byour text here\\b|\\bx{4,}\\b|(?-i:\\bx{3}\\b)|\\?{3,}"
                  + "|[£$€] ?X{2,}\\b|\\bX{2,} ?(?:€|Euro|EUR|pounds|dollars)(?!\\p{L})"
                  + "|\\binsert (?:your |the )?(?:text|title|name|date|link|copy|quote|picture|photo|image|caption) here\\b"
                  + "|\\b(?:text|inhalt|bild|foto) folgt(?: noch| in kürze)?\\s*[.!…]?$"),
          "lorem ipsum",
          "dolor sit amet",
          "blindtext",
          "platzhalter",
          "texte",
          "texto de relleno",
          "testo segnaposto",
          "vultekst",
          "placeholder text",
          "your text here",
          "xx",
          "???",
          "insert ",
          " folgt");

  private static final GatedPattern BRACKETED =
      GatedPattern.of(
          Pattern.compile(
              "(?iu)[\\[(](?:\\p{L}+ ){0,3}(?:to come|to follow|tbd|tbc|tba|todo|tk)[\\])]"
                  + "|[\\[(](?:(?:text|foto|bild|zahl) )?(?:folgt(?: noch)?|kommt noch|noch offen)[\\])]"
                  + "|[\\[(](?:à (?:compléter|venir|préciser)|por (?:completar|definir)|da (?:completare|definire)"
                  + "|nog in te vullen|volgt nog|do uzupełnienia|a (?:completar|definir))[\\])]"),
          "[",
          "(");

  /** In other languages the letters are short for other things. */
  private static final GatedPattern ENGLISH =
      GatedPattern.of(
          Pattern.compile(
              "\\bTK(?:TK)*\\b|\\b(?:TBD|TBC|TBA|TODO)\\b|(?i:\\b(?:text|copy|photo|picture|figures?|quotes?) to come\\b)"),
          "tk",
          "tbd",
          "tbc",
          "tba",
          "todo",
          "to come");

  public Placeholder() {
    super(TOLD, Scope.BLOCK);
  }

  /** The title and the summary too. */
  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    field(subject.content().title(), "title", settings, found);
    field(subject.content().summary(), "summary", settings, found);
    found.addAll(BlockRule.super.check(subject, settings));
    return found;
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    boolean english = passage.language().startsWith("en");
    for (Place place : passage.places()) {
      if (!(place.block() instanceof Code)) {
        look(place, english, settings, found);
      }
    }
    return found;
  }

  private void field(String words, String field, Settings settings, List<Finding> found) {
    GatedPattern.Text text = new GatedPattern.Text(words);
    Stream.of(ANYWHERE, BRACKETED)
        .flatMap(p -> p.findAll(text).stream())
        .min(Comparator.comparing(MatchResult::start))
        .ifPresent(
            m ->
                found.add(
                    Finding.onField(
                        this,
                        settings.severityOf(this),
                        message(m),
                        field,
                        List.of(Fix.ask("Write them", field)))));
  }

  private void look(Place place, boolean english, Settings settings, List<Finding> found) {
    GatedPattern.Text text = new GatedPattern.Text(place.text());
    Stream.of(ANYWHERE, BRACKETED)
        .flatMap(p -> p.findAll(text).stream())
        .sorted(Comparator.comparing(MatchResult::start))
        .forEach(m -> found.add(onWords(m, place, settings)));
    if (english) {
      ENGLISH.findAll(text).forEach(m -> found.add(onWords(m, place, settings)));
    }
  }

  private Finding onWords(MatchResult m, Place place, Settings settings) {
    return Finding.onWords(
        this, settings.severityOf(this), message(m), place, m.start(), m.end(), List.of());
  }

  private static String message(MatchResult m) {
    return "“" + m.group().strip() + "” stands in for other words.";
  }
}

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

  private static final int SHORTEST = 8;
  private static final int LONGEST = 60;

  /** Whole lines that say what to write in their place; within a sentence the same words mean something. */
  private static final Pattern WHOLE =
      Pattern.compile(
          "(?iu)(?:your |my |the |a |new )?(?:heading|headline|title|subtitle|subheading|caption|text|name|quote|content)(?: text)?(?: goes)? here"
              + "|(?:your|my|new) (?:heading|headline|title|subtitle|subheading)"
              + "|(?:add|enter|type|write|put|paste) (?:your |a |some |the )?(?:heading|headline|title|subtitle|caption|text|name|content|words)(?: here)?"
              + "|(?:start typing|click|tap|double-click)(?: here)? to (?:edit|add|change|write|enter|begin)[^.!?]*|start typing(?: here)?"
              + "|sample (?:text|heading|title)|dummy text|some text(?: here)?"
              + "|(?:ihre?|deine?|die|neue)? ?(?:überschrift|zwischenüberschrift|titel|text|inhalt|bildunterschrift)(?: steht| kommt)? hier(?: hin| rein)?"
              + "|hier (?:steht|kommt|ist) (?:ihr|dein|der|die) (?:text|titel|überschrift|inhalt)(?: hin| rein)?"
              + "|hier (?:ihren|deinen|den) (?:text|titel) (?:eingeben|einfügen|schreiben)|(?:text|titel|überschrift) (?:hier )?(?:eingeben|einfügen)"
              + "|(?:votre|ton|le) (?:titre|texte|sous-titre) ici|titre ici|texte ici"
              + "|(?:saisissez|écrivez|entrez|ajoutez|tapez|insérez) (?:votre|le|un|du) (?:texte|titre)(?: ici)?"
              + "|(?:su|tu|el) (?:título|texto|encabezado) aquí|título aquí|texto aquí"
              + "|(?:escriba|escribe|introduzca|introduce|añada|añade|inserte|inserta) (?:su |tu |el |un )?(?:texto|título)(?: aquí)?"
              + "|(?:il tuo |il suo |il )?(?:titolo|testo) qui|(?:inserisci|scrivi|aggiungi|inserire) (?:il tuo |il |un |qui il )?(?:testo|titolo)(?: qui)?"
              + "|(?:uw |jouw |de )?(?:titel|tekst|kop) hier|(?:typ|schrijf|voer) hier (?:uw|je|de|jouw) (?:tekst|titel)(?: in)?|(?:typ|schrijf|voeg) (?:uw|je|de) tekst(?: hier)?(?: in| toe)?"
              + "|(?:din |en )?(?:rubrik|titel|text) här|(?:skriv|ange|lägg till) (?:din |en )?(?:text|rubrik|titel)(?: här)?"
              + "|(?:o )?(?:seu |teu )?(?:título|texto) aqui|(?:insira|escreva|digite|adicione|introduza) (?:aqui )?(?:o )?(?:seu |teu )?(?:texto|título)(?: aqui)?"
              + "|(?:twój |tu )?(?:tytuł|tekst|nagłówek) tutaj|(?:wpisz|dodaj|wstaw) (?:tutaj |tu )?(?:swój |twój )?(?:tekst|tytuł|nagłówek)(?: tutaj| tu)?"
              + "|(?:din )?(?:overskrift|titel|tekst) her|(?:skriv|indsæt) (?:din )?(?:tekst|overskrift)(?: her)?");

  private static final Pattern EDGES = Pattern.compile("^[\\s\\p{P}]+|[\\s\\p{P}]+$");

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
                        message(m.group()),
                        field,
                        List.of(Fix.ask("Write them", field)))));
  }

  private void look(Place place, boolean english, Settings settings, List<Finding> found) {
    GatedPattern.Text text = new GatedPattern.Text(place.text());
    Stream.of(ANYWHERE, BRACKETED)
        .flatMap(p -> p.findAll(text).stream())
        .sorted(Comparator.comparing(MatchResult::start))
        .forEach(m -> found.add(onWords(m, place, settings)));
    if (isWhole(place.text())) {
      found.add(
          Finding.onBlock(
              this, settings.severityOf(this), message(place.text()), place, List.of()));
    }
    if (english) {
      ENGLISH.findAll(text).forEach(m -> found.add(onWords(m, place, settings)));
    }
  }

  /** Whether a text is nothing but that; no such line is long. */
  private static boolean isWhole(String text) {
    return text.length() <= LONGEST
        && text.length() >= SHORTEST
        && WHOLE.matcher(EDGES.matcher(text).replaceAll("")).matches();
  }

  private Finding onWords(MatchResult m, Place place, Settings settings) {
    return Finding.onWords(
        this, settings.severityOf(this), message(m.group()), place, m.start(), m.end(), List.of());
  }

  private static String message(String words) {
    return "“" + words.strip() + "” stands in for other words.";
  }
}

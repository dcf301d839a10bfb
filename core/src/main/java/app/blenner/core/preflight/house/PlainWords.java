package app.blenner.core.preflight.house;

import app.blenner.core.document.Code;
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
import app.blenner.core.tidy.WordEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Plain words in the place of hard ones, in English and German. */
public final class PlainWords extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "plain-words",
          "Hard words",
          "The plain word says the same, is read sooner, and is known to more people.",
          "Common practice of plain language: the everyday word before the learned one",
          RuleSeverity.ADVISED,
          "a plainer word in one place",
          "plainer words in %d places");

  /** Only what can be put in the place of the other as it stands; the list is made for this, from common practice. */
  private static final Map<String, WordBook> BOOKS =
      Map.of(
          "en",
          new WordBook(
              List.of(
                  "utilise = use",
                  "utilize = use",
                  "utilised = used",
                  "utilized = used",
                  "utilises = uses",
                  "utilizes = uses",
                  "utilising = using",
                  "utilizing = using",
                  "utilisation = use",
                  "utilization = use",
                  "commence = begin",
                  "commences = begins",
                  "commenced = began",
                  "prior to = before",
                  "subsequent to = after",
                  "in order to = to",
                  "due to the fact that = because",
                  "in spite of the fact that = although",
                  "in the event that = if",
                  "at this point in time = now",
                  "at the present time = now",
                  "in close proximity to = near",
                  "a large number of = many",
                  "the majority of = most",
                  "with regard to = about",
                  "with respect to = about",
                  "in relation to = about",
                  "pertaining to = about",
                  "in lieu of = instead of",
                  "ascertain = find out",
                  "sufficient = enough",
                  "notwithstanding = in spite of",
                  "whilst = while",
                  "amongst = among",
                  "upon request = if you ask",
                  "is able to = can",
                  "are able to = can",
                  "has the ability to = can",
                  "on a regular basis = regularly",
                  "on a daily basis = daily",
                  "for the purpose of = for",
                  "in the absence of = without",
                  "necessitates = needs",
                  "hereafter = from now on",
                  "henceforth = from now on",
                  "expeditiously = quickly")),
          "de",
          new WordBook(
              List.of(
                  "aufgrund der Tatsache dass = weil",
                  "aufgrund der Tatsache, dass = weil",
                  "zum jetzigen Zeitpunkt = jetzt",
                  "zum gegenwärtigen Zeitpunkt = jetzt",
                  "zu einem späteren Zeitpunkt = später",
                  "unter Zuhilfenahme von = mit",
                  "unter Verwendung von = mit",
                  "mittels = mit",
                  "nichtsdestotrotz = trotzdem",
                  "nichtsdestoweniger = trotzdem",
                  "ist in der Lage = kann",
                  "sind in der Lage = können",
                  "obsolet = überholt",
                  "käuflich erwerben = kaufen",
                  "in Abzug bringen = abziehen")));

  public PlainWords() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    WordBook book = BOOKS.get(Locale.forLanguageTag(passage.language()).getLanguage());
    List<Finding> found = new ArrayList<>();
    if (book == null) {
      return found;
    }
    for (Place place : passage.places()) {
      if (place.block() instanceof Code || place.text().isEmpty()) {
        continue;
      }
      for (WordBook.Hit hit : book.hitsIn(place.text())) {
        String there = place.text().substring(hit.from(), hit.to());
        found.add(
            Finding.onWords(
                this,
                settings.severityOf(this),
                "“" + there + "” is a hard word for “" + hit.better() + "”.",
                place,
                hit.from(),
                hit.to(),
                List.of(
                    Fix.ofItem(
                        "Write “" + hit.better() + "”",
                        (content, at) ->
                            content.withBody(
                                WordEdit.replaced(
                                    content.body(), at, hit.from(), hit.to(), hit.better()))))));
      }
    }
    return found;
  }
}

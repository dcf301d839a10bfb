package app.blenner.core.preflight.house;

import app.blenner.core.document.Code;
import app.blenner.core.item.Content;
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
import app.blenner.core.rule.WordList;
import app.blenner.core.rule.WordListCache;
import app.blenner.core.tidy.WordEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The house’s words are used, and not those it does without. */
public final class HouseWords extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "house-words",
          "Words the house does without",
          "A site that calls one thing by one name is understood, and sounds like one voice.",
          "Common practice: a house keeps a list of its words",
          RuleSeverity.ADVISED,
          "one word the house uses",
          "%d words the house uses");

  private static final WordList WORDS =
      new WordList(
          "The words",
          "One in each line. What is wanted instead stands behind an arrow: “utilise → use”, or “utilise = use”.");

  private final WordListCache<WordBook> books = new WordListCache<>(WordBook::new);

  public HouseWords() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public Optional<WordList> words() {
    return Optional.of(WORDS);
  }

  private WordBook bookOf(Settings settings) {
    return books.of(settings.wordsOf(this));
  }

  /** The title and the summary too. */
  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    if (settings.wordsOf(this).isEmpty()) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    Content content = subject.content();
    field(content.title(), "title", settings, found);
    field(content.summary(), "summary", settings, found);
    found.addAll(BlockRule.super.check(subject, settings));
    return found;
  }

  private void field(String text, String field, Settings settings, List<Finding> found) {
    for (WordBook.Hit hit : bookOf(settings).hitsIn(text)) {
      found.add(
          Finding.onField(
              this,
              settings.severityOf(this),
              message(text.substring(hit.from(), hit.to()), hit.better()),
              field,
              List.of(Fix.ask("Write it otherwise", field))));
    }
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    WordBook book = bookOf(settings);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      if (place.block() instanceof Code || place.text().isEmpty()) {
        continue;
      }
      for (WordBook.Hit hit : book.hitsIn(place.text())) {
        found.add(
            Finding.onWords(
                this,
                settings.severityOf(this),
                message(place.text().substring(hit.from(), hit.to()), hit.better()),
                place,
                hit.from(),
                hit.to(),
                fixes(hit)));
      }
    }
    return found;
  }

  private static List<Fix> fixes(WordBook.Hit hit) {
    return hit.better().isEmpty()
        ? List.of()
        : List.of(
            Fix.ofItem(
                "Write “" + hit.better() + "”",
                (content, at) ->
                    content.withBody(
                        WordEdit.replaced(
                            content.body(), at, hit.from(), hit.to(), hit.better()))));
  }

  private static String message(String there, String better) {
    return better.isEmpty()
        ? "The house does without “" + there + "”."
        : "Instead of “" + there + "” the house writes “" + better + "”.";
  }
}

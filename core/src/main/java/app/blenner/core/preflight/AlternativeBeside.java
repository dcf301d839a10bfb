package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.language.Sentences;
import app.blenner.core.rule.BasicRule;
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
import java.util.List;
import java.util.Locale;

/** An alternative text does not say what the text beside the picture says already. */
public final class AlternativeBeside extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "alternative-beside",
          "Alternative texts that repeat the text beside the picture",
          "People with a screen reader hear the same words twice, one after the other.",
          "HTML Living Standard, 4.8.4.4, images whose contents stand in the text already; WCAG 2.2, technique H2",
          RuleSeverity.ADVISED,
          "another alternative text than the text beside it",
          "%d other alternative texts than the text beside them");

  /** Fewer words are no sentence that tells what is to be seen. */
  private static final int SENTENCE = 3;

  /** Signs and spaces that can stand around words. */
  private static final int EDGES = 10;

  public AlternativeBeside() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (int i = 0; i < subject.passages().size(); i++) {
      List<Place> places = subject.passages().get(i).places();
      for (int k = 0; k < places.size(); k++) {
        if (places.get(k).block() instanceof Picture p && repeats(p, subject, i, k)) {
          found.add(
              Finding.onBlock(
                  this,
                  settings.severityOf(this),
                  "The alternative text says what the text beside the picture says.",
                  places.get(k).inPassage(i),
                  fixes(p)));
        }
      }
    }
    return found;
  }

  /** Whether the block before or the one after says it, in reading order. */
  private static boolean repeats(Picture picture, Subject subject, int passage, int at) {
    String words = picture.alternative() == null ? "" : Phrases.toPlain(picture.alternative());
    return !words.isEmpty()
        && (says(beside(subject, passage, at, -1), words, subject.language())
            || says(beside(subject, passage, at, 1), words, subject.language()));
  }

  /** The block before or after one, or null where there is none. */
  private static Place beside(Subject subject, int passage, int at, int step) {
    List<Passage> passages = subject.passages();
    List<Place> here = passages.get(passage).places();
    if (at + step >= 0 && at + step < here.size()) {
      return here.get(at + step);
    }
    if (passage + step < 0 || passage + step >= passages.size()) {
      return null;
    }
    List<Place> there = passages.get(passage + step).places();
    return there.get(step > 0 ? 0 : there.size() - 1);
  }

  private static List<Fix> fixes(Picture picture) {
    Fix write = Fix.ask("Write another", "alternative");
    return picture.link() == null && picture.caption().isEmpty()
        ? List.of(write, PictureAlternative.DECORATIVE)
        : List.of(write);
  }

  /** Whether a paragraph or heading says just that, or one sentence of it does. */
  private static boolean says(Place place, String words, String language) {
    if (place == null
        || !(place.block() instanceof Paragraph || place.block() instanceof Heading)) {
      return false;
    }
    String text = place.text();
    if (text.length() <= words.length() + EDGES && Phrases.toPlain(text).equals(words)) {
      return true;
    }
    // Parting sentences takes time, and this is asked with every key: it is done where one can be
    // it.
    return text.length() > words.length()
        && words.split(" ").length >= SENTENCE
        && text.replace('\u00A0', ' ').replace('’', '\'').toLowerCase(Locale.ROOT).contains(words)
        && Sentences.of(text, language).stream()
            .anyMatch(s -> Phrases.toPlain(text.substring(s.from(), s.to())).equals(words));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.kind.RichTextField;
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

/** Every merge field in the text is one that there is. */
public final class MergeFieldUnknown extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "merge-field-unknown",
          "Merge fields that are not there",
          "Readers would find a hole in the sentence where it stands: what is in it is never shown to them.",
          "Common practice: what is filled in by itself needs something to be filled in with.",
          RuleSeverity.REQUIRED,
          "another word for an unknown merge field",
          "other words for unknown merge fields");

  public MergeFieldUnknown() {
    super(TOLD, Scope.SITE);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Passage> passages = subject.passages();
    for (int i = 0; i < passages.size(); i++) {
      for (Place place : passages.get(i).places()) {
        look(place.inPassage(i), subject, settings, found);
      }
    }
    subject
        .kind()
        .fields()
        .filter(f -> f instanceof RichTextField)
        .map(f -> f.head().name())
        .forEach(name -> checkField(name, subject, settings, found));
    return found;
  }

  /** A formatted text of a field is told as a whole: there are no marks within it. */
  private void checkField(String name, Subject subject, Settings settings, List<Finding> found) {
    if (subject.content().values().get(name) instanceof String html) {
      List<Finding> within = new ArrayList<>();
      HtmlReader.read(html)
          .walk((path, block) -> look(Place.of(path, block), subject, settings, within));
      within.stream()
          .findFirst()
          .map(f -> Finding.onField(this, f.level(), f.message(), Finding.FIELD + name, List.of()))
          .ifPresent(found::add);
    }
  }

  private void look(Place place, Subject subject, Settings settings, List<Finding> found) {
    int at = 0;
    String before = null;
    for (Inline inline : place.block().content()) {
      int length = inline instanceof Text t ? t.text().length() : 1;
      String name = inline.marks().valueOf(Mark.Kind.MERGE_FIELD, null);
      if (name != null
          && !name.equals(before)
          && !subject.context().fields().knows(name, subject.kind())) {
        found.add(
            Finding.onWords(
                this,
                settings.severityOf(this),
                "There is no merge field “" + name + "” for this kind of item.",
                place,
                at,
                at + length,
                List.of(Fix.ofBlock("Take it out", b -> without(b, name)))));
      }
      before = name;
      at += length;
    }
  }

  private static Block without(Block block, String name) {
    return block.withContent(
        block.content().stream()
            .filter(i -> !name.equals(i.marks().valueOf(Mark.Kind.MERGE_FIELD, null)))
            .toList());
  }
}

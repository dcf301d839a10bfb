package app.blenner.core.preflight;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** A text is dressed calmly: few fonts, colours and sizes of its own. */
public final class TooManyStyles extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "dress-many",
          "Many fonts, colours and sizes",
          "What is set apart is noticed only while the rest is calm.",
          "Common practice: two typefaces and a few sizes carry a whole publication",
          RuleSeverity.ADVISED,
          "fewer fonts, colours or sizes",
          "fewer fonts, colours and sizes");

  private static final Parameter FONTS = new Parameter("fonts", "Most fonts", 0, 10, 2);
  private static final Parameter COLOURS = new Parameter("colours", "Most colours", 0, 20, 3);
  private static final Parameter SIZES = new Parameter("sizes", "Most sizes", 0, 20, 3);

  public TooManyStyles() {
    super(TOLD, Scope.ITEM, FONTS, COLOURS, SIZES);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Map<Mark.Kind, Set<String>> worn = new EnumMap<>(Mark.Kind.class);
    for (Passage passage : subject.passages()) {
      for (Place place : passage.places()) {
        for (Inline inline : place.block().content()) {
          for (Mark mark : inline.marks().all()) {
            if (mark instanceof Mark.Valued v) {
              worn.computeIfAbsent(v.kind(), k -> new TreeSet<>()).add(v.value());
            }
          }
        }
      }
    }
    List<String> many = new ArrayList<>();
    many(many, worn, Mark.Kind.FONT, "fonts", settings.numberOf(this, FONTS));
    many(many, worn, Mark.Kind.COLOUR, "colours", settings.numberOf(this, COLOURS));
    many(many, worn, Mark.Kind.SIZE, "sizes", settings.numberOf(this, SIZES));
    return many.isEmpty()
        ? List.of()
        : List.of(
            Finding.onField(
                this,
                settings.severityOf(this),
                "The text has " + String.join(" and ", many) + ".",
                "body",
                List.of()));
  }

  private static void many(
      List<String> out, Map<Mark.Kind, Set<String>> worn, Mark.Kind kind, String what, int most) {
    int there = worn.getOrDefault(kind, Set.of()).size();
    if (there > most) {
      out.add(there + " " + what + " of its own, where " + most + " are calm");
    }
  }
}

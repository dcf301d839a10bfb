package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Text;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.PlaceRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;

/** A heading breaks where the screen is too narrow for it, and nowhere else. */
public final class HeadingBreak extends BasicRule implements PlaceRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "heading-break",
          "Line breaks in headings",
          "On another screen the heading breaks once more, and in a list of headings two words stick together.",
          "HTML Living Standard, the br element: only for breaks that are part of what is said",
          RuleSeverity.ADVISED,
          "one heading in one piece",
          "%d headings in one piece");

  public HeadingBreak() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public String problemWith(Place place, Passage passage, Settings settings) {
    return place.block() instanceof Heading h
            && h.content().stream().anyMatch(LineBreak.class::isInstance)
        ? "This heading has a line break in it."
        : "";
  }

  @Override
  public List<Fix> fixesFor(Place place, Passage passage) {
    return List.of(Fix.ofBlock("Put it in one line", b -> b.mapContent(HeadingBreak::inOneLine)));
  }

  private static List<Inline> inOneLine(List<Inline> content) {
    List<Inline> out = new ArrayList<>();
    boolean broken = false;
    for (Inline inline : content) {
      if (inline instanceof LineBreak) {
        broken = !out.isEmpty();
        continue;
      }
      if (broken) {
        out.add(new Text(" ", Marks.NONE));
      }
      out.add(inline);
      broken = false;
    }
    return out;
  }
}

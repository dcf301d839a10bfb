package app.blenner.core.preflight;

import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Picture;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.LinkRun;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import java.util.ArrayList;
import java.util.List;

/** Every link has words, or a picture with alternative text, to say where it goes. */
public final class EmptyLinkText extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "empty-link-text",
          "Links without words",
          "A link without words cannot be seen, and a screen reader has nothing to say for it.",
          "WCAG 2.2, success criteria 2.4.4 Link Purpose and 4.1.2; failure F89",
          RuleSeverity.REQUIRED,
          "words for one link",
          "words for %d links");

  public EmptyLinkText() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    Severity level = settings.severityOf(this);
    List<Finding> found = new ArrayList<>();
    for (Place place : passage.places()) {
      whole(place, level, found);
    }
    for (LinkRun link : passage.links()) {
      if (saysNothing(link.text())) {
        Fix unlink =
            Fix.ofBlock(
                "Remove the link",
                b -> b.mapContent(inlines -> unlinked(inlines, link.first(), link.end())));
        found.add(
            Finding.onWords(
                this,
                level,
                "A link here has no words.",
                link.place(),
                link.from(),
                link.to(),
                List.of(unlink)));
      }
    }
    return found;
  }

  /** A block that is a link as a whole. */
  private void whole(Place place, Severity level, List<Finding> found) {
    if (place.block() instanceof Picture p) {
      // While nobody has said what the picture shows, that is the finding to mend first.
      if (p.link() != null && p.alternative() != null && saysNothing(p.alternative())) {
        found.add(
            Finding.onBlock(
                this,
                level,
                "This picture is a link, but says nothing of where it goes.",
                place,
                List.of(Fix.ask("Write alternative text", "alternative"))));
      }
    } else if (place.block() instanceof ButtonLink b && saysNothing(b.label())) {
      found.add(Finding.onBlock(this, level, "This button has no words.", place, List.of()));
    }
  }

  private static List<Inline> unlinked(List<Inline> content, int first, int last) {
    List<Inline> out = new ArrayList<>(content);
    for (int i = first; i < Math.min(last, out.size()); i++) {
      Inline inline = out.get(i);
      out.set(i, inline.withMarks(inline.marks().without(Mark.Link.class::isInstance)));
    }
    return out;
  }

  /** Whether there is no character to be seen or heard. */
  static boolean saysNothing(String text) {
    return text.codePoints()
        .allMatch(
            c ->
                Character.isWhitespace(c)
                    || Character.isSpaceChar(c)
                    || Character.getType(c) == Character.FORMAT);
  }
}

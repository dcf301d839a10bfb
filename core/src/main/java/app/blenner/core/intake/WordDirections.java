package app.blenner.core.intake;

import app.blenner.core.document.Direction;
import org.jsoup.nodes.Element;

/**
 * Words within a line that say which way they run. The format says it of whole blocks only; where the letters themselves
 * do not say the same, something is lost, and that is told.
 */
final class WordDirections implements CleaningStep {
  private static final String WORDS =
      "bdo, span[dir], b[dir], strong[dir], i[dir], em[dir], u[dir], a[dir], font[dir], q[dir], small[dir]";

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasAttribute("dir");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int lost = 0;
    for (Element e : body.select(WORDS)) {
      Direction said = Direction.of(e.attr("dir"));
      Direction own = Direction.firstStrong(e.text());
      boolean turned = e.normalName().equals("bdo") || said != own;
      lost += e.hasText() && said != Direction.NONE && own != Direction.NONE && turned ? 1 : 0;
    }
    tally.dropped(IntakeReport.Dropped.DIRECTION, lost);
  }
}

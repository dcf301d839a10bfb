package app.blenner.core.intake;

import java.util.List;
import org.jsoup.nodes.Element;

/**
 * Tracked changes and reviewers' comments. A deletion that carries who or when is a tracked one and
 * goes; an insertion stays as plain text. A struck passage of a web page is something else and stays
 * struck.
 */
final class TrackedChanges implements CleaningStep {
  private static final String DELETIONS =
      "del[datetime], del[cite], span.msoDel, [class~=^msoDel$]";
  static final String REMARKS_STAY =
      "Comments of reviewers stay where they were written; they are not part of the text.";

  private static final String INSERTIONS = "ins[datetime], ins[cite], span.msoIns";
  private static final String REMARKS =
      "[style*=mso-element:comment-list], .MsoCommentReference, a.msocomanchor, .msocomtxt,"
          + " [style*=mso-special-character:comment], [id^=comment-range], .sdcomment";

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("del", "ins")
        || features.hasWord("msodel", "msoins", "comment", "msocom");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    List<Element> deletions = body.select(DELETIONS);
    for (Element e : deletions) {
      tally.dropped(IntakeReport.Dropped.DELETION, e.hasText() ? 1 : 0);
    }
    DomWalk.remove(deletions);
    DomWalk.unwrap(body.select(INSERTIONS));
    int remarks = 0;
    for (Element e : body.select(REMARKS)) {
      if (e.parents().contains(body)) {
        // The list of comments holds each of them; their signs in the text are not counted again.
        remarks += e.select("[style*=mso-element:comment]:not([style*=comment-list])").size();
        remarks += e.hasClass("sdcomment") ? 1 : 0;
        e.remove();
      }
    }
    if (remarks > 0) {
      tally.dropped(IntakeReport.Dropped.REMARK, remarks);
      tally.note(REMARKS_STAY);
    }
  }
}

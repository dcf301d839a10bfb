package app.blenner.core.intake;

import app.blenner.core.document.Document;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What a text leaves open, found while it is worked on, and done where it is taken. */
final class Offers {
  /** Fewer typed items could be anything. */
  private static final int LEAST_ITEMS = 3;

  private final Set<Offer.Kind> taken;
  private final List<Offer> found = new ArrayList<>();

  Offers(Set<Offer.Kind> taken) {
    this.taken = taken;
  }

  List<Offer> all() {
    return List.copyOf(found);
  }

  private boolean take(Offer.Kind kind, List<Offer.Line> lines) {
    if (lines.isEmpty()) {
      return false;
    }
    found.add(new Offer(kind, lines));
    return taken.contains(kind);
  }

  Document withoutRunningLines(Document document) {
    List<String> running = RunningLines.find(document);
    List<Offer.Line> lines =
        running.stream()
            .distinct()
            .map(l -> new Offer.Line(l, "stands on page after page, and goes"))
            .toList();
    return take(Offer.Kind.RUNNING_LINES, lines)
        ? RunningLines.without(document, running)
        : document;
  }

  Document withHeadings(Document document, List<HeadingCandidate> headings) {
    List<Offer.Line> lines =
        headings.stream()
            .map(
                h -> new Offer.Line(h.words(), "becomes heading " + h.level() + ": " + h.because()))
            .toList();
    return take(Offer.Kind.HEADINGS, lines) ? HeadingEvidence.make(document, headings) : document;
  }

  Document withLists(Document document) {
    List<Offer.Line> lines = new ArrayList<>();
    Document made =
        TypedItems.makeLists(
            document,
            LEAST_ITEMS,
            run -> {
              String kind = run.numbered() ? "numbered" : "bulleted";
              lines.add(
                  new Offer.Line(
                      run.items().get(0) + " / " + run.items().get(1) + " / …",
                      "becomes a " + kind + " list of " + run.items().size() + " items"));
              return true;
            });
    return take(Offer.Kind.LISTS, lines) ? made : document;
  }
}

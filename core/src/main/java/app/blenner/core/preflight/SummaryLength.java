package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.language.Counts;
import java.util.List;

/** The summary is there and is short enough for a teaser. */
public final class SummaryLength implements Rule {
  @Override
  public String id() {
    return "summary-length";
  }

  @Override
  public String why() {
    return "Section pages, search results and shared links show the summary, and cut off what is"
        + " longer.";
  }

  @Override
  public String reference() {
    return "Common practice: at most "
        + Kind.SUMMARY_LIMIT
        + " characters, where a kind says nothing else";
  }

  @Override
  public String need(int count) {
    return "a shorter summary";
  }

  @Override
  public List<Finding> check(Content content) {
    return check(content, Kind.SUMMARY_LIMIT);
  }

  @Override
  public List<Finding> check(Content content, Kind kind) {
    return check(content, kind.summaryLimit());
  }

  private List<Finding> check(Content content, int limit) {
    int length = Counts.characters(content.summary());
    if (length == 0) {
      return List.of(
          Finding.onField(
              this,
              Level.ADVISED,
              "There is no summary yet.",
              "summary",
              List.of(Fix.ask("Write one", "summary"))));
    }
    if (length <= limit) {
      return List.of();
    }
    int over = length - limit;
    String message =
        "The summary is " + over + (over == 1 ? " character" : " characters") + " too long.";
    return List.of(
        Finding.onField(
            this, Level.MUST_FIX, message, "summary", List.of(Fix.ask("Shorten it", "summary"))));
  }
}

package app.blenner.core.preflight;

import app.blenner.core.face.SearchResult;
import app.blenner.core.face.TitleWidth;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Standard;
import java.util.List;

/** A title that was written for search results is shown whole there. */
public final class SearchTitleWidth implements Rule {
  @Override
  public String id() {
    return "search-title-width";
  }

  @Override
  public String why() {
    return "Search engines cut off what has no room, and its last words are not read.";
  }

  @Override
  public String reference() {
    return "Common practice: at most " + SearchResult.USUAL_WIDTH + " pixels";
  }

  @Override
  public String need(int count) {
    return "a shorter search title";
  }

  @Override
  public List<Finding> check(Content content) {
    long width = Math.round(TitleWidth.of(Standard.text(content, Standard.SEARCH_TITLE)));
    if (width <= SearchResult.USUAL_WIDTH) {
      return List.of();
    }
    String field = FieldValues.PLACE + Standard.SEARCH_TITLE;
    return List.of(
        Finding.onField(
            this,
            Level.ADVISED,
            "The search title is " + width + " pixels wide; only 600 are shown.",
            field,
            List.of(Fix.ask("Shorten it", field))));
  }
}

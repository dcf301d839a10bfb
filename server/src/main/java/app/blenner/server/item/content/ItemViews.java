package app.blenner.server.item.content;

import app.blenner.core.archive.PackedDismissal;
import app.blenner.core.face.FaceWords;
import app.blenner.core.face.SearchResult;
import app.blenner.core.face.SharedLink;
import app.blenner.core.face.Teaser;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.language.Counts;
import app.blenner.core.language.WordCounts;
import app.blenner.core.language.WritingLanguage;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Severity;
import app.blenner.core.signoff.Action;
import app.blenner.core.site.Appearances;
import app.blenner.server.asset.ExpiryService;
import app.blenner.server.item.links.ItemLinks;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/** What the editor and the server tell each other of items. */
public final class ItemViews {
  private ItemViews() {}

  /**
   * What somebody wrote.
   *
   * @param slug the address typed by hand, or null to have it made from the title
   * @param language BCP 47 tag, or empty for the site's own
   * @param values what is in the fields of the item's kind, by their names; left out, they stay as they are
   * @param dropped the numbers of snippets that were put in since the text was kept last
   */
  public record ContentInput(
      @NotNull @Size(max = 2000, message = "A title has at most 2000 characters.") String title,
      @NotNull @Size(max = 8000, message = "A summary has at most 8000 characters.") String summary,
      @NotNull
          @Size(
              max = 8_000_000,
              message = "The text is too long to be kept: at most 8 million characters.")
          String body,
      @NotNull String section,
      @NotNull List<@NotNull String> topics,
      @NotNull @Size(max = 200, message = "An item has at most 200 keywords.")
          List<@NotNull @Size(max = 200, message = "A keyword has at most 200 characters.") String>
              keywords,
      String slug,
      @NotNull String leadPicture,
      @NotNull String language,
      @Size(max = 100, message = "An item has at most 100 attachments.")
          List<@NotNull @Valid AttachmentView> attachments,
      @Size(max = 400, message = "An item has at most 400 values.") Map<String, Object> values,
      @Size(max = 200, message = "Too many snippets at once.") List<@NotNull Long> dropped) {}

  /**
   * A file that goes with an item.
   *
   * @param asset name of the asset
   * @param words what it is, for readers
   */
  public record AttachmentView(
      @NotNull String asset,
      @NotNull @Size(max = 300, message = "What an attachment is takes at most 300 characters.")
          String words) {}

  public record Save(long revision, @NotNull @Valid ContentInput content) {}

  /**
   * An item to begin.
   *
   * @param title its title, where it begins with one
   * @param body its text, where it begins with one
   * @param outline the number of the outline that the text is, where it is one
   */
  public record NewItem(
      @NotNull @Size(max = 40, message = "There is no kind with so long a name.") String kind,
      @Size(max = 2000, message = "A title has at most 2,000 characters.") String title,
      @Size(max = 8_000_000, message = "The text is too long: at most 8 million characters.")
          String body,
      Long outline) {}

  public record Act(long revision) {}

  /**
   * Which fix of which finding, by the finding's identity.
   *
   * @param all whether everything is mended that the same rule finds and the same repair mends
   */
  public record FixChoice(long revision, @NotNull String finding, int fix, Boolean all) {}

  /**
   * What to go on with, of two texts.
   *
   * @param mineAt the differences, by their number, at which mine is chosen
   */
  public record Resolve(
      long theirRevision, @NotNull @Valid ContentInput mine, @NotNull List<Integer> mineAt) {}

  /** Why somebody wants a finding left as it is, and who that is. */
  public record DismissedView(String reason, String by, Instant at) {}

  /** What a rule looks for, and where it comes from. */
  public record Sort(String label, String reference) {}

  public record FixView(String label, String asks) {}

  /**
   * A finding; the path is empty for one that is on no block.
   *
   * @param id its identity within this text
   * @param label what the rule looks for
   * @param words the words it is on, or empty
   * @param mayLeave whether whoever asks may leave it as it is
   * @param dismissed that somebody wants it left as it is; null where nobody does
   */
  public record FindingView(
      String id,
      String rule,
      String label,
      Severity level,
      String message,
      String why,
      String reference,
      String field,
      List<Integer> path,
      int from,
      int to,
      String words,
      List<FixView> fixes,
      boolean mayLeave,
      DismissedView dismissed) {

    static FindingView of(
        Finding f, Sort sort, boolean mayLeave, PackedDismissal dismissed, String words) {
      return new FindingView(
          f.identity(),
          f.rule(),
          sort.label(),
          f.level(),
          f.message(),
          f.why(),
          sort.reference(),
          f.field(),
          f.path() == null ? List.of() : f.path().steps(),
          f.from(),
          f.to(),
          words,
          f.fixes().stream().map(x -> new FixView(x.label(), x.asks())).toList(),
          mayLeave,
          dismissed == null
              ? null
              : new DismissedView(dismissed.reason(), dismissed.by(), dismissed.at()));
    }
  }

  public record StepView(Action action, String label, String blocked, boolean byFindings) {}

  /** What the kind and the stage are called, and who is named as the author. */
  public record Labels(String kind, String stage, String author) {}

  /** When the item was last changed, and by whom. */
  public record Changed(Instant at, String by) {}

  /**
   * How far the item has come.
   *
   * @param since when it reached its stage
   * @param differs whether the working copy differs from what is live
   * @param turn whose turn it is, in a sentence to the person who asks
   * @param steps what can be done with it, the next step first
   */
  public record Standing(Instant since, boolean differs, String turn, List<StepView> steps) {}

  /**
   * Where the item is on the site.
   *
   * @param slug last part of its address
   * @param slugByHand whether somebody typed it
   * @param slugProblem why the address somebody typed could not be had, or empty
   * @param slugSuggestion the nearest one that can be had instead, or empty
   * @param path its address once it is live, or empty
   * @param livePath its address now, or empty while it is not live
   * @param appearances the pages that show it
   * @param willAppear the pages that will show it once it is live
   * @param linkedFrom the items that lead to it where readers see them, the first of them
   */
  public record Placement(
      String slug,
      boolean slugByHand,
      String slugProblem,
      String slugSuggestion,
      String path,
      String livePath,
      Appearances appearances,
      List<Appearances.Place> willAppear,
      List<ItemLinks.From> linkedFrom) {}

  /** How long its text is, and its summary beside what a summary may be, in characters. */
  public record Measures(WordCounts words, int summaryLength, int summaryLimit) {}

  /**
   * How the item is seen elsewhere than on its page, and what each part falls back on.
   *
   * @param searchTitleWidth of the title among search results, in pixels
   * @param searchTitleRoom the widest one that is shown whole, in pixels
   * @param searchDescriptionLength in characters
   * @param searchDescriptionRoom how many are usually shown
   */
  public record Faces(
      Teaser teaser,
      SharedLink shared,
      FaceWords searchTitle,
      int searchTitleWidth,
      int searchTitleRoom,
      FaceWords searchDescription,
      int searchDescriptionLength,
      int searchDescriptionRoom) {

    static Faces of(Content content, String siteName) {
      SearchResult result = SearchResult.of(content, siteName);
      return new Faces(
          Teaser.of(content),
          SharedLink.of(content),
          result.title(),
          (int) Math.round(result.width()),
          SearchResult.USUAL_WIDTH,
          result.description(),
          Counts.countCharacters(result.description().words()),
          SearchResult.USUAL_DESCRIPTION);
    }
  }

  /**
   * What was taken out of what somebody sent, since the toolset of its text does not offer it.
   *
   * @param told all of it, in a sentence
   * @param content the item as it was kept
   */
  public record TakenOut(String told, ContentView content) {}

  /**
   * How an item stands.
   *
   * @param taken what was taken out of it as it was kept just now; null where nothing was
   * @param reading whether its texts are still being read for their language; what is found then comes later
   * @param revision counts its changes; whatever changes it says on which one it builds
   * @param language the language it is written in
   */
  public record ItemState(
      String key,
      String kind,
      Stage stage,
      long revision,
      Labels labels,
      Changed changed,
      Standing standing,
      Placement placement,
      WritingLanguage language,
      Measures measures,
      Faces faces,
      List<FindingView> findings,
      boolean reading,
      List<ExpiryService.Expiring> expiring,
      TakenOut taken) {}

  public record ContentView(
      String title,
      String summary,
      String body,
      String section,
      List<String> topics,
      List<String> keywords,
      String slug,
      String leadPicture,
      String language,
      List<AttachmentView> attachments,
      Map<String, Object> values) {

    static ContentView of(Content c) {
      return new ContentView(
          c.title(),
          c.summary(),
          HtmlWriter.write(c.body()),
          c.section(),
          c.topics(),
          c.keywords(),
          c.slug(),
          c.leadPicture(),
          c.language(),
          c.attachments().stream().map(a -> new AttachmentView(a.asset(), a.words())).toList(),
          c.values());
    }
  }

  /**
   * An item with its text.
   *
   * @param copyKey key of the item in which the other of two texts was kept, or empty
   */
  public record ItemView(ItemState state, ContentView content, String copyKey) {}
}

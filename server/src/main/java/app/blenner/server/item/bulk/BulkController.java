package app.blenner.server.item.bulk;

import app.blenner.core.signoff.Action;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.bulk.BulkService.BulkLine;
import app.blenner.server.item.bulk.BulkService.BulkProgress;
import app.blenner.server.item.bulk.ItemChange.Mending;
import app.blenner.server.problem.Problem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Changes of several items at once. */
@RestController
class BulkController {
  private static final String LONG = "There is no word so long here.";

  private final BulkService bulk;
  private final ItemChanges items;

  BulkController(BulkService bulk, ItemChanges items) {
    this.bulk = bulk;
    this.items = items;
  }

  /**
   * What is to be done to several items; what is not said stays.
   *
   * @param told what it is, in a sentence
   */
  record BulkInput(
      @NotNull
          @Size(min = 1, max = 10_000, message = "From one to 10,000 items can be changed at once.")
          List<@NotNull @Size(max = 80, message = LONG) String> keys,
      @Size(max = 80, message = LONG) String section,
      @Size(max = 100, message = "At most 100 topics.") List<@NotNull String> addTopics,
      @Size(max = 100, message = "At most 100 topics.") List<@NotNull String> removeTopics,
      @Size(max = 50, message = "At most 50 keywords at once.")
          List<@NotNull @Size(max = 200, message = LONG) String> addKeywords,
      @Size(max = 50, message = "At most 50 keywords at once.")
          List<@NotNull @Size(max = 200, message = LONG) String> removeKeywords,
      @Size(max = 200, message = "A name has at most 200 characters.") String author,
      Action action,
      Boolean forReaders,
      @Valid MendingInput mending,
      @NotNull @Size(max = 1000, message = "That is too long a sentence.") String told) {

    ItemChange change() {
      ItemChange change =
          new ItemChange(
              section,
              or(addTopics),
              or(removeTopics),
              or(addKeywords),
              or(removeKeywords),
              author,
              action,
              Boolean.TRUE.equals(forReaders),
              "",
              mending == null ? null : new Mending(mending.rule, mending.label));
      boolean nothing =
          section == null
              && author == null
              && mending == null
              && action == null
              && change.addTopics().isEmpty()
              && change.removeTopics().isEmpty()
              && change.addKeywords().isEmpty()
              && change.removeKeywords().isEmpty();
      if (nothing) {
        throw Problem.unusable("Say what is to be changed first.");
      }
      return change;
    }

    private static List<String> or(List<String> given) {
      return given == null ? List.of() : given;
    }
  }

  /** A repair of all that a rule finds, by what it is called. */
  record MendingInput(
      @NotNull @Size(max = 80) String rule, @NotNull @Size(max = 200) String label) {}

  /** Where the items of a section go that is given up; empty for no section. */
  record GiveUpInput(@NotNull @Size(max = 80, message = LONG) String to) {}

  @PostMapping("/editor/api/bulk/look")
  List<BulkLine> look(@Valid @RequestBody BulkInput given) {
    return bulk.look(given.keys, given.change(), AccountService.current());
  }

  @PostMapping("/editor/api/bulk")
  BulkProgress begin(@Valid @RequestBody BulkInput given) {
    return bulk.begin(given.keys, given.change(), given.told, AccountService.current());
  }

  @GetMapping("/editor/api/bulk")
  List<BulkProgress> latest() {
    return bulk.latestOf(AccountService.current());
  }

  @GetMapping("/editor/api/bulk/{id}")
  BulkProgress progress(@PathVariable long id) {
    return bulk.progress(id, AccountService.current());
  }

  @PostMapping("/editor/api/bulk/{id}/stop")
  BulkProgress stop(@PathVariable long id) {
    bulk.stop(id, AccountService.current());
    return bulk.progress(id, AccountService.current());
  }

  @PostMapping("/editor/api/bulk/{id}/undo")
  BulkProgress undo(@PathVariable long id) {
    return bulk.undo(id, AccountService.current());
  }

  /** Gives a section up: its items go where it is said, then it goes itself. */
  @PostMapping("/editor/api/site/sections/{slug}/giving-up")
  BulkProgress giveUp(@PathVariable String slug, @Valid @RequestBody GiveUpInput given) {
    AccountService.needs(Right.SET_UP);
    return bulk.giveUp(slug, given.to, items.inSection(slug), AccountService.current());
  }
}

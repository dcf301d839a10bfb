package app.blenner.server.item.content;

import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.content.ItemViews.ContentInput;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.content.ItemViews.ItemView;
import app.blenner.server.item.content.ItemViews.NewItem;
import app.blenner.server.item.content.ItemViews.Resolve;
import app.blenner.server.item.content.ItemViews.Save;
import app.blenner.server.problem.OneByOne;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One item at a time. */
@RestController
@RequestMapping("/editor/api/items")
class ItemController {
  private final ItemService items;

  /** Texts of one title, and copies of one text, want the same address. */
  private final OneByOne turns = new OneByOne();

  ItemController(ItemService items) {
    this.items = items;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ItemView create(@Valid @RequestBody NewItem wanted) {
    Account by = AccountService.current();
    // Without a title it wants no address, and so waits for nobody.
    return wanted.title() == null || wanted.title().isBlank()
        ? items.create(wanted, by)
        : turns.call(wanted.title(), () -> items.create(wanted, by));
  }

  @GetMapping("/{key}")
  ItemView view(@PathVariable String key) {
    return items.viewOf(key, AccountService.current());
  }

  @PostMapping("/{key}/copy")
  @ResponseStatus(HttpStatus.CREATED)
  ItemView copy(@PathVariable String key) {
    return turns.call(key, () -> items.copy(key, AccountService.current()));
  }

  @PutMapping("/{key}")
  ItemState save(@PathVariable String key, @Valid @RequestBody Save save) {
    return items.save(key, save, AccountService.current());
  }

  /** What tells somebody's text from the one that is kept, to be chosen between. */
  @PostMapping("/{key}/comparison")
  ComparisonView compare(@PathVariable String key, @Valid @RequestBody ContentInput mine) {
    return ComparisonView.of(items.compare(key, mine), items.kindOf(key));
  }

  /** Somebody leaves the item; one left with nothing in it vanishes. */
  @PostMapping("/{key}/leaving")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@PathVariable String key) {
    items.leave(key);
  }

  @PostMapping("/{key}/resolution")
  ItemView resolve(@PathVariable String key, @Valid @RequestBody Resolve choice) {
    return items.resolve(key, choice, AccountService.current());
  }
}

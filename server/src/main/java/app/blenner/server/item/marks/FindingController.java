package app.blenner.server.item.marks;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.rule.FixPreview;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.content.ItemViews.FixChoice;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.content.ItemViews.ItemView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was found in an item: mended, looked at before it is mended, or left as it is. */
@RestController
@RequestMapping("/editor/api/items/{key}")
class FindingController {
  /**
   * What is left as it is.
   *
   * @param finding its identity
   * @param reason why; may be empty where it is only advised
   */
  record Dismissal(
      @NotNull @Size(max = 120) String finding,
      @NotNull @Size(max = 500, message = "A reason has at most 500 characters.") String reason) {}

  /**
   * What a repair gives.
   *
   * @param before the blocks it changes as they stand, as HTML
   * @param after what would stand there, as HTML
   */
  record GivenView(String before, String after) {}

  private final FindingService findings;

  FindingController(FindingService findings) {
    this.findings = findings;
  }

  @PostMapping("/fixes")
  ItemView fix(@PathVariable String key, @Valid @RequestBody FixChoice choice) {
    return findings.fix(key, choice, AccountService.current());
  }

  /** What a repair of a finding would give. */
  @GetMapping("/findings/{finding}/fixes/{fix}")
  GivenView given(@PathVariable String key, @PathVariable String finding, @PathVariable int fix) {
    FixPreview given = findings.previewFix(key, finding, fix, AccountService.current());
    return new GivenView(HtmlWriter.write(given.before()), HtmlWriter.write(given.after()));
  }

  @PostMapping("/dismissals")
  ItemState dismiss(@PathVariable String key, @Valid @RequestBody Dismissal wanted) {
    return findings.dismiss(key, wanted.finding(), wanted.reason(), AccountService.current());
  }

  @DeleteMapping("/dismissals/{finding}")
  ItemState bringBack(@PathVariable String key, @PathVariable String finding) {
    return findings.bringBack(key, finding, AccountService.current());
  }
}

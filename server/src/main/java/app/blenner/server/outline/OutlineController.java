package app.blenner.server.outline;

import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.PlainText;
import app.blenner.core.document.Prompt;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.signoff.Right;
import app.blenner.core.signoff.Role;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import app.blenner.server.site.EditorChanged;
import app.blenner.server.site.Placing;
import app.blenner.server.site.SiteChanged;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The outlines, for who begins an item and for who looks after them. */
@RestController
@RequestMapping("/editor/api/outlines")
class OutlineController {
  /**
   * An outline, or a snippet.
   *
   * @param snippet whether it is dropped into a text; else it begins one
   * @param shelf what a snippet stands together with, or empty
   * @param key the lasting key by which it is linked
   * @param role the role it is for; null for everybody
   * @param lines its headings and prompts in a few words, for looking through
   */
  record OutlineView(
      long id,
      String name,
      String about,
      List<String> kinds,
      boolean snippet,
      String shelf,
      String key,
      Role role,
      String body,
      List<OutlineLine> lines)
      implements Revised {

    static OutlineView of(OutlineEntity o) {
      List<OutlineLine> lines = new ArrayList<>();
      HtmlReader.read(o.body)
          .walk(
              (path, b) -> {
                if (b instanceof Heading h) {
                  lines.add(new OutlineLine(h.level(), Inlines.textOf(h.content()), false));
                } else if (b instanceof Prompt p) {
                  lines.add(new OutlineLine(p.level(), p.text(), true));
                }
              });
      return new OutlineView(
          o.id,
          o.name,
          o.about,
          OutlineService.kinds(o),
          o.snippet,
          o.shelf,
          o.pieceKey,
          roleOf(o),
          o.body,
          lines);
    }
  }

  private static Role roleOf(OutlineEntity o) {
    return o.forRole.isEmpty() ? null : Role.valueOf(o.forRole.toUpperCase(Locale.ROOT));
  }

  /** A heading (level 1 to 6) or text (0) of an outline, and whether it is a prompt. */
  record OutlineLine(int level, String words, boolean prompt) {}

  /**
   * An outline or a snippet to keep.
   *
   * @param snippet whether it is dropped into a text; what one is stays so
   * @param role the role a snippet is for; left out, it is for everybody
   * @param body its text; none where the one it has stays
   */
  record OutlineInput(
      @NotNull @Size(max = 200, message = "The name has at most 200 characters.") String name,
      @NotNull @Size(max = 500, message = "The line has at most 500 characters.") String about,
      @NotNull List<String> kinds,
      Boolean snippet,
      @Size(max = 100, message = "The shelf has at most 100 characters.") String shelf,
      Role role,
      @Size(max = 1_000_000, message = "This is too long for an outline.") String body) {}

  private final OutlineService outlines;
  private final LinkedPieces linked;
  private final ChangeBus changes;
  private final AuditService audit;
  private final Placing placing;

  OutlineController(
      OutlineService outlines,
      LinkedPieces linked,
      ChangeBus changes,
      AuditService audit,
      Placing placing) {
    this.placing = placing;
    this.linked = linked;
    this.changes = changes;
    this.audit = audit;
    this.outlines = outlines;
  }

  @GetMapping
  List<OutlineView> all() {
    Role own = AccountService.current().role();
    return outlines.entities().stream()
        .filter(o -> roleOf(o) == null || roleOf(o) == own || own.hasRight(Right.SET_UP))
        .map(OutlineView::of)
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  OutlineView add(@Valid @RequestBody OutlineInput given) {
    AccountService.needs(Right.SET_UP);
    OutlineEntity made = new OutlineEntity();
    // Older programs do not send it.
    made.snippet = Boolean.TRUE.equals(given.snippet);
    return noted(keep(made, given));
  }

  @PutMapping("/{id}")
  @Transactional
  OutlineView change(
      @PathVariable long id,
      @Valid @RequestBody OutlineInput given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, outlines.get(id));
    OutlineEntity kept = keep(outlines.get(id), given);
    if (kept.snippet) {
      linked.noteChanged(kept.pieceKey);
      changes.publish(new SiteChanged());
    }
    return noted(kept);
  }

  /** Where a snippet is linked. */
  @GetMapping("/{id}/uses")
  LinkedPieces.PieceUses uses(@PathVariable long id) {
    return linked.of(outlines.get(id).pieceKey);
  }

  private OutlineEntity keep(OutlineEntity into, OutlineInput given) {
    if (given.shelf != null) {
      into.shelf = PlainText.toLine(given.shelf);
    }
    if (given.body != null) {
      Document before = HtmlReader.read(into.body == null ? "" : into.body);
      placing.check(Placing.in(before), Placing.in(HtmlReader.read(given.body)));
    }
    into.forRole = given.role == null ? "" : given.role.name().toLowerCase(Locale.ROOT);
    return outlines.keep(into, given.name, given.about, given.kinds, given.body);
  }

  @PostMapping("/{id}/copy")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  OutlineView copy(@PathVariable long id) {
    AccountService.needs(Right.SET_UP);
    return noted(outlines.copy(id));
  }

  @DeleteMapping("/{id}")
  @Transactional
  void delete(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    OutlineEntity gone = outlines.get(id);
    check(seen, gone);
    long items = linked.of(gone.pieceKey).items();
    if (gone.snippet && items > 0) {
      throw Problem.conflict(
          "“"
              + gone.name
              + "” is linked in "
              + (items == 1 ? "one item" : items + " items")
              + ", where readers would find nothing. Make it a copy there first.",
          Map.of("items", items));
    }
    outlines.delete(id);
    note(called(gone) + gone.name + "” was deleted");
  }

  private static void check(IfMatch seen, OutlineEntity now) {
    seen.check(called(now) + now.name + "”", OutlineView.of(now));
  }

  private static String called(OutlineEntity o) {
    return o.snippet ? "the snippet “" : "the outline “";
  }

  private OutlineView noted(OutlineEntity kept) {
    changes.publish(new EditorChanged());
    note(called(kept) + kept.name + "”");
    return OutlineView.of(kept);
  }

  private void note(String what) {
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, what);
  }
}

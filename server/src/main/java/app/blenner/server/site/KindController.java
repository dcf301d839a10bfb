package app.blenner.server.site;

import app.blenner.core.kind.Kind;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.site.KindViews.CardView;
import app.blenner.server.site.KindViews.KindStanding;
import app.blenner.server.site.KindViews.KindView;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The kinds of item, for Set-up. */
@RestController
@RequestMapping("/editor/api/kinds")
class KindController {
  private final KindService kinds;
  private final AuditService audit;

  KindController(KindService kinds, AuditService audit) {
    this.kinds = kinds;
    this.audit = audit;
  }

  @GetMapping
  List<KindStanding> kinds() {
    return kinds.standing().stream()
        .map(s -> new KindStanding(KindView.of(s.kind()), s.items()))
        .toList();
  }

  /** The cards with the fields that every item has besides. */
  @GetMapping("/standard")
  List<CardView> standardCards() {
    return StandardFields.CARDS.stream().map(CardView::of).toList();
  }

  @PostMapping
  @Transactional
  KindView addKind(@Valid @RequestBody KindView given) {
    AccountService.needs(Right.SET_UP);
    Kind added = kinds.add(read(given));
    note("a new kind of item, “" + added.label() + "”");
    return KindView.of(added);
  }

  @PutMapping("/{name}")
  @Transactional
  KindView changeKind(
      @PathVariable String name,
      @Valid @RequestBody KindView given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, name);
    Kind changed = kinds.change(name, read(given));
    note("the kind of item “" + changed.label() + "”");
    return KindView.of(changed);
  }

  /**
   * @param to the kind its items become; empty where it has none
   */
  @DeleteMapping("/{name}")
  @Transactional
  void deleteKind(
      @PathVariable String name,
      @RequestParam(defaultValue = "") String to,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, name);
    kinds.delete(name, to);
    note("the kind of item “" + name + "” was taken away");
  }

  private void check(IfMatch seen, String name) {
    Kind now =
        kinds.all().stream()
            .filter(k -> k.name().equals(name))
            .findFirst()
            .orElseThrow(() -> KindService.problemMissing(name));
    seen.check("the kind “" + now.label() + "”", new KindStanding(KindView.of(now), 0));
  }

  private void note(String what) {
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, what);
  }

  private static Kind read(KindView given) {
    try {
      return given.kind();
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
  }
}

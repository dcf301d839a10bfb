package app.blenner.server.toolset;

import app.blenner.core.signoff.Right;
import app.blenner.core.toolset.Toolset;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.toolset.ToolsetViews.OfferedTools;
import app.blenner.server.toolset.ToolsetViews.ToolsetStanding;
import app.blenner.server.toolset.ToolsetViews.ToolsetView;
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

/** The toolsets, for Set-up and for the bench. */
@RestController
@RequestMapping("/editor/api/toolsets")
class ToolsetController {
  private final ToolsetService toolsets;
  private final AuditService audit;

  ToolsetController(ToolsetService toolsets, AuditService audit) {
    this.toolsets = toolsets;
    this.audit = audit;
  }

  @GetMapping
  List<ToolsetStanding> toolsets() {
    return toolsets.all().stream().map(s -> new ToolsetStanding(ToolsetView.of(s))).toList();
  }

  /** What somebody is offered in a text. */
  @GetMapping("/nearest")
  OfferedTools offeredTools(@RequestParam String kind, @RequestParam String field) {
    return new OfferedTools(
        toolsets
            .nearest(kind, field, AccountService.current().role())
            .map(ToolsetView::of)
            .orElse(null));
  }

  @PostMapping
  @Transactional
  ToolsetView addToolset(@Valid @RequestBody ToolsetView given) {
    AccountService.needs(Right.SET_UP);
    return noted(toolsets.add(given.toolset()), "a new toolset, “", "”");
  }

  @PutMapping("/{name}")
  @Transactional
  ToolsetView changeToolset(
      @PathVariable String name,
      @Valid @RequestBody ToolsetView given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, name);
    return noted(toolsets.change(name, given.toolset()), "the toolset “", "”");
  }

  @DeleteMapping("/{name}")
  @Transactional
  void deleteToolset(@PathVariable String name, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, name);
    noted(toolsets.delete(name), "the toolset “", "” was taken away");
  }

  private void check(IfMatch seen, String name) {
    Toolset now = toolsets.get(name);
    seen.check("the toolset “" + now.label() + "”", new ToolsetStanding(ToolsetView.of(now)));
  }

  private ToolsetView noted(Toolset set, String before, String after) {
    audit.note(
        AccountService.current().name(), Audited.SET_UP_CHANGED, before + set.label() + after);
    return ToolsetView.of(set);
  }
}

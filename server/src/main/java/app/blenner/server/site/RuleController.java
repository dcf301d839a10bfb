package app.blenner.server.site;

import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.site.RuleViews.RulesInput;
import app.blenner.server.site.RuleViews.RulesView;
import jakarta.validation.Valid;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the site asks of its items, for Set-up. */
@RestController
@RequestMapping("/editor/api/rules")
class RuleController {
  private final RuleService rules;
  private final AuditService audit;

  RuleController(RuleService rules, AuditService audit) {
    this.rules = rules;
    this.audit = audit;
  }

  @GetMapping
  RulesView rules() {
    return RulesView.of(rules.all());
  }

  @PutMapping
  @Transactional
  RulesView setRules(
      @Valid @RequestBody RulesInput given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the rules", rules());
    rules.set(given.standards());
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, "the rules");
    return rules();
  }
}

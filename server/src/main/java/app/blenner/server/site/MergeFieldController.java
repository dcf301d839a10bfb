package app.blenner.server.site;

import app.blenner.core.merge.DateForm;
import app.blenner.core.merge.MergeField;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The placeholders of the site, for Set-up. */
@RestController
@RequestMapping("/editor/api/merge-fields")
class MergeFieldController {
  record SiteMergeFields(
      @NotNull @Size(max = 200, message = "A site has at most 200 merge fields of its own.")
          List<@NotNull @Valid MergeFieldView> fields)
      implements Revised {}

  /**
   * A placeholder.
   *
   * @param text the words it is filled with, where it is filled with words
   * @param form how a day is written, where it is filled with one
   */
  record MergeFieldView(
      @NotNull String name,
      @NotNull String label,
      @NotNull MergeField.Source source,
      @NotNull String text,
      @NotNull DateForm form) {}

  private final MergeFieldService fields;
  private final AuditService audit;

  MergeFieldController(MergeFieldService fields, AuditService audit) {
    this.fields = fields;
    this.audit = audit;
  }

  @GetMapping
  SiteMergeFields mergeFields() {
    return new SiteMergeFields(
        fields.all().own().stream()
            .map(f -> new MergeFieldView(f.name(), f.label(), f.source(), f.text(), f.form()))
            .toList());
  }

  @PutMapping
  @Transactional
  SiteMergeFields changeMergeFields(
      @Valid @RequestBody SiteMergeFields given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the merge fields", mergeFields());
    fields.set(
        given.fields.stream()
            .map(f -> new MergeField(f.name, f.label, f.source, f.text, f.form))
            .toList());
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, "the merge fields");
    return mergeFields();
  }
}

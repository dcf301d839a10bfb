package app.blenner.server.site;

import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.reference.References;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The reference links of the site, for Set-up and for the sheet. */
@RestController
@RequestMapping("/editor/api/reference-links")
class ReferenceController {
  /** Reference links in the order in which they hold. */
  record ReferenceLinks(
      @NotNull @Size(max = 50, message = "A site has at most 50 reference links.")
          List<@NotNull @Valid ReferenceLinkView> links)
      implements Revised {
    private List<ReferenceLink> made() {
      return links.stream().map(l -> new ReferenceLink(l.name, l.pattern, l.address)).toList();
    }

    private static ReferenceLinks of(List<ReferenceLink> links) {
      return new ReferenceLinks(
          links.stream()
              .map(l -> new ReferenceLinkView(l.name(), l.pattern(), l.address()))
              .toList());
    }
  }

  record ReferenceLinkView(
      @NotNull @Size(max = 100, message = "A name has at most 100 characters.") String name,
      @NotNull @Size(max = 500, message = "A pattern has at most 500 characters.") String pattern,
      @NotNull @Size(max = 1000, message = "An address has at most 1,000 characters.")
          String address) {}

  /** A text to try reference links on. */
  record Tried(
      @NotNull @Valid ReferenceLinks links,
      @NotNull @Size(max = 20_000, message = "Try a shorter text.") String text) {}

  /** Texts in which the site's codes are to be found. */
  record Looked(
      @NotNull @Size(max = 5000, message = "Too many texts at once.")
          List<@NotNull @Size(max = 200_000, message = "This text is too long.") String> texts) {}

  /** A code in a text: where it stands, what it is, and where it leads to. */
  record FoundReference(int from, int to, String name, String address) {
    private static List<FoundReference> in(References references, String text) {
      return references.findAll(text).stream()
          .map(f -> new FoundReference(f.from(), f.to(), f.name(), f.address().value()))
          .toList();
    }
  }

  private final ReferenceService references;
  private final AuditService audit;
  private final Placing placing;

  ReferenceController(ReferenceService references, AuditService audit, Placing placing) {
    this.placing = placing;
    this.references = references;
    this.audit = audit;
  }

  @GetMapping
  ReferenceLinks referenceLinks() {
    return ReferenceLinks.of(references.all());
  }

  @PutMapping
  @Transactional
  ReferenceLinks changeReferenceLinks(
      @Valid @RequestBody ReferenceLinks given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the reference links", referenceLinks());
    placing.check(Placing.in(references.all()), Placing.in(given.made()));
    references.set(given.made());
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, "the reference links");
    return referenceLinks();
  }

  /** What reference links that are only being made would find. */
  @PostMapping("/tried")
  List<FoundReference> tryReferenceLinks(@Valid @RequestBody Tried given) {
    ReferenceService.check(given.links.made());
    return FoundReference.in(new References(given.links.made()), given.text);
  }

  /** The codes in each of some texts. */
  @PostMapping("/found")
  List<List<FoundReference>> findReferences(@Valid @RequestBody Looked given) {
    References all = new References(references.all());
    return given.texts.stream().map(t -> FoundReference.in(all, t)).toList();
  }
}

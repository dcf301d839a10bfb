package app.blenner.server.site;

import app.blenner.core.embed.EmbedHost;
import app.blenner.core.signoff.Right;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import app.blenner.server.site.KindViews.SiteView;
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

/** The site's name and what it has to do with others, for the editor. */
@RestController
@RequestMapping("/editor/api/site")
class SiteController {
  record SiteName(
      @NotNull @Size(max = 200, message = "The name has at most 200 characters.") String name,
      @NotNull @Size(max = 500, message = "The line has at most 500 characters.") String tagline,
      @NotNull String language,
      @Size(max = 250, message = "The address has at most 250 characters.") String address) {}

  private final SiteService sites;
  private final ExternalService external;
  private final AuditService audit;

  SiteController(SiteService sites, ExternalService external, AuditService audit) {
    this.audit = audit;
    this.sites = sites;
    this.external = external;
  }

  @GetMapping
  SiteView site() {
    return SiteView.of(sites.site(), sites.guessed());
  }

  @PutMapping
  @Transactional
  SiteView name(
      @Valid @RequestBody SiteName given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the name of the site", site());
    sites.name(given.name, given.tagline, given.language);
    if (given.address != null) {
      sites.address(given.address);
    }
    note("the name of the site");
    return SiteView.of(sites.site(), sites.guessed());
  }

  /** The hosts of embeds, where messages of visitors go, and where texts may be fetched from. */
  record ExternalSettings(
      @NotNull List<@NotNull @Valid HostInput> hosts,
      @NotNull String contactAddress,
      @NotNull List<@NotNull String> fetchHosts)
      implements Revised {}

  record HostInput(
      @NotNull String host, @NotNull String name, @NotNull String page, @NotNull String frame) {}

  @GetMapping("/external")
  ExternalSettings external() {
    List<HostInput> hosts =
        external.embedHosts().stream()
            .map(h -> new HostInput(h.host(), h.name(), h.page(), h.frame()))
            .toList();
    return new ExternalSettings(hosts, external.contactAddress(), external.fetchHosts());
  }

  @PutMapping("/external")
  @Transactional
  ExternalSettings external(
      @Valid @RequestBody ExternalSettings given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("what the site has to do with others", external());
    try {
      external.change(
          given.hosts.stream().map(h -> new EmbedHost(h.host, h.name, h.page, h.frame)).toList(),
          given.contactAddress,
          given.fetchHosts);
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
    note("hosts, and the address for messages");
    return external();
  }

  private void note(String what) {
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, what);
  }
}

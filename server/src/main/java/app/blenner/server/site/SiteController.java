package app.blenner.server.site;

import app.blenner.core.embed.EmbedHost;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.Topic;
import app.blenner.server.account.AccountService;
import app.blenner.server.problem.Problem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The site's name and sections, for the editor. */
@RestController
@RequestMapping("/editor/api/site")
class SiteController {
  record SiteName(
      @NotNull @Size(max = 200, message = "The name has at most 200 characters.") String name,
      @NotNull @Size(max = 500, message = "The line has at most 500 characters.") String tagline,
      @NotNull String language) {}

  record SectionInput(
      @NotNull @Size(max = 200, message = "The name has at most 200 characters.") String name,
      @NotNull @Size(max = 1000, message = "The description has at most 1000 characters.")
          String description,
      @NotNull @Size(max = 100, message = "A section has at most 100 topics.")
          List<@NotNull @Valid TopicInput> topics) {}

  /** A topic; a new one has no short name yet. */
  record TopicInput(
      @NotNull String slug,
      @NotNull @Size(max = 200, message = "The name of a topic has at most 200 characters.")
          String name) {}

  private final SiteService sites;
  private final SectionService sections;
  private final ExternalService external;

  SiteController(SiteService sites, SectionService sections, ExternalService external) {
    this.sites = sites;
    this.sections = sections;
    this.external = external;
  }

  @GetMapping
  Site site() {
    return sites.site();
  }

  @PutMapping
  Site name(@Valid @RequestBody SiteName given) {
    editorsOnly();
    sites.name(given.name, given.tagline, given.language);
    return sites.site();
  }

  @PostMapping("/sections")
  Section add(@Valid @RequestBody SectionInput given) {
    editorsOnly();
    return sections.add(given.name, given.description, topics(given));
  }

  @PutMapping("/sections/{slug}")
  Section change(@PathVariable String slug, @Valid @RequestBody SectionInput given) {
    editorsOnly();
    return sections.change(slug, given.name, given.description, topics(given));
  }

  private static List<Topic> topics(SectionInput given) {
    return given.topics.stream().map(t -> new Topic(t.slug, t.name)).toList();
  }

  /** The hosts of embeds, where messages of visitors go, and where texts may be fetched from. */
  record ExternalSettings(
      @NotNull List<HostInput> hosts,
      @NotNull String contactAddress,
      @NotNull List<String> fetchHosts) {}

  record HostInput(
      @NotNull String host, @NotNull String name, @NotNull String page, @NotNull String frame) {}

  @GetMapping("/external")
  ExternalSettings external() {
    List<HostInput> hosts =
        external.embedHosts().stream()
            .map(h -> new HostInput(h.host(), h.name(), h.page(), h.frame()))
            .toList();
    return new ExternalSettings(hosts, external.contactAddress(), external.fetchPolicy().hosts());
  }

  @PutMapping("/external")
  ExternalSettings external(@Valid @RequestBody ExternalSettings given) {
    editorsOnly();
    try {
      external.embedHosts(
          given.hosts.stream().map(h -> new EmbedHost(h.host, h.name, h.page, h.frame)).toList());
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
    external.contactAddress(given.contactAddress);
    external.fetchHosts(given.fetchHosts);
    return external();
  }

  private static void editorsOnly() {
    AccountService.editorsOnly("Only an editor can change the site’s set-up.");
  }
}

package app.blenner.server.intake;

import app.blenner.core.embed.EmbedHost;
import app.blenner.core.embed.Embedding;
import app.blenner.core.embed.PageTitle;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.server.site.ExternalService;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Asks hosts whose things may be shown what one of them is called. */
@RestController
class EmbedController {
  /** Somebody waits for it, and can say it themselves. */
  private static final WebFetcher.Sort PAGE =
      new WebFetcher.Sort(
          "the page",
          "text/html,application/xhtml+xml",
          2_000_000,
          "text/html|application/xhtml\\+xml",
          "This address holds no page.",
          4);

  /** The title of a thing; empty where its host does not tell it. */
  record Title(String title) {}

  private final WebFetcher web;
  private final ExternalService external;
  private final List<FrameTitles> own;

  EmbedController(WebFetcher web, ExternalService external, List<FrameTitles> own) {
    this.web = web;
    this.external = external;
    this.own = own;
  }

  @GetMapping("/editor/api/intake/embed-title")
  Title title(@RequestParam String given) {
    List<EmbedHost> hosts = external.embedHosts();
    Embedding judged = Embedding.judge(given, hosts);
    if (!judged.problem().isEmpty() || !judged.title().isEmpty()) {
      return new Title(judged.title());
    }
    if (judged.frame().startsWith("/")) {
      return new Title(
          own.stream().flatMap(o -> o.titleOf(judged.frame()).stream()).findFirst().orElse(""));
    }
    try {
      return new Title(
          PageTitle.of(
              web.fetch(
                      judged.address(),
                      external.fetchPolicy(hosts.stream().map(EmbedHost::host).toList()),
                      PAGE,
                      PageFetcher::htmlOf)
                  .found()));
    } catch (UnreadableFileException | IllegalArgumentException e) {
      // Whoever puts it in is asked for its title instead.
      return new Title("");
    }
  }
}

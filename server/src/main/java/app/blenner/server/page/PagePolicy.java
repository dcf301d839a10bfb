package app.blenner.server.page;

import app.blenner.core.embed.EmbedHost;
import app.blenner.server.change.OnChange;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.SiteChanged;
import jakarta.servlet.http.HttpServletResponse;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The headers of every page that readers see, and of a proof of one. */
@Component
class PagePolicy {
  private static final String POLICY =
      "default-src 'none'; img-src 'self' https: http:; media-src 'self'; font-src 'self';"
          + " style-src 'self' 'unsafe-inline'; connect-src 'self'; base-uri 'none'; form-action 'self';"
          + " frame-ancestors 'self'; frame-src 'self'";

  private final ExternalService external;
  private volatile String policy;

  PagePolicy(ExternalService external) {
    this.external = external;
  }

  /** Puts the headers on an answer. Frames may come from the hosts on the site's list only. */
  void addHeaders(HttpServletResponse response) {
    response.setContentType("text/html;charset=UTF-8");
    response.setHeader("Content-Security-Policy", policy());
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "strict-origin-when-cross-origin");
  }

  private String policy() {
    String now = policy;
    if (now == null) {
      now =
          external.embedHosts().stream()
              .map(EmbedHost::frameOrigin)
              .filter(o -> !o.isEmpty())
              .distinct()
              .collect(Collectors.joining(" ", POLICY + " ", ""))
              .strip();
      policy = now;
    }
    return now;
  }

  @OnChange
  void forget(SiteChanged changed) {
    policy = null;
  }
}

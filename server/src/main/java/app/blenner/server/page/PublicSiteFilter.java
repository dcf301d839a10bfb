package app.blenner.server.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Sends the pages of the public site, before anything that only the editor needs. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PublicSiteFilter extends HttpFilter {
  static final String POLICY =
      "default-src 'none'; img-src 'self' https: http:; media-src 'self'; font-src 'self';"
          + " style-src 'self' 'unsafe-inline'; base-uri 'none'; form-action 'self';"
          + " frame-ancestors 'self'";

  private final transient PageCache cache;

  PublicSiteFilter(PageCache cache) {
    this.cache = cache;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    String path = request.getRequestURI();
    boolean reads = request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
    if (!reads || PublicPages.isOurs(path)) {
      chain.doFilter(request, response);
      return;
    }
    if (path.length() > 1 && path.endsWith("/")) {
      response.setStatus(HttpServletResponse.SC_MOVED_PERMANENTLY);
      response.setHeader("Location", path.replaceAll("^/+", "/").replaceAll("/+$", ""));
      return;
    }
    send(cache.page(path), request, response);
  }

  private static void send(
      PageCache.Ready page, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    response.setHeader("Cache-Control", "no-cache");
    if (!page.location().isEmpty()) {
      response.setStatus(page.status());
      response.setHeader("Location", page.location());
      return;
    }
    response.setHeader("ETag", page.tag());
    if (page.status() == 200 && page.tag().equals(request.getHeader("If-None-Match"))) {
      response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
      return;
    }
    response.setStatus(page.status());
    headers(response);
    response.setContentLength(page.body().length);
    response.getOutputStream().write(page.body());
  }

  /** The headers of every page that readers see, and of a proof of one. */
  static void headers(HttpServletResponse response) {
    response.setContentType("text/html;charset=UTF-8");
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "strict-origin-when-cross-origin");
  }
}

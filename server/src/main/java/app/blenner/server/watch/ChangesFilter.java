package app.blenner.server.watch;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Tells how often the site's set-up has changed, and the latest revision of an item that somebody has open, and nothing else:
 * two numbers, of which the second is -1 where nothing is known. It stands before everything that looks at a session: each
 * open bench asks every moment, and nobody shall stay signed in by that.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ChangesFilter extends OncePerRequestFilter {
  static final String PATH = "/editor/changes";

  private final ChangeCounter changes;
  private final RevisionMemory revisions;

  ChangesFilter(ChangeCounter changes, RevisionMemory revisions) {
    this.changes = changes;
    this.revisions = revisions;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("GET") || !request.getRequestURI().equals(PATH);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setContentType("text/plain;charset=UTF-8");
    response.setHeader("Cache-Control", "no-store");
    response.setHeader("X-Content-Type-Options", "nosniff");
    String item = request.getParameter("item");
    long revision = item == null ? -1 : revisions.latest(item);
    response.getWriter().print(changes.count() + " " + revision);
  }
}

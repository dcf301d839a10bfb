package app.blenner.server.site;

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
 * Tells how often the site's set-up has changed, and nothing else. It stands before everything that looks at a session: each
 * open bench asks every moment, and nobody shall stay signed in by that.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ChangesFilter extends OncePerRequestFilter {
  static final String PATH = "/editor/changes";

  private final ChangeCounter changes;

  ChangesFilter(ChangeCounter changes) {
    this.changes = changes;
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
    response.getWriter().print(changes.count());
  }
}

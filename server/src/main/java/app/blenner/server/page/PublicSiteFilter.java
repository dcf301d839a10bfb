package app.blenner.server.page;

import app.blenner.server.account.CurrentReader;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Sends the pages of the public site, before anything that only the editor needs. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PublicSiteFilter extends HttpFilter {
  private static final Pattern PAGE = Pattern.compile("(?:^|&)page=([1-9][0-9]{0,5})(?:&|$)");

  private final transient PageCache cache;
  private final transient PagePolicy policy;
  private final transient CurrentReader readers;

  PublicSiteFilter(PageCache cache, PagePolicy policy, CurrentReader readers) {
    this.readers = readers;
    this.cache = cache;
    this.policy = policy;
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
    PageCache.Ready page = cache.pageAt(path, numberOf(request));
    String name = page.isPersonal() ? readers.nameOf(request).orElse("") : "";
    if (page.isPersonal()) {
      response.setHeader("Vary", "Cookie");
    }
    if (name.isEmpty()) {
      send(page, request, response);
    } else {
      sendTo(name, page, response);
    }
  }

  /** Which page of several is asked for; what is no such number asks for the first. */
  private static int numberOf(HttpServletRequest request) {
    String query = request.getQueryString();
    if (query == null) {
      return 1;
    }
    Matcher asked = PAGE.matcher(query);
    return asked.find() ? Integer.parseInt(asked.group(1)) : 1;
  }

  /** A page for one reader alone, which nobody keeps. */
  private void sendTo(String name, PageCache.Ready page, HttpServletResponse response)
      throws IOException {
    String html = ReaderName.putInto(new String(cache.body(page), StandardCharsets.UTF_8), name);
    byte[] body = html.getBytes(StandardCharsets.UTF_8);
    response.setHeader("Cache-Control", "private, no-store");
    response.setStatus(page.status());
    policy.addHeaders(response);
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
  }

  private void send(PageCache.Ready page, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    response.setHeader("Cache-Control", "no-cache");
    if (!page.location().isEmpty()) {
      response.setStatus(page.status());
      response.setHeader("Location", page.location());
      return;
    }
    boolean packed = Gzip.isTaken(request.getHeader("Accept-Encoding"));
    String tag = packed ? page.packedTag() : page.tag();
    response.setHeader("ETag", tag);
    response.addHeader("Vary", "Accept-Encoding");
    if (page.status() == 200 && tag.equals(request.getHeader("If-None-Match"))) {
      response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
      return;
    }
    response.setStatus(page.status());
    policy.addHeaders(response);
    byte[] body = packed ? page.packed() : cache.body(page);
    if (packed) {
      response.setHeader("Content-Encoding", "gzip");
    }
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
  }
}

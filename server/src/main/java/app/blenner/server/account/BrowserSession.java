package app.blenner.server.account;

import jakarta.servlet.SessionCookieConfig;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/**
 * The cookie of a browser, which holds nothing but the secret of its sign-in. The server keeps the secret's hash in the
 * database, and nothing of it in memory, so that a restart signs nobody out.
 */
final class BrowserSession {
  private BrowserSession() {}

  /** The secret of the sign-in; null where there is none. */
  static String secretOf(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      String name = settings(request).getName();
      for (Cookie cookie : cookies) {
        if (cookie.getName().equals(name) && !cookie.getValue().isEmpty()) {
          return cookie.getValue();
        }
      }
    }
    return null;
  }

  /** Begins one with another secret, whatever there was before; it lasts until the browser is closed. */
  static void begin(HttpServletRequest request, HttpServletResponse response, String secret) {
    send(request, response, secret, -1);
  }

  static void end(HttpServletRequest request, HttpServletResponse response) {
    send(request, response, "", 0);
  }

  private static void send(
      HttpServletRequest request, HttpServletResponse response, String secret, long seconds) {
    SessionCookieConfig settings = settings(request);
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(settings.getName(), secret)
            .httpOnly(true)
            .secure(settings.isSecure() || request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(seconds)
            .build()
            .toString());
  }

  /** Name and safety of the cookie are set at the start. */
  private static SessionCookieConfig settings(HttpServletRequest request) {
    return request.getServletContext().getSessionCookieConfig();
  }
}

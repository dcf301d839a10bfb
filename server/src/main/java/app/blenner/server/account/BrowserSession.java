package app.blenner.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;

/**
 * The session of a browser, which holds nothing but the secret of its sign-in. Another request of the same browser can end it
 * at any moment, and does when somebody signs out while a page is still asking; it is then as if there had been none.
 */
final class BrowserSession {
  private static final String SECRET = "blenner.signIn";

  private BrowserSession() {}

  /** The secret of the sign-in; null where there is none. */
  static String secretOf(HttpServletRequest request) {
    try {
      HttpSession session = request.getSession(false);
      return session == null ? null : (String) session.getAttribute(SECRET);
    } catch (IllegalStateException ended) {
      return null;
    }
  }

  /** Begins one under another number, whatever there was before. */
  static void begin(HttpServletRequest request, String secret) {
    end(request);
    request.getSession(true).setAttribute(SECRET, secret);
  }

  static void end(HttpServletRequest request) {
    try {
      HttpSession session = request.getSession(false);
      if (session != null) {
        session.invalidate();
      }
    } catch (IllegalStateException ended) {
      // Another request did it.
    }
  }
}

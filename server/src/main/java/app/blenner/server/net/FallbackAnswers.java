package app.blenner.server.net;

import app.blenner.core.site.ErrorPage;
import app.blenner.server.problem.ProblemJson;
import app.blenner.server.problem.RequestNumber;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.MediaType;

/** What is answered where no page and no controller answers: problem details to programs, a page to people. */
final class FallbackAnswers {
  private FallbackAnswers() {}

  /** Answers with a status and a sentence. */
  static void send(
      HttpServletRequest request, HttpServletResponse response, int status, String sentence)
      throws IOException {
    response.setStatus(status);
    response.setHeader("Cache-Control", "no-store");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'");
    byte[] body;
    if (wantsProblem(request)) {
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      body = ProblemJson.of(status, sentence, Map.of());
    } else {
      response.setContentType("text/html;charset=UTF-8");
      String number = String.valueOf(request.getAttribute(RequestNumber.NAME));
      body = ErrorPage.of(status, sentence, number).getBytes(StandardCharsets.UTF_8);
    }
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
  }

  /** The sentence for an error that says no more than its status. */
  static String sentence(int status) {
    return switch (status) {
      case 400 -> "This address or request is not written as it must be.";
      case 401 -> "Sign in to go on.";
      case 403 -> "You may not do this.";
      case 404 -> "There is nothing at this address.";
      case 405 -> "This address cannot be asked in this way.";
      case 413 -> "This is more than can be sent at once.";
      case 414, 431 -> "This address, or what was sent with it, is too long.";
      case 501 -> "The server does not know how this request is packed.";
      case 503 -> "The server is busy or starting. Please try again in a moment.";
      default ->
          status >= 500
              ? "Blenner made a mistake. Please try again."
              : "This could not be done as it was asked.";
    };
  }

  private static boolean wantsProblem(HttpServletRequest request) {
    String path = String.valueOf(asked(request));
    String accept = String.valueOf(request.getHeader("Accept"));
    return path.startsWith("/editor/api") || accept.contains("json");
  }

  /** The address that was asked for, also where the container has sent the request on to its error page. */
  private static String asked(HttpServletRequest request) {
    Object before = request.getAttribute("jakarta.servlet.error.request_uri");
    return before == null ? request.getRequestURI() : before.toString();
  }
}

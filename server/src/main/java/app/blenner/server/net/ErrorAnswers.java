package app.blenner.server.net;

import app.blenner.server.problem.Problem;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where the servlet container sends a request that failed. Asked for by itself, it is not a page of the site. */
@Controller
class ErrorAnswers implements ErrorController {
  /** In seconds. */
  private static final String RETRY_AFTER = "10";

  @RequestMapping("/error")
  void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
    Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    int code = status instanceof Integer i && i >= 400 ? i : HttpServletResponse.SC_NOT_FOUND;
    Object failure = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
    if (failure instanceof Throwable thrown && Problem.isDatabaseAway(thrown)) {
      response.setHeader("Retry-After", RETRY_AFTER);
      FallbackAnswers.send(
          request,
          response,
          HttpServletResponse.SC_SERVICE_UNAVAILABLE,
          Problem.ofDatabase(thrown));
      return;
    }
    FallbackAnswers.send(request, response, code, FallbackAnswers.sentence(code));
  }
}

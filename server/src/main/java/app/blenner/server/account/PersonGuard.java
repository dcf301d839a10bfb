package app.blenner.server.account;

import app.blenner.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Keeps a window from working under another name than it was opened with. A browser has one session for all its windows:
 * where somebody else signed in in one of them, what the others send would be theirs. So a window says whose it is, and
 * what does not fit is refused, with who is signed in.
 */
@Configuration
class PersonGuard implements WebMvcConfigurer, HandlerInterceptor {
  /** Says whose window sends a request: the number of the account. */
  static final String HEADER = "X-Blenner-Person";

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(this)
        .addPathPatterns("/editor/api/**")
        .excludePathPatterns("/editor/api/session/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    String whose = request.getHeader(HEADER);
    if (whose == null || whose.isEmpty() || request.getMethod().equals("GET")) {
      return true;
    }
    Account signedIn = AccountService.current();
    if (!whose.equals(String.valueOf(signedIn.id()))) {
      throw Problem.conflict(
          "In this browser " + signedIn.name() + " is signed in now. Nothing was changed.",
          Map.of("signedInAs", signedIn.name()));
    }
    return true;
  }
}

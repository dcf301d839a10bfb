package app.blenner.server.net;

import app.blenner.core.document.CancellationToken;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Work on texts ends when nobody waits for it, or after half a minute, which nobody waits for. */
@Configuration
class WorkLimit implements WebMvcConfigurer, HandlerInterceptor {
  /** The name of a request's attribute with what finds out whether somebody waits. */
  static final String PRESENCE = "blenner.presence";

  private static final long MILLIS = 30_000;

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(this)
        .addPathPatterns("/editor/api/intake/**", "/editor/api/writing/**", "/editor/api/items/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    BooleanSupplier[] found = new BooleanSupplier[1];
    CancellationToken.begin(
        MILLIS,
        () -> {
          if (found[0] == null) {
            found[0] = presence(request);
          }
          return found[0].getAsBoolean();
        });
    return true;
  }

  @SuppressWarnings("unchecked")
  private static BooleanSupplier presence(HttpServletRequest request) {
    Object finder = request.getAttribute(PRESENCE);
    return finder == null ? () -> true : ((Supplier<BooleanSupplier>) finder).get();
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
    CancellationToken.end();
  }
}
